package onebeat.desktop.command;

import java.util.Locale;

/// Where a command can be given. Within one scope each key means one thing.
public enum Scope {
    PROGRAM,
    FILM,
    /// On Film right after an exchange was logged: single keys say how it ended.
    OUTCOME,
    /// On Film while a log that comes in is looked at.
    ARRIVAL,
    BENCH,
    ROUNDS,
    FLOOR,
    /// On the floor after the last round: single keys say how hard the evening was.
    EFFORT,
    BOOK,
    /// In the camp's weeks.
    WEEKS;

    /// Whether its plain keys come first even while an empty call line is typed in: the next single key is the
    /// answer.
    public boolean isQuestion() {
        return this == OUTCOME;
    }

    /// The key under which its words stand.
    public String key() {
        return "scope." + name().toLowerCase(Locale.ROOT);
    }
}
