package onebeat.core.hearing;

import java.util.Locale;

/// What a sound is, as far as it can be told.
public enum SoundKind {
    /// A glove on a pad, a mitt or another glove: sharp and broad.
    PAD,
    /// A dull hit: on a belly pad, a shield, a leg.
    BODY,
    /// It rings on.
    BELL,
    /// A short tone, as the program gives the beat.
    CLICK,
    VOICE,
    OTHER;

    /// Whether something was hit.
    public boolean isHit() {
        return this == PAD || this == BODY;
    }

    /// Whether it is neither a hit nor a sound that the program gave.
    public boolean isBackground() {
        return this == VOICE || this == OTHER;
    }

    /// The word for it in files, for example `pad`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
