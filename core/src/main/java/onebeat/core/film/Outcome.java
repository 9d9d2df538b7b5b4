package onebeat.core.film;

import java.util.Locale;

/// What came of an exchange for the one who started it.
public enum Outcome {
    CLEAN,
    PARTIAL,
    BLOCKED,
    MISSED,
    COUNTERED,
    NONE;

    /// The word in film files: `clean`, `partial`, `blocked`, `missed`, `countered` or `none`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
