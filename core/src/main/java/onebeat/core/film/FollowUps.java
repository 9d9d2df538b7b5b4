package onebeat.core.film;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.exchange.Intent;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Beat;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
import onebeat.core.play.Way;
import onebeat.core.play.Who;

/// Counts what followed what: to each thing that the one did, what the other did next.
///
/// A stimulus is one beat of the one (level and feint kept, intent dropped); the response is the first thing that the
/// other does on it or after it, before the one's next beat. `none` counts as a response where it was written; a line
/// that just ends was not noted, and such endings are left out of the count.
public final class FollowUps {

    /// One response to a stimulus.
    ///
    /// @param exchanges the ids of the exchanges behind the count, in the order seen
    public record FollowUp(String response, Share share, List<String> exchanges) {

        public FollowUp {
            exchanges = List.copyOf(exchanges);
        }
    }

    /// A stimulus with its responses, the most frequent first.
    public record After(String stimulus, int seen, List<FollowUp> responses) {

        public After {
            responses = List.copyOf(responses);
        }
    }

    private FollowUps() {}

    /// The habits of `who` in these exchanges, the stimulus seen most often first. Lines that cannot be read are left
    /// out.
    public static List<After> of(Collection<Exchange> exchanges, Who who, Vocabulary vocabulary) {
        Map<String, Map<String, List<String>>> counts = new TreeMap<>();
        for (Exchange exchange : exchanges) {
            if (Notation.read(exchange.line(), vocabulary) instanceof Read read) {
                count(counts, exchange, read, who);
            }
        }
        List<After> all = new ArrayList<>();
        counts.forEach((stimulus, responses) -> all.add(after(stimulus, responses)));
        all.sort(Comparator.comparingInt(After::seen).reversed().thenComparing(After::stimulus));
        return all;
    }

    private static After after(String stimulus, Map<String, List<String>> responses) {
        int seen = responses.values().stream().mapToInt(List::size).sum();
        List<FollowUp> sorted = responses.entrySet().stream()
                .map(e -> new FollowUp(e.getKey(), Share.of(e.getValue().size(), seen), e.getValue()))
                .sorted(Comparator.comparingInt((FollowUp f) -> f.share().n())
                        .reversed()
                        .thenComparing(FollowUp::response))
                .toList();
        return new After(stimulus, seen, sorted);
    }

    private static void count(Map<String, Map<String, List<String>>> counts, Exchange exchange, Read read, Who who) {
        Way way = Placing.ways(read.line(), exchange.pairing()).getFirst();
        Map<Beat, List<Placed>> beats = new TreeMap<>();
        way.actions().stream()
                .filter(p -> p.who() == who.other() && !p.technique().isReaction())
                .forEach(p ->
                        beats.computeIfAbsent(p.beat(), _ -> new ArrayList<>()).add(p));
        List<Map.Entry<Beat, List<Placed>>> order = new ArrayList<>(beats.entrySet());
        for (int i = 0; i < order.size(); i++) {
            List<Placed> stimulus = order.get(i).getValue();
            Optional<Placed> next = i + 1 < order.size()
                    ? Optional.of(order.get(i + 1).getValue().getFirst())
                    : Optional.empty();
            response(way, who, stimulus.getFirst(), next)
                    .ifPresent(r -> counts.computeIfAbsent(words(stimulus), _ -> new LinkedHashMap<>())
                            .computeIfAbsent(r, _ -> new ArrayList<>())
                            .add(exchange.id()));
        }
    }

    /// The first thing the other does on the stimulus or after it, before the one's next beat. What he throws on that
    /// beat comes before it where the one only meets it.
    private static Optional<String> response(Way way, Who who, Placed stimulus, Optional<Placed> next) {
        return way.actions().stream()
                .filter(p -> p.who() == who && p.index() > stimulus.index())
                .filter(p -> p.beat().compareTo(stimulus.beat()) >= 0)
                .filter(p -> next.isEmpty() || isBefore(p, next.get()))
                .min(Comparator.comparing(Placed::beat).thenComparingInt(Placed::index))
                .map(p -> words(List.of(p)));
    }

    private static boolean isBefore(Placed one, Placed next) {
        int byBeat = one.beat().compareTo(next.beat());
        return byBeat < 0 || (byBeat == 0 && one.index() < next.index());
    }

    private static String words(List<Placed> actions) {
        return actions.stream()
                .map(p -> {
                    Act act = p.act();
                    return Notation.print(
                            new Act(act.feint(), act.technique(), act.level(), Intent.NORMAL, act.span()));
                })
                .collect(Collectors.joining("+"));
    }
}
