package onebeat.core.holding;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;

/// Where a partner is sore. It is told by left and right, since it stays where it is when he changes his stance.
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

    /// His leg on this side, as he stands.
    static SoreSpot leg(Stance stance, Side side) {
        return isLeft(stance, side) ? LEFT_LEG : RIGHT_LEG;
    }

    /// His hand on this side, as he stands.
    static SoreSpot hand(Stance stance, Side side) {
        return isLeft(stance, side) ? LEFT_HAND : RIGHT_HAND;
    }

    /// What a strike at this level lands on.
    static SoreSpot struck(Level level, Stance stance, Side arrives) {
        return switch (level) {
            case HEAD, NONE -> HEAD;
            case BODY -> BODY;
            case LEG, CALF -> leg(stance, arrives);
        };
    }

    /// Whether the side is the left one: in orthodox the lead side is.
    public static boolean isLeft(Stance stance, Side side) {
        return (stance == Stance.ORTHODOX) == (side == Side.LEAD);
    }

    /// Whether gear on the body passes the strike on to this spot. Mitts and kick pads are held away from it; what is
    /// worn there, or held against it, is not.
    boolean feels(Gear gear, Level level, Stance stance, Side arrives, Set<Side> hands) {
        return switch (this) {
            case LEFT_HAND, RIGHT_HAND -> hands.stream().anyMatch(side -> hand(stance, side) == this);
            case HEAD -> false;
            case BODY -> level == Level.BODY && (gear == Gear.BELLY || gear == Gear.SHIELD);
            case LEFT_LEG, RIGHT_LEG -> (level == Level.LEG || level == Level.CALF) && leg(stance, arrives) == this;
        };
    }
}
