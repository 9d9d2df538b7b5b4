package onebeat.core.hearing;

import onebeat.core.rounds.Event;

/// A sound that the program itself gives in a round.
///
/// @param ms when, in milliseconds from the bell
/// @param kind what is given
/// @param repetition the repetition it belongs to; `-1` where it belongs to none
public record KnownSound(double ms, Event.Kind kind, int repetition) {

    /// What it is heard as.
    SoundKind heardAs() {
        return switch (kind) {
            case BELL, END -> SoundKind.BELL;
            case LAST_MINUTE, LAST_TEN -> SoundKind.OTHER;
            default -> SoundKind.CLICK;
        };
    }
}
