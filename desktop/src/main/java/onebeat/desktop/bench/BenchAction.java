package onebeat.desktop.bench;

/// What can be done on the bench.
sealed interface BenchAction {

    /// Done by a key or a button.
    enum Do implements BenchAction {
        BACK,
        ON,
        LINE_UP,
        LINE_DOWN,
        WAY_BEFORE,
        WAY_AFTER,
        FASTER,
        SLOWER,
        NEW,
        TO_ROUNDS,
        VARIANTS,
        HOLDER,
        COMPARE,
        ANSWERS,
        WEAPON,
        LADDER,
        BY_FILM,
        MIRROR,
        ODDS_BY_FILM,
        PRINT
    }

    /// The line that a function key takes, a mend or one of a page, goes into the call line.
    record TakeLine(int functionKey) implements BenchAction {}

    /// The cue with this number comes more often; 0 makes all even again.
    record Weigh(int number) implements BenchAction {}
}
