package onebeat.core.holding;

import java.util.Set;

/// What the partner has at hand and how he holds.
public record Holder(Set<Gear> gear, JabSchool jab) {

    public Holder {
        gear = Set.copyOf(gear);
    }

    /// Mitts and guards, the jab taken straight across.
    public static Holder usual() {
        return new Holder(Gear.usual(), JabSchool.STRAIGHT);
    }
}
