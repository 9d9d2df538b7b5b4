package onebeat.core.film;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;

/// Counts what followed what: to each thing that the one did, what the other did next ([Sightings] says what
/// counts).
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

    /// The habits of `who` in these exchanges, the stimulus seen most often first. Lines that cannot be
    /// read are left out.
    public static List<After> of(Collection<Exchange> exchanges, Who who, Vocabulary vocabulary) {
        Behind behind = new Behind();
        Sightings.each(
                exchanges,
                who,
                vocabulary,
                pair -> behind.ids(pair.stimulus(), pair.response()),
                (exchange, ids) -> ids.add(exchange.id()));
        return sorted(behind);
    }

    /// The habits in these sightings.
    public static List<After> of(List<Sighting> sightings) {
        Behind behind = new Behind();
        for (Sighting one : sightings) {
            behind.ids(one.stimulus(), one.response()).add(one.exchange().id());
        }
        return sorted(behind);
    }

    /// The ids of the exchanges behind each response to each stimulus.
    private record Behind(Map<String, Map<String, List<String>>> counts) {

        Behind() {
            this(new TreeMap<>());
        }

        List<String> ids(String stimulus, String response) {
            return counts.computeIfAbsent(stimulus, _ -> new LinkedHashMap<>())
                    .computeIfAbsent(response, _ -> new ArrayList<>());
        }
    }

    private static List<After> sorted(Behind behind) {
        List<After> all = new ArrayList<>();
        behind.counts.forEach((stimulus, responses) -> all.add(after(stimulus, responses)));
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
}
