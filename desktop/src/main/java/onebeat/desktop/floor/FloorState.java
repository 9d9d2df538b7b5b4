package onebeat.desktop.floor;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import onebeat.core.hearing.HeardRound;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;

/// Where the session is and what was done in it.
///
/// @param schedule what runs; empty where there is nothing to run
/// @param clock how far it is and whether it runs
/// @param told what is said large at the foot
/// @param seenBy where the feeder sees the next cue
/// @param judged the ids of the repetitions that were judged in this run, by their place
/// @param last the id of the one judged last
/// @param notedMs where it was written down last how far the session is
/// @param listening whether the pads are listened to, and what was heard
record FloorState(
        Optional<Schedule> schedule,
        Clock clock,
        String told,
        SeenBy seenBy,
        Map<String, String> judged,
        Optional<String> last,
        long notedMs,
        Listening listening) {

    /// What is heard.
    ///
    /// @param level how loud it is now, from 0 to 1
    /// @param heard what was heard of the rounds, by their numbers
    record Listening(Mode mode, double level, Map<Integer, HeardRound> heard) {

        /// Whether somebody listens.
        enum Mode {
            OFF,
            ON,
            /// Invented pads are heard.
            STAND_IN,
            /// There is no microphone.
            NONE,
            /// It gives no sound any more.
            BROKEN
        }

        static final Listening OFF = new Listening(Mode.OFF, 0, Map.of());

        Listening {
            heard = Map.copyOf(heard);
        }

        boolean isOn() {
            return mode == Mode.ON || mode == Mode.STAND_IN;
        }

        Listening in(Mode now) {
            return new Listening(now, 0, heard);
        }

        Listening at(double loud) {
            return new Listening(mode, loud, heard);
        }

        Listening with(int round, HeardRound now) {
            Map<Integer, HeardRound> all = new HashMap<>(heard);
            all.merge(round, now, (before, later) -> later.after(before));
            return new Listening(mode, level, all);
        }
    }

    /// Where the feeder sees the next cue.
    enum SeenBy {
        NOWHERE,
        CORNER,
        WINDOW;

        SeenBy next() {
            return switch (this) {
                case NOWHERE -> CORNER;
                case CORNER -> WINDOW;
                case WINDOW -> NOWHERE;
            };
        }
    }

    /// The session's clock at a moment.
    ///
    /// @param lastCall the repetition that was called last
    record Clock(long atMs, Run.State state, Optional<Event> lastCall) {

        static final Clock NOTHING = new Clock(0, Run.State.READY, Optional.empty());
    }

    static final FloorState FIRST = new FloorState(
            Optional.empty(), Clock.NOTHING, "", SeenBy.CORNER, Map.of(), Optional.empty(), 0, Listening.OFF);

    FloorState {
        judged = Map.copyOf(judged);
    }

    /// A run begins.
    FloorState running(Optional<Schedule> now) {
        return new FloorState(
                now,
                Clock.NOTHING,
                "",
                seenBy,
                Map.of(),
                Optional.empty(),
                0,
                new Listening(listening.mode, 0, Map.of()));
    }

    FloorState at(Clock now) {
        return new FloorState(schedule, now, told, seenBy, judged, last, notedMs, listening);
    }

    FloorState told(String words) {
        return new FloorState(schedule, clock, words, seenBy, judged, last, notedMs, listening);
    }

    FloorState seenBy(SeenBy by) {
        return new FloorState(schedule, clock, told, by, judged, last, notedMs, listening);
    }

    FloorState noted(long ms) {
        return new FloorState(schedule, clock, told, seenBy, judged, last, ms, listening);
    }

    FloorState judged(Event call, String id) {
        Map<String, String> more = new HashMap<>(judged);
        more.put(place(call), id);
        return new FloorState(schedule, clock, told, seenBy, more, Optional.of(id), notedMs, listening);
    }

    FloorState listening(Listening now) {
        return new FloorState(schedule, clock, told, seenBy, judged, last, notedMs, now);
    }

    /// The id under which a repetition was judged already.
    Optional<String> judgedAs(Event call) {
        return Optional.ofNullable(judged.get(place(call)));
    }

    private static String place(Event call) {
        return call.round() + "." + call.repetition();
    }
}
