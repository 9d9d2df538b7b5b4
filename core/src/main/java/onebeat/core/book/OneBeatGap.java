package onebeat.core.book;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/// How long after the feed answers were heard: of a day, of a round.
///
/// @param heard how many were
/// @param medianMs their median, in milliseconds
/// @param lowMs the lower end of its 95 % interval
/// @param highMs the upper end
public record OneBeatGap(int heard, double medianMs, double lowMs, double highMs) {

    /// Two hits that come closer than this are heard as one, in milliseconds: their gap is told as 0.
    public static final double RESOLUTION_MS = 25;

    /// What half the width of the interval is, as a part of the root of the count: 1.96 / 2.
    private static final double HALF = 0.98;

    /// The days on which answers were heard.
    public static SortedMap<LocalDate, OneBeatGap> byDay(Collection<Repetition> repetitions) {
        Map<LocalDate, List<Double>> days = new TreeMap<>();
        for (Repetition one : repetitions) {
            one.oneBeatMs()
                    .ifPresent(ms -> days.computeIfAbsent(one.date(), _ -> new ArrayList<>())
                            .add(ms));
        }
        SortedMap<LocalDate, OneBeatGap> all = new TreeMap<>();
        days.forEach((day, gaps) -> of(gaps).ifPresent(gap -> all.put(day, gap)));
        return all;
    }

    /// The gap of these answers. The interval is that of a median by ranks, whatever the gaps' distribution is
    /// (Conover 1999, Practical Nonparametric Statistics, 3.2, normal approximation of the ranks; from memory).
    ///
    /// @return empty where there are none
    public static Optional<OneBeatGap> of(Collection<Double> gaps) {
        if (gaps.isEmpty()) {
            return Optional.empty();
        }
        double[] sorted = gaps.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        int n = sorted.length;
        int low = Math.max(1, (int) Math.floor(n / 2.0 - HALF * Math.sqrt(n)));
        int high = Math.min(n, (int) Math.ceil(1 + n / 2.0 + HALF * Math.sqrt(n)));
        double median = (sorted[(n - 1) / 2] + sorted[n / 2]) / 2;
        return Optional.of(new OneBeatGap(n, median, sorted[low - 1], sorted[high - 1]));
    }
}
