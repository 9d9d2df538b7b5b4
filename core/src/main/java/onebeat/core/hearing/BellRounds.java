package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/// Where the rounds of a film begin, from the bells that were heard in it: long gaps are rounds, short ones rests.
public final class BellRounds {

    /// Strokes of one bell come within so many seconds.
    private static final double ONE_BELL_S = 6;

    /// No round is shorter than this, and no rest longer (F40), in seconds.
    private static final double LEAST_ROUND_S = 80;

    private static final double LEAST_SURE = 0.9;

    /// Rounds are so many times as long as rests at least, to be told apart.
    private static final double LONGER = 1.3;

    private BellRounds() {}

    /// When bells were heard, in seconds: strokes close together are one.
    public static List<Double> bells(List<Onset> onsets) {
        List<Double> bells = new ArrayList<>();
        double last = Double.NEGATIVE_INFINITY;
        for (Onset onset : onsets) {
            if (onset.kind() == SoundKind.BELL && onset.sure() >= LEAST_SURE) {
                if (onset.timeS() - last > ONE_BELL_S) {
                    bells.add(onset.timeS());
                }
                last = onset.timeS();
            }
        }
        return bells;
    }

    /// When rounds begin.
    ///
    /// @param bells when bells were heard, in seconds
    /// @return empty where it is not clear which bells begin a round and which end one
    public static List<Double> starts(List<Double> bells) {
        if (bells.size() < 2) {
            return List.of();
        }
        OptionalDouble even = shortest(bells, 0);
        OptionalDouble odd = shortest(bells, 1);
        OptionalDouble longestEven = longest(bells, 0);
        OptionalDouble longestOdd = longest(bells, 1);
        double least = even.orElse(0);
        if (least >= LEAST_ROUND_S && least >= LONGER * longestOdd.orElse(0)) {
            return every(bells, 0);
        }
        double other = odd.orElse(0);
        boolean oddRounds = other >= LEAST_ROUND_S && other >= LONGER * longestEven.orElse(0);
        return oddRounds ? every(bells, 1) : List.of();
    }

    private static OptionalDouble shortest(List<Double> bells, int from) {
        return gaps(bells, from).stream().mapToDouble(Double::doubleValue).min();
    }

    private static OptionalDouble longest(List<Double> bells, int from) {
        return gaps(bells, from).stream().mapToDouble(Double::doubleValue).max();
    }

    /// Every second gap.
    private static List<Double> gaps(List<Double> bells, int from) {
        List<Double> gaps = new ArrayList<>();
        for (int i = from; i + 1 < bells.size(); i += 2) {
            gaps.add(bells.get(i + 1) - bells.get(i));
        }
        return gaps;
    }

    private static List<Double> every(List<Double> bells, int from) {
        List<Double> starts = new ArrayList<>();
        for (int i = from; i < bells.size(); i += 2) {
            starts.add(bells.get(i));
        }
        return starts;
    }
}
