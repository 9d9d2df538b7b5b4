package onebeat.core.exchange;

/// What an action is for.
public enum Kind {
    STRIKE,
    DEFENCE,
    FEET,
    RHYTHM,
    CLINCH,
    REACTION
}
