package onebeat.desktop.floor;

import onebeat.desktop.app.Effect;

/// What only the floor does.
sealed interface FloorEffect extends Effect.OfStation {

    /// What is asked of the clock, the sound and the window.
    enum Ask implements FloorEffect {
        START_OR_PAUSE,
        NEXT_HEARERS,
        NEXT_CALLS,
        TAKE_RECORDING,
        LISTEN,
        CLOSE_FEEDERS_WINDOW
    }

    /// The session goes to a time; what lies between is neither given out nor made up for.
    record Jump(long ms) implements FloorEffect {}

    /// It is written down how far the session is, for a machine that dies.
    record Note(String words) implements FloorEffect {}

    /// The next key is learned for this command.
    record Learn(int at) implements FloorEffect {}
}
