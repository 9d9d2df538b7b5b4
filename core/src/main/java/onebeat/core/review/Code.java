package onebeat.core.review;

/// What can be found in a line.
public enum Code {
    /// One limb, two jobs, one beat (F26).
    SAME_HAND,
    /// A fed strike met by nothing.
    UNANSWERED,
    /// The weight is on the kicking leg (F4).
    LEG_LOADED,
    /// Little drive because the strike before was the same side (F2).
    RELOAD,
    /// Power in the arm grade for another cause.
    ARM_ONLY,
    /// Fewer counts than the action takes (F5).
    COUNT_SHORT,
    /// The line opens with a bare lead hook (F7).
    NAKED_HOOK,
    /// Nothing after the last strike (F10).
    NO_EXIT
}
