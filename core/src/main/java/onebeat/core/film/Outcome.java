package onebeat.core.film;

import java.util.Locale;
import java.util.Optional;

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

    /// The outcome of this word.
    public static Optional<Outcome> of(String word) {
        for (Outcome outcome : values()) {
            if (outcome.word().equals(word)) {
                return Optional.of(outcome);
            }
        }
        return Optional.empty();
    }
}
