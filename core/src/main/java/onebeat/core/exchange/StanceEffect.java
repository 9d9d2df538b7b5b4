package onebeat.core.exchange;

/// What an action leaves of the stance: the same, or the feet changed for good.
public enum StanceEffect {
    KEEP,
    CHANGE
}
