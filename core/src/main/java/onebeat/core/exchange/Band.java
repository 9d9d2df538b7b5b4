package onebeat.core.exchange;

import java.util.Locale;

/// A range band, from out of reach to the clinch, in that order.
public enum Band {
    OUT,
    KICK,
    LONG,
    MID,
    CLOSE,
    CLINCH;

    /// The word in a call line, for example `long` in `@long`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
