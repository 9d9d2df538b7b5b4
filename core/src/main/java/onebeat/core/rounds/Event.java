package onebeat.core.rounds;

import java.util.Locale;

/// One thing that happens at one time: heard, shown, or both.
///
/// @param ms milliseconds from the start of the session
/// @param round the round it belongs to, from 0; `-1` where it belongs to none
/// @param repetition the repetition within the round, from 0; `-1` where it belongs to none
/// @param text what is called or shown; empty for bells, for a click what [Clicks] says of it
/// @param beat the beat within the repetition; `-1` where it belongs to none
public record Event(long ms, Kind kind, int round, int repetition, String text, double beat) {

    /// Whether it calls a repetition, and not a strike within one.
    public boolean opensRepetition() {
        return kind == Kind.CALL && beat < 0;
    }

    /// What kind of thing.
    public enum Kind {
        /// A round or another stretch of the evening begins.
        BELL,
        /// From here for so many seconds (its text) there is no stop between repetitions.
        BURST,
        /// A repetition is called, or a strike within one (that has a beat); its beat comes a little later.
        CALL,
        /// The partner shows or throws.
        CUE,
        /// A beat, or a half beat on which something happens.
        CLICK,
        /// The round's last minute begins.
        LAST_MINUTE,
        /// The round's last ten seconds begin.
        LAST_TEN,
        /// A round ends.
        END;

        /// The word for it in files, for example `last-minute`.
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
