package onebeat.core.holding;

/// How a round is drawn: the seed makes it the same again.
///
/// @param mostRun the same cue or count comes at most so often in a row, from 1
/// @param gapSpread so many beats at most are added to a gap, from 0: without them the partner can count the beats
/// between
public record Draw(long seed, int mostRun, int gapSpread) {

    /// The same at most so often in a row where nothing is said.
    public static final int USUAL_RUN = 3;

    public static final int MOST_RUN = 9;
    public static final int MOST_SPREAD = 8;

    /// @throws IllegalArgumentException if a number is out of range
    public Draw {
        if (mostRun < 1 || mostRun > MOST_RUN) {
            throw new IllegalArgumentException("the same cue may come 1 to 9 times in a row, not " + mostRun);
        }
        if (gapSpread < 0 || gapSpread > MOST_SPREAD) {
            throw new IllegalArgumentException("a gap may be 0 to 8 beats longer, not " + gapSpread);
        }
    }

    /// No more than three of the same in a row, every gap alike.
    public static Draw of(long seed) {
        return new Draw(seed, USUAL_RUN, 0);
    }
}
