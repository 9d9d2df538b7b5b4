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

    /// The same with nothing said of how hard: as habits and repertoires name it.
    public Act normal() {
        return new Act(feint, technique, level, Intent.NORMAL, span);
    }
}
