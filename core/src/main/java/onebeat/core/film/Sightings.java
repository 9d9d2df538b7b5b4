package onebeat.core.film;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import onebeat.core.exchange.Pairing;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Beat;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
import onebeat.core.play.Way;
import onebeat.core.play.Who;

/// Reads exchanges for what followed what.
///
/// A stimulus is one beat of the one (level and feint kept, intent dropped); the response is the first
/// thing that the other does on it or after it, before the one's next beat. `none` counts as a response
/// where it was written; a line that just ends was not noted, and such endings are left out. Lines come
/// again and again on film, so each is read once.
public final class Sightings {

    /// What followed what in a line, wherever it was seen.
    record Pair(int beat, String stimulus, String response, Placed shown, Placed answered) {}

    private final Who who;
    private final Vocabulary vocabulary;

    private Sightings(Who who, Vocabulary vocabulary) {
        this.who = who;
        this.vocabulary = vocabulary;
    }

    /// What `who` did after what the other did, in the order of the exchanges. Lines that cannot be read are
    /// left out.
    public static List<Sighting> of(Collection<Exchange> exchanges, Who who, Vocabulary vocabulary) {
        List<Sighting> all = new ArrayList<>();
        each(
                exchanges,
                who,
                vocabulary,
                pair -> pair,
                (exchange, pair) -> all.add(
                        new Sighting(exchange, pair.beat, pair.stimulus, pair.response, pair.shown, pair.answered)));
        return all;
    }

    /// Goes through what `who` did after what the other did, in the order of the exchanges.
    ///
    /// @param known asked once for what followed what in a line, however often the line was seen
    /// @param seen  told of each time, with what `known` had answered
    static <T> void each(
            Collection<Exchange> exchanges,
            Who who,
            Vocabulary vocabulary,
            Function<Pair, T> known,
            BiConsumer<Exchange, T> seen) {
        Sightings reading = new Sightings(who, vocabulary);
        Map<Pairing, Map<String, List<T>>> byLine = new EnumMap<>(Pairing.class);
        for (Exchange exchange : exchanges) {
            Pairing pairing = exchange.pairing();
            byLine.computeIfAbsent(pairing, _ -> new HashMap<>())
                    .computeIfAbsent(
                            exchange.line(),
                            line -> reading.pairs(line, pairing).stream()
                                    .map(known)
                                    .toList())
                    .forEach(one -> seen.accept(exchange, one));
        }
    }

    /// What `who` did after each own strike of theirs, in the order of the exchanges: the next thing on a later
    /// beat of the same exchange. What ends an exchange is left out, since what came then was not noted.
    public static List<Sighting> ofOwn(Collection<Exchange> exchanges, Who who, Vocabulary vocabulary) {
        List<Sighting> all = new ArrayList<>();
        for (Exchange exchange : exchanges) {
            if (Notation.read(exchange.line(), vocabulary) instanceof Read read) {
                List<List<Placed>> beats =
                        beats(Placing.ways(read.line(), exchange.pairing()).getFirst(), who);
                for (int i = 0; i + 1 < beats.size(); i++) {
                    Placed shown = beats.get(i).getFirst();
                    Placed next = beats.get(i + 1).getFirst();
                    if (beats.get(i).stream().anyMatch(p -> p.technique().isStrike())) {
                        all.add(new Sighting(exchange, i, words(beats.get(i)), words(beats.get(i + 1)), shown, next));
                    }
                }
            }
        }
        return all;
    }

    /// The beats of one of the two, each with what was done on it.
    private static List<List<Placed>> beats(Way way, Who who) {
        Map<Beat, List<Placed>> beats = new TreeMap<>();
        way.actions().stream()
                .filter(p -> p.who() == who && !p.technique().isReaction())
                .forEach(p ->
                        beats.computeIfAbsent(p.beat(), _ -> new ArrayList<>()).add(p));
        return List.copyOf(beats.values());
    }

    private List<Pair> pairs(String line, Pairing pairing) {
        return Notation.read(line, vocabulary) instanceof Read read
                ? pairs(Placing.ways(read.line(), pairing).getFirst())
                : List.of();
    }

    private List<Pair> pairs(Way way) {
        List<List<Placed>> order = beats(way, who.other());
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            int beat = i;
            List<Placed> stimulus = order.get(i);
            Optional<Placed> next =
                    i + 1 < order.size() ? Optional.of(order.get(i + 1).getFirst()) : Optional.empty();
            response(way, stimulus.getFirst(), next)
                    .ifPresent(answered -> pairs.add(
                            new Pair(beat, words(stimulus), words(List.of(answered)), stimulus.getFirst(), answered)));
        }
        return pairs;
    }

    /// The first thing the other does on the stimulus or after it, before the one's next beat. What the opponent
    /// throws on that beat comes before it where the one only meets it.
    private Optional<Placed> response(Way way, Placed stimulus, Optional<Placed> next) {
        return way.actions().stream()
                .filter(p -> p.who() == who && p.index() > stimulus.index())
                .filter(p -> p.beat().compareTo(stimulus.beat()) >= 0)
                .filter(p -> next.isEmpty() || isBefore(p, next.get()))
                .min(Comparator.comparing(Placed::beat).thenComparingInt(Placed::index));
    }

    private static boolean isBefore(Placed one, Placed next) {
        int byBeat = one.beat().compareTo(next.beat());
        return byBeat < 0 || (byBeat == 0 && one.index() < next.index());
    }

    private static String words(List<Placed> actions) {
        return actions.stream().map(p -> Notation.print(p.act().normal())).collect(Collectors.joining("+"));
    }
}
