package onebeat.core.book;

import java.util.List;
import onebeat.core.exchange.Constants;

/// What a coach may ask of a drill before it goes up: answers heard so soon after the feed, in most of the last ones.
///
/// @param under how many of the last ones were sooner
/// @param of how many of them there are, at most as many as are looked at
/// @param mostMs the bar, in milliseconds
public record OneBeatBar(int under, int of, int mostMs) {

    private static final Constants BARS = Constants.of(Ledger.class, "bars.csv", "bar");
    private static final int LOOKED_AT = (int) BARS.get("one_beat_of");

    /// How many of them have to be under the bar.
    public static final int LEAST = (int) BARS.get("one_beat_least");

    /// Holds the last answers against the bar.
    ///
    /// @param gaps all that were heard, in order, in milliseconds
    public static OneBeatBar of(List<Double> gaps, int mostMs) {
        List<Double> last = gaps.subList(Math.max(0, gaps.size() - LOOKED_AT), gaps.size());
        return new OneBeatBar((int) last.stream().filter(ms -> ms < mostMs).count(), last.size(), mostMs);
    }

    public boolean isMet() {
        return under >= LEAST;
    }
}
