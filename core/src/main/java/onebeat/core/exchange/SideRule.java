package onebeat.core.exchange;

/// How a technique's side is told in the table: fixed, or found from the strike that it answers.
public enum SideRule {
    /// Always the lead side.
    LEAD,
    /// Always the rear side.
    REAR,
    /// The side on which the answered strike arrives in this pairing.
    COMING,
    /// The side away from the one on which the answered strike arrives.
    AWAY,
    /// The hand that parries or catches: to the head the hand on the side of arrival, to the body the other one,
    /// which goes across (F25, common practice).
    ANSWERING,
    /// Both sides at once.
    BOTH,
    /// No side.
    NONE
}
