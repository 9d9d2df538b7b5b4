package onebeat.core.film;

import java.util.List;

/// What makes the partner open up.
///
/// @param group causes of one group are one setup
/// @param text the setup as it is written
/// @param cause the words of the action that the partner reacts to; empty where it is the partner's own strike or an
///     angle
record SetupCause(String group, String text, String cause, How how) {

    enum How {
        STRIKE,
        TWICE,
        TWO,
        FEINT,
        PATTERN,
        FEED,
        ANGLE,
        ENTRY
    }

    /// What may come before it.
    List<String> leadIns() {
        return switch (how) {
            case FEED, PATTERN -> List.of("");
            case TWO, TWICE, FEINT -> List.of("", "1");
            case STRIKE, ENTRY, ANGLE -> List.of("", "1", "1 2", "2", "in");
        };
    }

    /// Whether it waits for what the partner does: without that reaction it is no setup.
    boolean wantsReaction() {
        return how == How.STRIKE || how == How.TWO || how == How.TWICE || how == How.FEINT;
    }
}
