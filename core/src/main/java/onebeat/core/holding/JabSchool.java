package onebeat.core.holding;

/// Which mitt takes the jab. Practitioners disagree; both are supported.
public enum JabSchool {
    /// The mitt straight across from the jabbing hand.
    STRAIGHT,
    /// The far mitt, the jab crossing over.
    CROSSING
}
