package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/// Sequences: what the opponent did after two or three things that followed one another in one exchange.
///
/// @param stimuli the things done, in order
/// @param response what the opponent did after the last of them
/// @param share of all sightings of the same things in the same order
/// @param exchanges the ids of the exchanges behind the count
public record Runs(List<String> stimuli, String response, Share share, List<String> exchanges) {

    public Runs {
        stimuli = List.copyOf(stimuli);
        exchanges = List.copyOf(exchanges);
    }

    /// The runs of this length, the one seen most often first. Between two of them each has to have been
    /// answered, so that none was left out.
    ///
    /// @param length 2 or 3
    public static List<Runs> of(List<Sighting> sightings, int length) {
        Map<List<String>, Map<String, List<String>>> counts = new LinkedHashMap<>();
        for (int i = length - 1; i < sightings.size(); i++) {
            List<Sighting> run = sightings.subList(i - length + 1, i + 1);
            if (isOne(run)) {
                counts.computeIfAbsent(run.stream().map(Sighting::stimulus).toList(), _ -> new LinkedHashMap<>())
                        .computeIfAbsent(run.getLast().response(), _ -> new ArrayList<>())
                        .add(run.getLast().exchange().id());
            }
        }
        List<Runs> all = new ArrayList<>();
        counts.forEach((stimuli, responses) -> {
            int seen = responses.values().stream().mapToInt(List::size).sum();
            responses.forEach((response, ids) -> all.add(new Runs(stimuli, response, Share.of(ids.size(), seen), ids)));
        });
        all.sort(Comparator.comparingInt((Runs r) -> r.share.of())
                .reversed()
                .thenComparingInt(r -> -r.share.n())
                .thenComparing(r -> String.join(" ", r.stimuli) + r.response));
        return all;
    }

    private static boolean isOne(List<Sighting> run) {
        for (int i = 1; i < run.size(); i++) {
            boolean next =
                    run.get(i).exchange().id().equals(run.get(i - 1).exchange().id())
                            && run.get(i).beat() == run.get(i - 1).beat() + 1;
            if (!next) {
                return false;
            }
        }
        return true;
    }

    /// The things done, as words.
    public String words() {
        return stimuli.stream().collect(Collectors.joining(" "));
    }
}
