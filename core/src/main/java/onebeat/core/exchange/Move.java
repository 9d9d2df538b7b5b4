package onebeat.core.exchange;

/// How an action moves the body or the feet off the line, as far as the judgement asks for it.
public enum Move {
    /// Stays where it is.
    NONE,
    /// Toward the other.
    STEP_IN,
    /// Straight back.
    STEP_BACK,
    /// A hop off the line.
    OFF_LINE,
    /// The facing turns on one foot.
    PIVOT,
    /// Around the other, toward one side.
    CIRCLE,
    /// The lead foot steps across and out (F13).
    ACROSS,
    /// The head goes beside a straight.
    SLIP,
    /// The head goes under a punch, toward one side (F11).
    ROLL,
    /// The head goes straight down.
    DIP,
    /// The head goes straight back.
    PULL;

    /// Whether the head leaves the line by itself, the feet staying.
    public boolean isOfHead() {
        return this == SLIP || this == ROLL || this == DIP || this == PULL;
    }

    /// Whether the feet take the fighter away from where the answer comes.
    public boolean isAway() {
        return this == STEP_BACK || this == OFF_LINE || this == PIVOT || this == CIRCLE;
    }
}
