package onebeat.core.play;

import java.util.EnumSet;
import java.util.Set;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.SideRule;

/// What can be busy: a limb can do one job in a beat (F26).
public enum Limb {
    LEAD_ARM("lead hand"),
    REAR_ARM("rear hand"),
    LEAD_LEG("lead leg"),
    REAR_LEG("rear leg"),
    TRUNK("body"),
    FEET("feet");

    private final String words;

    Limb(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /// The arm on this side.
    public static Limb arm(Side side) {
        return side == Side.LEAD ? LEAD_ARM : REAR_ARM;
    }

    /// The leg on this side.
    public static Limb leg(Side side) {
        return side == Side.LEAD ? LEAD_LEG : REAR_LEG;
    }

    /// The limbs that an action keeps busy on its beat. A leg in the air needs the other one to stand on.
    public static Set<Limb> busyWith(Placed action) {
        Part part = action.technique().part();
        Side side = action.side().orElse(Side.LEAD);
        return switch (part) {
            case ARM ->
                action.technique().side() == SideRule.BOTH ? EnumSet.of(LEAD_ARM, REAR_ARM) : EnumSet.of(arm(side));
            case LEG -> EnumSet.of(LEAD_LEG, REAR_LEG);
            case TRUNK -> EnumSet.of(TRUNK);
            case FEET -> EnumSet.of(FEET);
            case NONE -> EnumSet.noneOf(Limb.class);
        };
    }
}
