package onebeat.core.hearing;

import java.util.List;

/// What is measured of an onset to tell what it is.
///
/// @param breadth how many of the bands grew by much, as a share from 0 to 1
/// @param peak the share of what came in that lies in its two strongest bands, from 0 to 1
/// @param brightness the middle of what came in, in octaves over 100 Hz
/// @param decay how much it fell in the forty milliseconds after its peak, in decibels
/// @param rise how much it grew within ten milliseconds, in decibels
/// @param attack how long it takes from where it begins to most of its strength, in seconds
/// @param ring how long it stayed within twenty decibels of its peak, in seconds, at most [#MOST_RING_S]
public record SoundFeatures(
        double breadth, double peak, double brightness, double decay, double rise, double attack, double ring) {

    /// A ring is not followed for longer, in seconds.
    public static final double MOST_RING_S = 1;

    /// The features in the order of the columns of `kinds.csv`.
    public List<Double> values() {
        return List.of(
                breadth,
                peak,
                brightness,
                decay,
                rise,
                Math.log(Math.max(0.0005, attack)),
                Math.log(Math.max(0.005, ring)));
    }
}
