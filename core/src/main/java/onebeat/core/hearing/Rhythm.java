package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/// The rhythm of any pad work, with no round and no line to hold it against.
///
/// @param hits how many hits were heard
/// @param bursts groups of at least three hits, each within a second of the one before
/// @param burstsPerMinute how many of them came in a minute
/// @param longestPauseS the longest time without a hit, in seconds
/// @param tempo hits a minute within bursts, from the median gap; empty where no two hits are so near
/// @param uneven how far gaps within bursts lie from their median, as a part of it: the median of the deviations;
///     empty where there are fewer than three
public record Rhythm(
        int hits,
        int bursts,
        double burstsPerMinute,
        double longestPauseS,
        OptionalDouble tempo,
        OptionalDouble uneven) {

    private static final double IN_BURST_S = 1;
    private static final int LEAST_IN_BURST = 3;
    private static final double SECONDS_PER_MINUTE = 60;

    /// The rhythm of what was heard.
    ///
    /// @param seconds how long the recording is
    public static Rhythm of(List<Onset> onsets, double seconds) {
        double[] times = onsets.stream()
                .filter(onset -> onset.kind().isHit())
                .mapToDouble(Onset::timeS)
                .sorted()
                .toArray();
        List<Double> gaps = new ArrayList<>();
        int bursts = 0;
        int run = 0;
        double longest = times.length == 0 ? seconds : times[0];
        for (int i = 0; i < times.length; i++) {
            double gap = i == 0 ? Double.MAX_VALUE : times[i] - times[i - 1];
            run = gap <= IN_BURST_S ? run + 1 : 1;
            bursts += run == LEAST_IN_BURST ? 1 : 0;
            if (gap <= IN_BURST_S) {
                gaps.add(gap);
            }
            double next = i + 1 < times.length ? times[i + 1] : seconds;
            longest = Math.max(longest, next - times[i]);
        }
        OptionalDouble usual = median(gaps);
        OptionalDouble off = usual.isPresent() && gaps.size() >= LEAST_IN_BURST
                ? median(gaps.stream()
                        .map(gap -> Math.abs(gap - usual.getAsDouble()) / usual.getAsDouble())
                        .toList())
                : OptionalDouble.empty();
        return new Rhythm(
                times.length,
                bursts,
                seconds > 0 ? bursts * SECONDS_PER_MINUTE / seconds : 0,
                longest,
                usual.isPresent()
                        ? OptionalDouble.of(SECONDS_PER_MINUTE / usual.getAsDouble())
                        : OptionalDouble.empty(),
                off);
    }

    private static OptionalDouble median(List<Double> values) {
        if (values.isEmpty()) {
            return OptionalDouble.empty();
        }
        double[] sorted = values.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        return OptionalDouble.of((sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2);
    }
}
