package onebeat.core.rounds;

/// One thing that happens at one time: heard, shown, or both.
///
/// @param ms milliseconds from the start of the session
/// @param round the round it belongs to, from 0
/// @param repetition the repetition within the round, from 0; `-1` where it belongs to none
/// @param text what is called or shown; empty for bells and clicks
/// @param beat the beat within the repetition; `-1` where it belongs to none
public record Event(long ms, Kind kind, int round, int repetition, String text, double beat) {

    /// What kind of thing.
    public enum Kind {
        /// A round begins.
        BELL,
        /// A repetition is called; its first beat comes a little later.
        CALL,
        /// The partner shows or throws.
        CUE,
        /// A beat.
        CLICK,
        /// The round's last minute begins.
        LAST_MINUTE,
        /// The round's last ten seconds begin.
        LAST_TEN,
        /// A round ends.
        END
    }
}
