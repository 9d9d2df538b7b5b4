package onebeat.core.holding;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Side;

/// What the holder has on each hand, and what is worn: a pair of mitts or kick pads, a shield, or a mitt on one hand
/// and a shield or kick pad on the other (J14).
///
/// @param lead on the lead hand; empty where it is bare
/// @param rear on the rear hand
record HandGear(Set<Gear> worn, Optional<Gear> lead, Optional<Gear> rear) {

    HandGear {
        worn = Set.copyOf(worn);
    }

    /// Every way to put the gear at hand on, the plainest first.
    static List<HandGear> choices(Set<Gear> atHand) {
        Set<Gear> worn = EnumSet.noneOf(Gear.class);
        List<Gear> held = new ArrayList<>();
        for (Gear gear : Gear.values()) {
            if (atHand.contains(gear)) {
                if (gear.takesHands()) {
                    held.add(gear);
                } else {
                    worn.add(gear);
                }
            }
        }
        List<HandGear> all = new ArrayList<>();
        held.forEach(gear -> all.add(new HandGear(worn, Optional.of(gear), Optional.of(gear))));
        if (held.contains(Gear.MITTS)) {
            for (Gear other : held) {
                if (other != Gear.MITTS) {
                    all.add(new HandGear(worn, Optional.of(Gear.MITTS), Optional.of(other)));
                    all.add(new HandGear(worn, Optional.of(other), Optional.of(Gear.MITTS)));
                }
            }
        }
        if (all.isEmpty()) {
            all.add(new HandGear(worn, Optional.empty(), Optional.empty()));
        }
        return all;
    }

    Optional<Gear> on(Side side) {
        return side == Side.LEAD ? lead : rear;
    }

    boolean has(Gear gear, Side side) {
        return on(side).equals(Optional.of(gear));
    }

    /// Whether both hands have it.
    boolean isOnBoth(Gear gear) {
        return has(gear, Side.LEAD) && has(gear, Side.REAR);
    }

    /// Whether the hands hold the same.
    boolean isPlain() {
        return lead.equals(rear);
    }
}
