package onebeat.core.exchange;

/// What became of a strike: how it was met, or that it was not.
public enum Fate {
    /// Nothing met it.
    LANDED,
    CAUGHT,
    /// Knocked aside.
    PARRIED,
    BLOCKED,
    TUCKED,
    SHIELDED,
    /// The head was not there any more.
    SLIPPED,
    CHECKED,
    /// It reached nothing.
    MISSED
}
