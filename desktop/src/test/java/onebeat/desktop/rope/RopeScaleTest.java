package onebeat.desktop.rope;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import onebeat.core.exchange.Level;
import onebeat.core.play.Who;
import org.junit.jupiter.api.Test;

class RopeScaleTest {

    private final RopeScale scale = new RopeScale(860, 320, 8, 150);

    @Test
    void beatsAndPixelsAreEachOthersInverse() {
        for (double beat : new double[] {-0.5, 0, 1.25, 7}) {
            assertThat(scale.beatAt(scale.x(beat))).isCloseTo(beat, within(1e-9));
        }
    }

    @Test
    void theGapIsTheDistanceToScale() {
        double wide = scale.strand(Who.ATHLETE, 150) - scale.strand(Who.PARTNER, 150);
        double near = scale.strand(Who.ATHLETE, 40) - scale.strand(Who.PARTNER, 40);
        assertThat(wide - near).isCloseTo(110 * scale.pixelsPerCm(), within(1e-9));
        assertThat(scale.strand(Who.PARTNER, 40)).isLessThan(scale.strand(Who.ATHLETE, 40));
    }

    @Test
    void theWidestGapFits() {
        assertThat(scale.strand(Who.PARTNER, 150) - RopeScale.THREAD).isGreaterThanOrEqualTo(RopeScale.TOP - 1e-9);
        assertThat(scale.strand(Who.ATHLETE, 150) + RopeScale.THREAD)
                .isLessThanOrEqualTo(320 - RopeScale.BOTTOM + 1e-9);
    }

    @Test
    void aNearLineIsNotBlownUp() {
        assertThat(new RopeScale(860, 320, 8, 40).pixelsPerCm())
                .isEqualTo(new RopeScale(860, 320, 8, 130).pixelsPerCm());
    }

    @Test
    void theHeadIsTheUpperThread() {
        assertThat(RopeScale.thread(Level.HEAD)).isLessThan(RopeScale.thread(Level.BODY));
        assertThat(RopeScale.thread(Level.BODY)).isLessThan(RopeScale.thread(Level.LEG));
        assertThat(RopeScale.thread(Level.CALF)).isEqualTo(RopeScale.thread(Level.LEG));
    }
}
