package onebeat.core.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import onebeat.core.Lines;
import onebeat.core.holding.RandomScript.Turn;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import org.apache.commons.statistics.inference.ChiSquareTest;
import org.apache.commons.statistics.inference.SignificanceResult;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RandomScriptTest {

    private static final String READS = "{ (1): catch+2 3 | (2): parry 2 | (none): 1 2 } off";
    private static final String LEAD_INS = "[2 1]*1..4 ~2 3 off";

    private static Line line(String text) {
        return Lines.read(text).line();
    }

    private static List<Integer> options(List<Turn> turns) {
        return turns.stream().map(t -> t.drawn().getFirst().option()).toList();
    }

    private static long[] counts(List<Integer> options, int kinds) {
        long[] counts = new long[kinds];
        options.forEach(o -> counts[o]++);
        return counts;
    }

    private static int longestRun(List<Integer> options) {
        int longest = 0;
        int run = 0;
        for (int i = 0; i < options.size(); i++) {
            run = i > 0 && options.get(i).equals(options.get(i - 1)) ? run + 1 : 1;
            longest = Math.max(longest, run);
        }
        return longest;
    }

    @Test
    @DisplayName("a seed's script never changes: these were drawn once and written down")
    void theScriptOfASeedNeverChanges() {
        List<Turn> turns = RandomScript.of(line(READS), Odds.parse("3:2:1"), new Draw(20270304, 3, 2), 12);
        String written = turns.stream()
                .map(t -> t.drawn().getFirst().option() + "+" + t.extraGap())
                .collect(Collectors.joining(" "));
        assertThat(written).isEqualTo("0+1 2+0 1+1 0+1 1+0 2+0 0+1 1+2 0+0 0+1 0+0 1+0");
        assertThat(RandomScript.of(line(READS), Odds.parse("3:2:1"), new Draw(20270304, 3, 2), 12))
                .isEqualTo(turns);
        assertThat(RandomScript.of(line(READS), Odds.parse("3:2:1"), new Draw(20270305, 3, 2), 12))
                .isNotEqualTo(turns);
    }

    @ParameterizedTest
    @CsvSource({
        "1:1:1, 3",
        "3:2:1, 3",
        "3:2:1, 2",
        "6:1:1, 4",
        "1:1:1, 1",
        "5:3:2, 1",
        "9:9:1, 2",
        "1:1:0, 3",
        "13:5:2, 9"
    })
    @DisplayName(
            "cues come by the odds asked for (chi-square test of commons-statistics), never longer in a row than set")
    void cuesComeByTheOdds(String odds, int mostRun) {
        double[] shares = Odds.parse(odds).shares(0, 3);
        int kinds = (int) Arrays.stream(shares).filter(s -> s > 0).count();
        int passed = 0;
        for (long seed = 1; seed <= 20; seed++) {
            List<Integer> drawn =
                    options(RandomScript.of(line(READS), Odds.parse(odds), new Draw(seed, mostRun, 0), 1_000));
            assertThat(longestRun(drawn)).isLessThanOrEqualTo(mostRun);
            SignificanceResult result = ChiSquareTest.withDefaults()
                    .test(Arrays.copyOf(shares, kinds), Arrays.copyOf(counts(drawn, 3), kinds));
            passed += result.getPValue() > 0.01 ? 1 : 0;
        }
        // Fair draws pass 19.8 of 20 on average; drawn with a limit they vary less and pass more often.
        assertThat(passed).isGreaterThanOrEqualTo(18);
    }

    @Test
    @DisplayName("a share that a run limit cannot give comes as near as it can: M of M + 1")
    void tooLargeAShareComesAsNearAsItCan() {
        List<Integer> drawn = options(RandomScript.of(
                line("{ (1): catch+2 | (2): parry 2 } off"), Odds.parse("9:1"), new Draw(5, 2, 0), 3_000));
        assertThat(longestRun(drawn)).isEqualTo(2);
        assertThat(counts(drawn, 2)[0] / 3_000.0).isCloseTo(2 / 3.0, within(0.01));
    }

    @Test
    @DisplayName("F46: lead-ins are drawn from one to four, all about as often")
    void leadInsAreDrawn() {
        List<Turn> turns = RandomScript.of(line(LEAD_INS), Odds.even(), Draw.of(11), 2_000);
        long[] counts = counts(options(turns), 4);
        assertThat(ChiSquareTest.withDefaults()
                        .test(new double[] {.25, .25, .25, .25}, counts)
                        .getPValue())
                .isGreaterThan(0.001);
        Turn turn = turns.getFirst();
        int times = turn.drawn().getFirst().option() + 1;
        assertThat(Notation.print(turn.line()))
                .isEqualTo(
                        IntStream.range(0, times).mapToObj(_ -> "2 1").collect(Collectors.joining(" ")) + " ~2 3 off");
    }

    @Test
    void nothingIsLeftToChanceInATurn() {
        for (Turn turn : RandomScript.of(line("[" + READS + "]*1..2 " + LEAD_INS), Odds.even(), Draw.of(3), 50)) {
            assertThat(RandomScript.draws(turn.line())).isFalse();
            assertThat(Notation.read(Notation.print(turn.line())).getClass().getSimpleName())
                    .isEqualTo("Read");
        }
    }

    @Test
    void gapsVaryWithinTheSpread() {
        List<Turn> turns = RandomScript.of(line(READS), Odds.even(), new Draw(8, 3, 2), 200);
        assertThat(turns).extracting(Turn::extraGap).contains(0, 1, 2).allMatch(gap -> gap <= 2);
    }

    @Test
    @DisplayName(
            "entropy: a fair coin tells one bit a draw, four even ones two (Shannon 1948); a run limit takes some away")
    void bits() {
        assertThat(new RunLimited(new double[] {.5, .5}, 9).bitsADraw()).isCloseTo(1, within(0.01));
        assertThat(new RunLimited(new double[] {.25, .25, .25, .25}, 9).bitsADraw())
                .isCloseTo(2, within(0.001));
        assertThat(new RunLimited(new double[] {.5, .5}, 1).bitsADraw()).isZero();
        // Shannon 1948, section 7: the source with probabilities 1/2, 1/4, 1/8, 1/8 has 7/4 bits a symbol.
        assertThat(new RunLimited(new double[] {.5, .25, .125, .125}, 9).bitsADraw())
                .isCloseTo(1.75, within(0.01));
        // Two in a row at most of a fair coin, by hand: a third of the draws are forced and tell nothing.
        assertThat(new RunLimited(new double[] {.5, .5}, 2).bitsADraw()).isCloseTo(2 / 3.0, within(1e-9));
    }

    @Test
    @DisplayName("the guesser of order two finds what repeats and is no better than chance on what does not")
    void guessing() {
        List<Integer> pattern = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            pattern.add(i % 3);
        }
        assertThat(Guessing.hits(pattern, 3)).isGreaterThan(50);
        Line line = line(READS);
        List<Turn> turns = RandomScript.of(line, Odds.even(), Draw.of(77), 3_000);
        Guessing fair = Guessing.of(line, Odds.even(), Draw.of(77), turns).getFirst();
        assertThat(fair.draws()).isEqualTo(3_000);
        assertThat(fair.hitRate()).isBetween(0.30, 0.42);
        Draw forced = new Draw(77, 1, 0);
        Line two = line("{ (1): catch+2 | (2): parry 2 } off");
        Guessing alternating = Guessing.of(two, Odds.even(), forced, RandomScript.of(two, Odds.even(), forced, 100))
                .getFirst();
        assertThat(alternating.hitRate()).isGreaterThan(0.9);
        assertThat(alternating.bits()).isZero();
    }

    @Test
    void oddsAreReadAndWritten() {
        Odds odds = Odds.parse("3:2:1 - 1:0");
        assertThat(odds.words()).isEqualTo("3:2:1 - 1:0");
        assertThat(odds.shares(0, 3)).containsExactly(0.5, 1 / 3.0, 1 / 6.0);
        assertThat(odds.shares(1, 2)).containsExactly(0.5, 0.5);
        assertThat(odds.shares(0, 2)).as("the line has changed").containsExactly(0.5, 0.5);
        assertThat(odds.with(2, 2, 1, 3).words()).isEqualTo("3:2:1 - 1:3");
        assertThatThrownBy(() -> Odds.parse("3/2"))
                .hasMessageContaining("such as 3:2:1")
                .hasMessageContaining("3/2");
    }
}
