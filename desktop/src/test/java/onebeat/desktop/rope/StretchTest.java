package onebeat.desktop.rope;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import org.junit.jupiter.api.Test;

class StretchTest {

    private static final int ALL = 199;

    @Test
    void aLineThatFitsIsDrawnWhole() {
        assertThat(Stretch.whole(1).at(3, 12)).isEqualTo(new Stretch(0, 12));
        assertThat(new Stretch(40, Stretch.MOST).at(45, Stretch.MOST)).isEqualTo(new Stretch(0, Stretch.MOST));
    }

    @Test
    void thePageIsTurnedWhenTheMarkLeavesItAndAlwaysHoldsIt() {
        Stretch page = Stretch.whole(1).at(-0.5, ALL);
        assertThat(page).isEqualTo(new Stretch(0, Stretch.MOST));
        for (double mark = 0; mark < ALL; mark += 0.25) {
            Stretch next = page.at(mark, ALL);
            assertThat(mark).isBetween((double) next.from() - 1, (double) next.to());
            assertThat(next.to()).isLessThanOrEqualTo(ALL);
            boolean turned = !next.equals(page);
            assertThat(turned).as("only where the mark left it, at %s", mark).isEqualTo(mark > page.to());
            page = next;
        }
        assertThat(page.to()).isEqualTo(ALL);
        assertThat(page.at(3, ALL).from()).isZero();
    }

    @Test
    void whatIsDoneOnAPageIsWhatIsDrawnThere() {
        PlayedWay way = Play.of(((Read) Notation.read("[1 2]*99")).line(), Setting.of(Stance.ORTHODOX, Stance.ORTHODOX))
                .ways()
                .getFirst();
        Stretch page = new Stretch(60, Stretch.MOST);
        List<Double> beats =
                page.steps(way).stream().map(step -> step.beat().inBeats()).toList();
        assertThat(beats).hasSize(Stretch.MOST).allMatch(beat -> beat > 59 && beat < 108);
        assertThat(page.moments(way).getFirst().beat().inBeats()).isLessThanOrEqualTo(60);
        assertThat(new Stretch(150, 1).moments(way)).isNotEmpty();
    }
}
