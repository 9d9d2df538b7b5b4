package onebeat.core.play;

/// How much of a strike's power is there: the whole body's, a part of it, or the arm's alone.
public enum Grade {
    FULL,
    PART,
    ARM;

    /// The grade of a power before intent.
    public static Grade of(double power) {
        if (power >= BodyNumbers.FULL_FROM) {
            return FULL;
        }
        return power >= BodyNumbers.PART_FROM ? PART : ARM;
    }
}
