package onebeat.core.hearing;

/// Where a recording lies on its round.
///
/// @param offsetMs when the bell is in the recording, in milliseconds; below 0 where it began later
/// @param driftPpm how much faster the recording's clock counts than the round's, in millionths
/// @param sure from 0 to 1
/// @param bySound whether it was placed by what is heard; else only by the clock, and loudspeaker, air and card may
///     have made all of it late
public record Placement(double offsetMs, double driftPpm, double sure, boolean bySound) {

    /// How sure a clock is.
    private static final double CLOCK_SURE = 0.9;

    /// One that was placed by what is heard.
    public Placement(double offsetMs, double driftPpm, double sure) {
        this(offsetMs, driftPpm, sure, true);
    }

    /// One of which only a clock tells where it is.
    public static Placement byClock(double offsetMs) {
        return new Placement(offsetMs, 0, CLOCK_SURE, false);
    }

    /// When a moment of the round is in the recording, in milliseconds.
    public double heardMs(double plannedMs) {
        return offsetMs + plannedMs * (1 + driftPpm / 1e6);
    }

    /// Which moment of the round a moment of the recording is, in milliseconds from the bell.
    public double plannedMs(double heardMs) {
        return (heardMs - offsetMs) / (1 + driftPpm / 1e6);
    }
}
