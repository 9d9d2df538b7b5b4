package onebeat.core.plan;

/// A rule that makes a plan better or worse, by its weight.
public enum SoftRule {
    /// Points for each round that brings a line toward ready, by its date; lines of the first plan count most.
    READY,
    /// Points for each week in which a line that is ready was kept sharp.
    KEEP,
    /// Points off for a line on two training days in a row.
    SPACING,
    /// Points off for each round that a week has more or less than its load curve asks, the taper included.
    CURVE,
    /// Points off for a second round of the same line on a day.
    VARIETY,
    /// Points off for each round that a partner holds beyond a fair share of the week.
    WEAR,
    /// Points off for a line that starts late in the camp.
    LATE_NEW,
    /// Points for each week in which a plan of the fight plan had a round.
    BALANCE,
    /// Points off for each round that is no longer as the plan before had it: on its day, and held by the same one.
    STEADY
}
