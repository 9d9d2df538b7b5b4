package onebeat.core.exchange;

/// The way that a strike takes to its target.
public enum Path {
    STRAIGHT,
    ROUND,
    RISING,
    FALLING,
    NONE
}
