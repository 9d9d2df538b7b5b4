package onebeat.core.plan;

/// A rule that a plan keeps, or is none.
public enum HardRule {
    /// Nothing on a day without time, and no more rounds than fit into its minutes.
    TIME,
    /// A partner holds only when there, only what their gear and their hands can, and only up to their ladder step.
    PARTNER,
    /// A line starts when all that stands in it has passed `whole`.
    PREREQUISITE,
    /// Touches at the athlete's head in a week.
    HEAD,
    /// Rounds that one partner holds on a day.
    PARTNER_ROUNDS,
    /// Hard days in a row.
    HARD_DAYS,
    /// Days without training in a week.
    REST_DAYS,
    /// No contact in the last days.
    NO_CONTACT,
    /// Rounds of one line on a day: a round has one theme (F41), and a day has several.
    LINE_ROUNDS,
    /// Lines that start on a day.
    NEW_LINES,
    /// The coach said that a line comes on a day.
    PINNED,
    /// The coach said that a line does not come on a day.
    FORBIDDEN,
    /// The coach said that a line must be ready by its date.
    MUST_BE_READY,
    /// Training days that each whole week has at least.
    LEAST_DAYS;

    /// Whether it asks for something; the others only keep something out, so that they never fight each other.
    public boolean demands() {
        return this == PINNED || this == MUST_BE_READY || this == LEAST_DAYS;
    }
}
