package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.exchange.Constants;

/// A round as it was heard.
///
/// @param placed where the recording lies on it
/// @param tempo beats a minute at which the contacts of its repetitions came; empty where too few were heard
/// @param unevenMs how far contacts lie from an even beat of their own repetition, in milliseconds: the standard
///     deviation; empty where too few were heard
/// @param pausesKept how many of the planned pauses within repetitions were left, of those whose contacts were heard
/// @param pauses how many of them there were
public record HeardRound(
        Placement placed,
        List<HeardRepetition> repetitions,
        OptionalDouble tempo,
        OptionalDouble unevenMs,
        int pausesKept,
        int pauses) {

    private static final Constants NUMBERS = Constants.of(RoundPlacing.class, "alignment.csv", "number");
    private static final double PAUSE_KEPT = NUMBERS.get("pause_kept");

    /// A contact may be so late and still be heard as its own, in milliseconds.
    public static final double LATEST_MS = NUMBERS.get("match_most_ms");

    private static final double MS_PER_MINUTE = 60_000;

    /// A gap of so many beats between two contacts of a repetition is a pause.
    private static final double PAUSE_BEATS = 2;

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
        Evenness even = Evenness.of(repetitions);
        int[] pauses = pauses(repetitions, round.beatMs());
        return new HeardRound(placed, repetitions, even.tempo(), even.unevenMs(), pauses[0], pauses[1]);
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

    private static int[] pauses(List<HeardRepetition> repetitions, double beatMs) {
        int kept = 0;
        int all = 0;
        for (HeardRepetition repetition : repetitions) {
            for (int i = 1; i < repetition.contacts().size(); i++) {
                HeardContact before = repetition.contacts().get(i - 1);
                HeardContact after = repetition.contacts().get(i);
                double planned = after.planned().ms() - before.planned().ms();
                if (planned >= PAUSE_BEATS * beatMs
                        && before.heardMs().isPresent()
                        && after.heardMs().isPresent()) {
                    all++;
                    kept += after.heardMs().get() - before.heardMs().get() >= PAUSE_KEPT * planned ? 1 : 0;
                }
            }
        }
        return new int[] {kept, all};
    }

    /// The same round where some of it was heard in another stretch: what was heard later comes in the place of
    /// what was heard before.
    public HeardRound after(HeardRound before) {
        Map<Integer, HeardRepetition> all = new TreeMap<>();
        before.repetitions.forEach(one -> all.put(one.number(), one));
        repetitions.forEach(one -> all.put(one.number(), one));
        return new HeardRound(placed, List.copyOf(all.values()), tempo, unevenMs, pausesKept, pauses);
    }

    /// The gaps between feed and answer, in milliseconds and in order.
    public List<Double> oneBeats() {
        return repetitions.stream()
                .flatMap(repetition -> repetition.oneBeatMs().stream())
                .toList();
    }

    /// Repetitions of which nothing was heard.
    public int skipped() {
        return (int) repetitions.stream().filter(r -> r.judged().isEmpty()).count();
    }

    /// How even contacts come, and how fast.
    private record Evenness(OptionalDouble tempo, OptionalDouble unevenMs) {

        private static final int LEAST_HEARD = 3;

        /// In each repetition a line through beats and times; slopes and what is left over are taken together.
        static Evenness of(List<HeardRepetition> repetitions) {
            double xx = 0;
            double xy = 0;
            double yy = 0;
            int free = 0;
            for (HeardRepetition repetition : repetitions) {
                List<HeardContact> heard = repetition.contacts().stream()
                        .filter(c -> c.heardMs().isPresent())
                        .toList();
                if (heard.size() < LEAST_HEARD) {
                    continue;
                }
                double meanX = heard.stream()
                        .mapToDouble(c -> c.planned().beat())
                        .average()
                        .orElse(0);
                double meanY = heard.stream()
                        .mapToDouble(c -> c.heardMs().orElse(0.0))
                        .average()
                        .orElse(0);
                for (HeardContact contact : heard) {
                    double x = contact.planned().beat() - meanX;
                    double y = contact.heardMs().orElse(0.0) - meanY;
                    xx += x * x;
                    xy += x * y;
                    yy += y * y;
                }
                free += heard.size() - 1;
            }
            if (xx == 0 || free < 2 || xy <= 0) {
                return new Evenness(OptionalDouble.empty(), OptionalDouble.empty());
            }
            double slope = xy / xx;
            double left = Math.max(0, yy - slope * xy);
            return new Evenness(
                    OptionalDouble.of(MS_PER_MINUTE / slope), OptionalDouble.of(Math.sqrt(left / (free - 1))));
        }
    }
}
