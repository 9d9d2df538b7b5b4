package onebeat.core.holding;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import onebeat.core.exchange.Side;

/// Which of the holder's hands holds a target; gear that is worn needs none.
public enum Hand {
    LEAD,
    REAR,
    BOTH,
    WORN;

    /// The hands it takes.
    public Set<Side> sides() {
        return switch (this) {
            case LEAD -> Set.of(Side.LEAD);
            case REAR -> Set.of(Side.REAR);
            case BOTH -> BOTH_SIDES;
            case WORN -> Set.of();
        };
    }

    /// In a fixed order, since sums depend on it.
    private static final Set<Side> BOTH_SIDES = Collections.unmodifiableSet(EnumSet.of(Side.LEAD, Side.REAR));

    static Hand of(Side side) {
        return side == Side.LEAD ? LEAD : REAR;
    }

    /// The word for it, for example `lead`.
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
