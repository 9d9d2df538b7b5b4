package onebeat.core.exchange;

/// The group that a technique belongs to, by the part of the body that does the work.
public enum Family {
    PUNCH,
    ELBOW,
    KNEE,
    KICK,
    HAND,
    HEAD,
    LEG,
    FEET,
    RHYTHM,
    CLINCH,
    REACTION
}
