package onebeat.core.exchange;

/// How two stances meet: the same one (closed) or opposite ones (open, F12).
public enum Pairing {
    SAME,
    OPEN;

    public static Pairing of(Stance one, Stance other) {
        return one == other ? SAME : OPEN;
    }

    /// The side of one fighter on which a strike from the other's `from` side arrives when it takes the
    /// near way. In the same stance the other's lead hand stands across from the own rear side; in open pairing
    /// lead faces lead. Common practice (F11, F25).
    public Side arrivalOf(Side from) {
        return this == SAME ? from.opposite() : from;
    }

    /// The own side toward which it is safe to leave: away from the other's power hand, toward the other's lead hand
    /// (F10).
    public Side safeSide() {
        return this == SAME ? Side.REAR : Side.LEAD;
    }

    /// The word of a call line that leaves toward the safe side.
    public String wayOut() {
        return safeSide() == Side.REAR ? "circle-rear" : "circle-lead";
    }
}
