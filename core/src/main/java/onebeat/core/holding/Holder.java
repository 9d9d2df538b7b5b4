package onebeat.core.holding;

import java.util.Set;

/// What the partner has at hand, how they hold, and where they are sore.
public record Holder(Set<Gear> gear, JabSchool jab, Set<SoreSpot> sore) {

    public Holder {
        gear = Set.copyOf(gear);
        sore = Set.copyOf(sore);
    }

    /// One who is sore nowhere.
    public Holder(Set<Gear> gear, JabSchool jab) {
        this(gear, jab, Set.of());
    }

    /// Mitts and guards, the jab taken straight across.
    public static Holder usual() {
        return new Holder(Gear.usual(), JabSchool.STRAIGHT);
    }
}
