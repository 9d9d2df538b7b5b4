package onebeat.core.holding;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.opening.Zone;

/// Where a partner is sore. It is told by left and right, since it stays where it is when they change their stance.
public enum SoreSpot {
    HEAD,
    BODY,
    LEFT_LEG,
    RIGHT_LEG,
    LEFT_HAND,
    RIGHT_HAND;

    /// The word for it, for example `left-leg`.
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /// The spot of this word.
    public static Optional<SoreSpot> of(String word) {
        return Arrays.stream(values()).filter(s -> s.word().equals(word)).findFirst();
    }

    /// All words.
    public static String words() {
        return Arrays.stream(values()).map(SoreSpot::word).collect(Collectors.joining(", "));
    }

    /// Their leg on this side, as they stand.
    static SoreSpot leg(Stance stance, Side side) {
        return isLeft(stance, side) ? LEFT_LEG : RIGHT_LEG;
    }

    /// Their hand on this side, as they stand.
    static SoreSpot hand(Stance stance, Side side) {
        return isLeft(stance, side) ? LEFT_HAND : RIGHT_HAND;
    }

    /// What lies in one of their zones, as they stand.
    static SoreSpot in(Zone zone, Stance stance) {
        return switch (zone) {
            case HEAD_FRONT, HEAD_LEAD, HEAD_REAR, CHIN_BELOW -> HEAD;
            case BODY_FRONT, BODY_LEAD, BODY_REAR -> BODY;
            case LEAD_THIGH_OUT, LEAD_THIGH_IN, LEAD_CALF -> leg(stance, Side.LEAD);
            case REAR_LEG -> leg(stance, Side.REAR);
        };
    }

    /// Whether the side is the left one: in orthodox the lead side is.
    public static boolean isLeft(Stance stance, Side side) {
        return (stance == Stance.ORTHODOX) == (side == Side.LEAD);
    }

    /// Whether gear on the body passes the strike on to this spot. Mitts and kick pads are held away from it; what is
    /// worn there, or held against it, is not.
    boolean feels(Gear gear, Zone zone, Stance stance, Set<Side> hands) {
        return switch (this) {
            case LEFT_HAND, RIGHT_HAND -> hands.stream().anyMatch(side -> hand(stance, side) == this);
            case HEAD -> false;
            case BODY -> in(zone, stance) == BODY && (gear == Gear.BELLY || gear == Gear.SHIELD);
            case LEFT_LEG, RIGHT_LEG -> in(zone, stance) == this;
        };
    }
}
