package onebeat.core.review;

import java.util.Locale;

/// How much a finding matters.
public enum Severity {
    /// The line cannot be drilled like this.
    STOP,
    /// It works, but costs something.
    WARN,
    /// Worth knowing.
    NOTE;

    /// The word in reports: `stop`, `warn` or `note`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
