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
        double wide = scale.strand(Who.ATHLETE, 150, 0) - scale.strand(Who.PARTNER, 150, 0);
        double near = scale.strand(Who.ATHLETE, 40, 0) - scale.strand(Who.PARTNER, 40, 0);
        assertThat(wide - near).isCloseTo(110 * scale.pixelsPerCm(), within(1e-9));
        assertThat(scale.strand(Who.PARTNER, 40, 0)).isLessThan(scale.strand(Who.ATHLETE, 40, 0));
    }

    @Test
    void theWidestGapFits() {
        assertThat(scale.strand(Who.PARTNER, 150, 0) - scale.threadGap()).isGreaterThanOrEqualTo(scale.top() - 1e-9);
        assertThat(scale.strand(Who.ATHLETE, 150, 0) + scale.threadGap()).isLessThanOrEqualTo(scale.bottom() + 1e-9);
    }

    @Test
    void aNearLineIsNotBlownUp() {
        assertThat(new RopeScale(860, 320, 8, 40).pixelsPerCm())
                .isEqualTo(new RopeScale(860, 320, 8, 130).pixelsPerCm());
    }

    @Test
    void theHeadIsTheUpperThread() {
        assertThat(scale.thread(Level.HEAD)).isLessThan(scale.thread(Level.BODY));
        assertThat(scale.thread(Level.BODY)).isLessThan(scale.thread(Level.LEG));
        assertThat(scale.thread(Level.CALF)).isEqualTo(scale.thread(Level.LEG));
    }

    @Test
    void lanesLieUnderOneAnotherAndDoNotMeet() {
        RopeScale lanes = new RopeScale(860, 400, Stretch.whole(8), 150, 2, 1);
        assertThat(lanes.strand(Who.ATHLETE, 150, 0) + lanes.threadGap())
                .isLessThan(lanes.strand(Who.PARTNER, 150, 1) - lanes.threadGap());
        assertThat(lanes.middle(0.5)).isBetween(lanes.middle(0), lanes.middle(1));
    }
}
