package onebeat.core.exchange;

/// A side of the body, named from the stance.
public enum Side {
    LEAD,
    REAR;

    public Side opposite() {
        return this == LEAD ? REAR : LEAD;
    }

    /// `+1` for the rear side and `-1` for the lead side: the sign of the turn that its strikes make.
    public int turnSign() {
        return this == REAR ? 1 : -1;
    }
}
