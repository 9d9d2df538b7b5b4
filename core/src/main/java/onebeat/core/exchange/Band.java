package onebeat.core.exchange;

import java.util.Locale;
import java.util.Optional;

/// A range band, from out of reach to the clinch, in that order.
public enum Band {
    OUT,
    KICK,
    LONG,
    MID,
    CLOSE,
    CLINCH;

    /// The next band nearer; the clinch has none.
    public Optional<Band> nearer() {
        return switch (this) {
            case OUT -> Optional.of(KICK);
            case KICK -> Optional.of(LONG);
            case LONG -> Optional.of(MID);
            case MID -> Optional.of(CLOSE);
            case CLOSE -> Optional.of(CLINCH);
            case CLINCH -> Optional.empty();
        };
    }

    /// The word in a call line, for example `long` in `@long`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
