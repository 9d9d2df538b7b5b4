package onebeat.desktop.rounds;

/// What can be done at Rounds.
sealed interface RoundsAction {

    /// Done by a key or a button.
    enum Do implements RoundsAction {
        LINE_UP,
        LINE_DOWN,
        ROUND_BEFORE,
        ROUND_AFTER,
        ADD,
        FILL,
        REMOVE,
        EARLIER,
        LATER,
        FASTER,
        SLOWER,
        WIDER_GAP,
        NARROWER_GAP,
        CLIMB,
        STEP_BACK,
        BURSTS,
        OTHER_WORKS,
        TAKE_TURNS,
        REDRAW,
        LONGER_RUNS,
        WIDER_SPREAD,
        SCHEME,
        TEMPLATE,
        MORE_MINUTES,
        FEWER_MINUTES,
        PRINT,
        FLOOR
    }

    /// A line was pressed.
    record ChooseLine(int place) implements RoundsAction {}

    /// A round was pressed.
    record ChooseRound(int place) implements RoundsAction {}

    /// A line was pulled onto tonight's rope.
    record DropLine(int place) implements RoundsAction {}

    /// A round was pulled to another place.
    record DropRound(int from, int to) implements RoundsAction {}

    /// A line was typed and entered.
    record Enter(String canonical) implements RoundsAction {}
}
