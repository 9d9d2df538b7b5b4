package onebeat.core.hearing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import onebeat.core.book.OneBeatGap;
import onebeat.core.exchange.Constants;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;

/// What was heard of a round, summed up.
///
/// @param done repetitions of which something was heard
/// @param skipped those of which nothing was
/// @param contacts how many of their contacts were heard
/// @param planned how many of them are planned
/// @param tempo beats a minute at which contacts came; empty where too few were heard
/// @param unevenMs how far contacts lie from an even beat of their own repetition, in milliseconds: the standard
///     deviation; empty where too few were heard
/// @param gap how long after the feed its first answer came; empty where none was heard
/// @param reactionMs from the cue, a feed or a call, to the athlete's first contact, in milliseconds: the median
/// @param pausesKept how many of the planned pauses within repetitions were left, of those whose contacts were heard
/// @param pauses how many of them there were
/// @param bursts how many hits were heard in each planned burst
public record HeardTotals(
        int done,
        int skipped,
        int contacts,
        int planned,
        OptionalDouble tempo,
        OptionalDouble unevenMs,
        Optional<OneBeatGap> gap,
        OptionalDouble reactionMs,
        int pausesKept,
        int pauses,
        List<Integer> bursts) {

    private static final Constants NUMBERS = Constants.of(RoundPlacing.class, "alignment.csv", "number");
    private static final double PAUSE_KEPT = NUMBERS.get("pause_kept");
    private static final double MS_PER_MINUTE = 60_000;

    /// A gap of so many beats between two contacts of a repetition is a pause.
    private static final double PAUSE_BEATS = 2;

    public HeardTotals {
        bursts = List.copyOf(bursts);
    }

    /// Sums up what was heard of a round.
    public static HeardTotals of(PlannedRound round, HeardRound heard) {
        List<HeardRepetition> all = heard.repetitions();
        int done = (int) all.stream().filter(one -> one.judged().isPresent()).count();
        Evenness even = Evenness.of(all);
        int[] pauses = pauses(all, round.beatMs());
        return new HeardTotals(
                done,
                all.size() - done,
                all.stream().mapToInt(HeardRepetition::heard).sum(),
                all.stream().mapToInt(one -> one.contacts().size()).sum(),
                even.tempo(),
                even.unevenMs(),
                OneBeatGap.of(
                        all.stream().flatMap(one -> one.oneBeatMs().stream()).toList()),
                median(all.stream()
                        .flatMap(one -> one.reactionMs().stream())
                        .sorted()
                        .toList()),
                pauses[0],
                pauses[1],
                bursts(round, all));
    }

    private static OptionalDouble median(List<Double> sorted) {
        int n = sorted.size();
        return n == 0 ? OptionalDouble.empty() : OptionalDouble.of((sorted.get((n - 1) / 2) + sorted.get(n / 2)) / 2);
    }

    private static List<Integer> bursts(PlannedRound round, List<HeardRepetition> all) {
        return round.sounds().stream()
                .filter(sound -> sound.kind() == Event.Kind.BURST)
                .map(burst -> (int) all.stream()
                        .flatMap(one -> one.contacts().stream())
                        .flatMap(contact -> contact.heardMs().stream())
                        .distinct()
                        .filter(ms -> ms >= burst.ms() && ms < burst.ms() + Schedule.BURST_MS)
                        .count())
                .toList();
    }

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

    /// How even contacts come, and how fast.
    record Evenness(OptionalDouble tempo, OptionalDouble unevenMs) {

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
