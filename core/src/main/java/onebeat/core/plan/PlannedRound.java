package onebeat.core.plan;

import java.util.Comparator;

/// A round of a plan.
///
/// @param day the number of the day in the problem, from 0
/// @param line the number of the line, from 0
/// @param partner the number of the partner who holds, from 0; the number of partners where nobody does
public record PlannedRound(int day, int line, int partner) implements Comparable<PlannedRound> {

    private static final Comparator<PlannedRound> ORDER = Comparator.comparingInt(PlannedRound::day)
            .thenComparingInt(PlannedRound::line)
            .thenComparingInt(PlannedRound::partner);

    @Override
    public int compareTo(PlannedRound other) {
        return ORDER.compare(this, other);
    }
}
