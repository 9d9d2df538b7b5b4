package onebeat.core.notation;

import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Technique;

/// One action as called.
///
/// @param level where a strike goes; [Level#NONE] for everything else
public record Act(boolean feint, Technique technique, Level level, Intent intent, Span span)
        implements Call, PartnerItem {

    /// A strike that is meant to land.
    public boolean isStrike() {
        return technique.isStrike() && !feint;
    }
}
