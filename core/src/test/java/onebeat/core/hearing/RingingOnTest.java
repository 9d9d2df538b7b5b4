package onebeat.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/// What follows a hit, as it was measured on generated pads.
class RingingOnTest {

    private static SoundFeatures sound(double breadth, double peak, double rise) {
        return new SoundFeatures(breadth, peak, 1, 12, rise, 0.001, 0.1);
    }

    @Test
    void aSoftNarrowSwellIsTheFirstHitRingingOn() {
        assertThat(RingingOn.anotherHit(sound(0.2, 0.97, 5), 0.045, -10)).isNegative();
    }

    @Test
    void aBroadSoundAsLoudAsTheHitIsAnother() {
        assertThat(RingingOn.anotherHit(sound(0.9, 0.45, 16), 0.06, -1)).isPositive();
    }
}
