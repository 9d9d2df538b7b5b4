package onebeat.core.exchange;

import java.util.Locale;

/// The height that a strike goes to. [#NONE] is for actions that are no strikes.
public enum Level {
    HEAD,
    BODY,
    LEG,
    CALF,
    NONE;

    /// The word behind the dot in a call line, for example `body`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
