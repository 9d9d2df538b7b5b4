package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.exchange.Constants;

/// A round as it was heard.
///
/// @param placed where the recording lies on it
public record HeardRound(Placement placed, List<HeardRepetition> repetitions) {

    private static final Constants NUMBERS = Constants.of(RoundPlacing.class, "alignment.csv", "number");

    /// A contact may be so late and still be heard as its own, in milliseconds.
    public static final double LATEST_MS = NUMBERS.get("match_most_ms");

    public HeardRound {
        repetitions = List.copyOf(repetitions);
    }

    /// Hears a round in a recording that is placed on it.
    ///
    /// @param onsets what was heard in the recording, in time
    /// @param seconds how long the recording is; repetitions that lie outside are left out
    public static HeardRound of(PlannedRound round, List<Onset> onsets, Placement placed, double seconds) {
        List<ContactAlignment.Hit> hits = new HitsOfRound(round, onsets, placed).hits();
        double fromMs = placed.plannedMs(0);
        double toMs = placed.plannedMs(seconds * 1000);
        List<PlannedContact> inside = round.contacts().stream()
                .filter(c -> c.ms() >= fromMs && c.ms() <= toMs)
                .toList();
        var byRepetition = new TreeMap<>(ContactAlignment.of(inside, hits).stream()
                .collect(Collectors.groupingBy(c -> c.planned().repetition())));
        List<HeardRepetition> repetitions = new ArrayList<>();
        byRepetition.forEach((number, contacts) -> {
            if (contacts.size() == round.of(number).size()) {
                repetitions.add(RepetitionHearing.of(round, number, contacts, extra(contacts, hits), placed));
            }
        });
        return new HeardRound(placed, repetitions);
    }

    /// Hits about the time of a repetition that none of its contacts was heard as.
    private static long extra(List<HeardContact> contacts, List<ContactAlignment.Hit> hits) {
        double from = contacts.getFirst().planned().ms() - AROUND_MS;
        double to = contacts.getLast().planned().ms() + AROUND_MS;
        return hits.stream()
                .filter(hit -> hit.ms() > from && hit.ms() < to)
                .filter(hit -> contacts.stream()
                        .noneMatch(c -> c.onset().filter(hit.onset()::equals).isPresent()))
                .count();
    }

    private static final double AROUND_MS = 400;

    /// The same round where some of it was heard in another stretch: what was heard later comes in the place of
    /// what was heard before.
    public HeardRound after(HeardRound before) {
        Map<Integer, HeardRepetition> all = new TreeMap<>();
        before.repetitions.forEach(one -> all.put(one.number(), one));
        repetitions.forEach(one -> all.put(one.number(), one));
        return new HeardRound(placed, List.copyOf(all.values()));
    }
}
