package onebeat.core.exchange;

/// From which side a strike reaches the one at whom it is thrown.
public enum Arrival {
    /// The side that faces the striking limb.
    NEAR,
    /// Back across, from the far side (hook kicks, backfists).
    FAR,
    /// Always on the other's lead side, since it meets the lead leg from the inside.
    LEAD;

    /// The side of the one who is struck on which it arrives.
    public Side at(Side striking, Pairing pairing) {
        return switch (this) {
            case NEAR -> pairing.arrivalOf(striking);
            case FAR -> pairing.arrivalOf(striking).opposite();
            case LEAD -> Side.LEAD;
        };
    }
}
