package onebeat.core.film;

import java.util.Locale;

/// What came of an exchange for the one who started it.
public enum Outcome {
    CLEAN,
    PARTIAL,
    BLOCKED,
    MISSED,
    COUNTERED,
    /// It landed clean, and the other was visibly shaken.
    HURT,
    NONE;

    /// Whether it landed, at least in part.
    public boolean landed() {
        return this == CLEAN || this == PARTIAL || this == HURT;
    }

    /// The word in film files: `clean`, `partial`, `blocked`, `missed`, `countered`, `hurt` or `none`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
