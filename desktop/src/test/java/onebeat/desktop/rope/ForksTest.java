package onebeat.desktop.rope;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import org.junit.jupiter.api.Test;

class ForksTest {

    private static List<PlayedWay> ways(String line) {
        return Play.of(((Read) Notation.read(line)).line(), Setting.usual()).ways();
    }

    @Test
    void waysLieTogetherUntilTheyPart() {
        Forks forks = Forks.around(ways("1 2 { (1): catch+1 | (3): block 3 } off"), 0, 3);
        assertThat(forks.lanes()).isEqualTo(2);
        assertThat(forks.lane(0, 1)).isEqualTo(forks.lane(1, 1)).isEqualTo(0.5);
        assertThat(forks.lane(0, 2)).isEqualTo(0);
        assertThat(forks.lane(1, 2)).isEqualTo(1);
    }

    @Test
    void whatIsSharedIsDrawnOnTheFirstWayOnly() {
        Forks forks = Forks.around(ways("1 { (1): catch+1 | (3): block 3 } off"), 1, 3);
        Step shared = forks.ways().get(1).steps().getFirst();
        Step own = forks.ways().get(1).steps().get(1);
        assertThat(forks.isFirst(0, shared)).isTrue();
        assertThat(forks.isFirst(1, shared)).isFalse();
        assertThat(forks.isFirst(1, own)).isTrue();
    }

    @Test
    void aReadInAReadForksAgain() {
        Forks forks = Forks.around(ways("{ (1): catch { (1): catch | (2): parry } | (3): block } off"), 1, 3);
        assertThat(forks.lanes()).isEqualTo(3);
        assertThat(forks.lane(0, 0)).as("both of the first branch").isEqualTo(0.5);
        assertThat(forks.lane(1, 0)).isEqualTo(0.5);
        assertThat(forks.lane(2, 0)).isEqualTo(2);
        assertThat(forks.lane(0, 2)).isEqualTo(0);
        assertThat(forks.lane(1, 2)).isEqualTo(1);
    }

    @Test
    void noMoreThanThreeAreDrawnAndTheChosenIsAmongThem() {
        List<PlayedWay> many = ways("{ (1): catch | (2): parry | (3): block | (4): block | (1b): parry } off");
        assertThat(many).hasSize(5);
        for (int chosen = 0; chosen < 5; chosen++) {
            Forks forks = Forks.around(many, chosen, 3);
            assertThat(forks.lanes()).isEqualTo(3);
            assertThat(forks.numbers()).contains(chosen);
        }
    }

    @Test
    void aLineWithoutReadsHasOneLane() {
        Forks forks = Forks.around(ways("1 2 3"), 0, 3);
        assertThat(forks.lanes()).isEqualTo(1);
        assertThat(forks.lane(0, 1)).isZero();
    }

    @Test
    void aFreeChoiceIsNoRead() {
        assertThat(Forks.around(ways("1 < 2 | 3 > off"), 0, 3).choices()).hasSize(1);
        assertThat(Forks.around(ways("1 { (1): catch+1 | (3): block 3 } off"), 0, 3)
                        .choices())
                .isEmpty();
        assertThat(Forks.around(ways("1 { (1): catch+1 | (none): 2 } off"), 0, 3)
                        .choices())
                .as("nothing to see is a cue too")
                .isEmpty();
    }

    @Test
    void aChoiceOfThreeIsOneChoice() {
        List<Forks.FreeChoice> choices =
                Forks.around(ways("1 < 2 | 3 | 3b > off"), 1, 3).choices();
        assertThat(choices).hasSize(1);
        assertThat(choices.getFirst().lane()).isEqualTo(1);
    }

    @Test
    void whereThePictureIsLowFewerWaysAreDrawnTheChosenAlways() {
        List<PlayedWay> many = ways("{ (1): catch | (2): parry | (3): block | (4): block } off");
        for (int chosen = 0; chosen < 4; chosen++) {
            assertThat(Forks.around(many, chosen, 1).numbers()).containsExactly(chosen);
            assertThat(Forks.around(many, chosen, 2).numbers()).hasSize(2).contains(chosen);
        }
        assertThat(RopeScale.mostLanes(150, 1)).isEqualTo(1);
        assertThat(RopeScale.mostLanes(360, 1)).isGreaterThanOrEqualTo(3);
        assertThat(RopeScale.mostLanes(360, 2)).isLessThan(RopeScale.mostLanes(360, 1));
    }
}
