package onebeat.core.exchange;

/// The part of the body that is busy with an action.
public enum Part {
    ARM,
    LEG,
    TRUNK,
    FEET,
    NONE
}
