package onebeat.core.wording;

import java.util.Locale;

/// How strikes are called. Gyms differ, so all of them are possible (common practice).
public enum Scheme {
    /// Left hook, right low kick: for the stance of whoever does it.
    LEFT_RIGHT,
    /// Lead hook, rear low kick: the same for both stances.
    LEAD_REAR,
    /// Punches by number, the rest by name.
    NUMBERS;

    /// The key under which its words stand.
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
