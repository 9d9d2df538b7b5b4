package onebeat.core.timing;

/// The way from one own action to a later one.
///
/// @param from index of the earlier action in its way
/// @param to index of the later action
/// @param beats beats between the two contacts, above 0
/// @param neededMs milliseconds that the body needs between them
/// @param cause what it has to wait for longest
public record Link(int from, int to, double beats, double neededMs, Cause cause) {

    /// What has to come first.
    public enum Cause {
        /// The same hand home and out again, or the limb's own motion.
        HAND,
        /// The turn made.
        TURN,
        /// The foot down.
        FOOT
    }

    /// The fastest tempo that leaves this link its time, in beats a minute.
    public double ceilingBpm() {
        return Timing.MS_PER_MINUTE * beats / neededMs;
    }
}
