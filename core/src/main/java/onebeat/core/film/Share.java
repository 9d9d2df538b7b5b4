package onebeat.core.film;

import org.apache.commons.statistics.interval.BinomialConfidenceInterval;

/// A share of cases with its interval.
///
/// @param n how often it was so
/// @param of out of how many
/// @param low lower end of the 95 % interval, 0 to 1
/// @param high upper end
public record Share(int n, int of, double low, double high) {

    private static final double ERROR = 0.05;

    /// The share with its Wilson score interval at 95 % (Wilson 1927, JASA 22:209; computed by commons-statistics).
    ///
    /// @throws IllegalArgumentException if `of` is below 1 or `n` is not between 0 and `of`
    public static Share of(int n, int of) {
        var interval = BinomialConfidenceInterval.WILSON_SCORE.fromErrorRate(of, n, ERROR);
        return new Share(n, of, interval.getLowerBound(), interval.getUpperBound());
    }

    public double share() {
        return (double) n / of;
    }
}
