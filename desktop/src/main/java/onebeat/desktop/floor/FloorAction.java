package onebeat.desktop.floor;

/// What can be done on the floor.
sealed interface FloorAction {

    /// Done by a key or a button.
    enum Do implements FloorAction {
        BELL,
        CLEAN,
        LATE,
        WRONG,
        STOPPED,
        SKIP,
        AGAIN,
        LONGER,
        FEEDER,
        SAID_TO,
        CALLS,
        RECORDING,
        TEACH,
        BOOK,
        ROUNDS
    }

    /// What was wrong with the repetition that was judged last.
    record NameFault(int number) implements FloorAction {}
}
