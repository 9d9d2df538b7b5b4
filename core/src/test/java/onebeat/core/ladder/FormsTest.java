package onebeat.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.core.Lines;
import onebeat.core.exchange.Pairing;
import onebeat.core.review.Code;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class FormsTest {

    @Test
    @DisplayName("F44, common practice: one strike, then two, three, four, with feet between")
    void aPyramidGrowsByOne() {
        assertThat(Forms.pyramid(Lines.read("1 2 3 2").line(), Pairing.SAME))
                .contains("1 circle-rear 1 2 circle-rear 1 2 3 circle-rear 1 2 3 2 circle-rear");
        assertThat(Forms.pyramid(Lines.read("1").line(), Pairing.SAME)).isEmpty();
    }

    @Test
    @DisplayName("F18, common practice: the same from the other stance, and home again")
    void aMirrorRunComesHome() {
        String run = Forms.mirror(Lines.read("2 3b 3 2").line());
        assertThat(run).isEqualTo("[2 3b 3 2 switch]*2");
        assertThat(Lines.codes(run, Lines.OPEN)).doesNotContain(Code.STANCE_LOST);
    }

    @Test
    @DisplayName("F20, common practice: high, low, high and low, low, high")
    void levelsChangeWhereTheStrikesCanGoThere() {
        assertThat(Forms.levels(Lines.read("1 2 3").line())).containsExactly("1 2b 3", "1b 2b 3", "1b 2 3b");
        assertThat(Forms.levels(Lines.read("1 2b 3").line())).doesNotContain("1 2b 3");
        assertThat(Forms.levels(Lines.read("1 overhand").line())).allMatch(l -> l.endsWith("overhand"));
    }
}
