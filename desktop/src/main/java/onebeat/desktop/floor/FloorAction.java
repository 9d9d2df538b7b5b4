package onebeat.desktop.floor;

import java.util.List;
import java.util.Optional;
import onebeat.core.hearing.HeardRound;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;

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
        LISTEN,
        TAKE_HEARD,
        TEACH,
        BOOK,
        ROUNDS
    }

    /// What was wrong with the repetition that was judged last.
    record NameFault(int number) implements FloorAction {}

    /// A run begins.
    ///
    /// @param broken where a session that was broken off was, as it was written down
    record Begin(Optional<Schedule> schedule, String broken) implements FloorAction {}

    /// The clock went on.
    ///
    /// @param due what came due since
    record Tick(FloorState.Clock clock, List<Event> due) implements FloorAction {

        public Tick {
            due = List.copyOf(due);
        }
    }

    /// The pads are listened to, or no longer.
    record Listens(FloorState.Listening.Mode mode) implements FloorAction {}

    /// How loud it is, from 0 to 1; as loud as can be where a hit was just heard.
    record Level(double level) implements FloorAction {}

    /// What was heard of a round so far.
    record Heard(int round, HeardRound so) implements FloorAction {}

    /// Something is said large at the foot.
    record Tell(String words) implements FloorAction {}

    /// A key is to be learned for the command at this place; after the last one all are kept.
    record Teach(int at) implements FloorAction {}

    /// How hard the evening was, from 0 to 10.
    record Effort(int said) implements FloorAction {}
}
