package onebeat.core.hearing;

/// Where a recording lies on its round.
///
/// @param offsetMs when the bell is in the recording, in milliseconds; below 0 where it began later
/// @param driftPpm how much faster the recording's clock counts than the round's, in millionths
/// @param sure from 0 to 1
public record Placement(double offsetMs, double driftPpm, double sure) {

    /// When a moment of the round is in the recording, in milliseconds.
    public double heardMs(double plannedMs) {
        return offsetMs + plannedMs * (1 + driftPpm / 1e6);
    }

    /// Which moment of the round a moment of the recording is, in milliseconds from the bell.
    public double plannedMs(double heardMs) {
        return (heardMs - offsetMs) / (1 + driftPpm / 1e6);
    }
}
