package onebeat.desktop.rope;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import org.junit.jupiter.api.Test;

class RopeMarkTest {

    private static PlayedWay way(String line) {
        return Play.of(((Read) Notation.read(line)).line(), Setting.usual())
                .ways()
                .getFirst();
    }

    private static String at(String line, double beat, Who side) {
        return new RopeMark(beat, side)
                .step(way(line))
                .map(s -> Notation.print(s.placed().act()))
                .orElse("nothing");
    }

    @Test
    void theNearestOnItsOwnSideIsMeant() {
        assertThat(at("(1) catch 2", 0.1, Who.PARTNER)).isEqualTo("1");
        assertThat(at("(1) catch 2", 0.1, Who.ATHLETE)).isEqualTo("catch");
        assertThat(at("(1) catch 2", 0.9, Who.PARTNER))
                .as("only the athlete does something there")
                .isEqualTo("2");
        assertThat(at("1 _ _ 2", 1.6, Who.ATHLETE))
                .as("half a beat is near, more is not")
                .isEqualTo("nothing");
    }

    @Test
    void someOfWhatIsDoneCanBeLookedFor() {
        assertThat(new RopeMark(0, Who.ATHLETE)
                        .step(way("(1) catch 2"), s -> s.placed().act().isStrike())
                        .map(Step::who))
                .contains(Who.PARTNER);
    }

    @Test
    void itStaysOnTheRope() {
        assertThat(RopeMark.START.moved(-3, 4).beat()).isEqualTo(-0.5);
        assertThat(RopeMark.START.moved(30, 4).beat()).isEqualTo(3.5);
        assertThat(RopeMark.START.moved(5, 0).beat()).as("nothing is drawn").isZero();
        assertThat(new RopeMark(1, Who.PARTNER).moved(0.25, 4)).isEqualTo(new RopeMark(1.25, Who.PARTNER));
    }
}
