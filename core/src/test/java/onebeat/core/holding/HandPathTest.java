package onebeat.core.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import onebeat.core.Lines;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Side;
import onebeat.core.holding.HandPath.Place;
import onebeat.core.play.PlayedWay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HandPathTest {

    private static final double BPM = 60;

    private static PlayedWay way(String line) {
        return Lines.play(line, Lines.SAME).ways().getFirst();
    }

    private static PadPlan plan(PlayedWay way) {
        return Holding.plan(way, Lines.SAME, new Holder(Gear.all(), JabSchool.STRAIGHT), BPM);
    }

    private static HandPath path(PlayedWay way) {
        return HandPath.of(way, plan(way), Build.of(Lines.SAME.partner()), BPM);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1 2 3b 3", "(1) catch+2 3 rmid", "1 2 5 6 2b", "(3b) tuck 5 2 rmid"})
    void everyTargetStandsAtItsPlaceFromWhenItIsShownUntilItsContact(String line) {
        PlayedWay way = way(line);
        HandPath path = path(way);
        for (Pad pad : plan(way).pads()) {
            double at = way.steps().get(pad.step()).beat().inBeats() * 60_000 / BPM;
            for (Side side : pad.hand().sides()) {
                for (double ms : new double[] {pad.showMs(), (pad.showMs() + at) / 2, at}) {
                    Place place = path.at(side, ms);
                    assertThat(place.heightCm()).as(line + " at " + ms).isCloseTo(pad.heightCm(), within(1e-9));
                    assertThat(place.out()).isZero();
                }
            }
        }
    }

    @Test
    void aFeedGoesOutAndComesHome() {
        HandPath path = path(way("_ (1) catch+2"));
        assertThat(path.at(Side.LEAD, 1_000).out()).isEqualTo(1);
        assertThat(path.at(Side.LEAD, 1_085).out()).isCloseTo(0.5, within(1e-9));
        assertThat(path.at(Side.LEAD, 1_400).out()).isZero();
        assertThat(path.at(Side.REAR, 1_000).out()).isZero();
    }

    @Test
    void handsWaitAtTheHeadBeforeTheFirstTarget() {
        Place waiting = path(way("1 2")).at(Side.LEAD, -5_000);
        assertThat(waiting.holds()).isEqualTo(Optional.empty());
        assertThat(waiting.asideCm()).isPositive();
    }
}
