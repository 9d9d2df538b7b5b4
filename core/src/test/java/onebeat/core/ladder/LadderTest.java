package onebeat.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import onebeat.core.Lines;
import onebeat.core.ladder.Ladder.With;
import onebeat.core.notation.Notation;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.RuleSet;
import onebeat.core.timing.Reaction;
import onebeat.core.timing.Rung;
import onebeat.core.timing.Timing;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class LadderTest {

    private static final RuleSet MUAY_THAI = RuleSet.of("muaythai").orElseThrow();

    static Stream<Arguments> chains() {
        return Stream.of(Lines.SAME, Lines.OPEN)
                .flatMap(setting -> Stream.concat(
                        Chains.ALL.stream()
                                // In open pairing the lead hand catches the partner's jab, and cannot jab too (F25,
                                // F26).
                                .map(c -> setting.equals(Lines.OPEN) ? c.replace("catch+1", "catch+2") : c)
                                .map(c -> Arguments.of(c, Context.of(setting))),
                        Chains.CLINCH.stream()
                                .map(c -> Arguments.of(c, Context.of(setting).with(MUAY_THAI)))));
    }

    private static final Map<Context, With> USUAL = new ConcurrentHashMap<>();

    /// As in a camp, its lines have the same answers to other cues.
    private static With usual(Context context) {
        return USUAL.computeIfAbsent(context, With::usual);
    }

    private static Ladder ladder(String line, Setting setting) {
        return Ladder.of(Lines.read(line), usual(Context.of(setting)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("chains")
    void everyChainClimbsWithoutAStopAndEveryStageIsHarder(String line, Context context) {
        Ladder ladder = Ladder.of(Lines.read(line), usual(context));
        String canonical = Notation.print(Lines.read(line).line());
        assertThat(ladder.stages()).as(line).isNotEmpty();
        double before = 0;
        for (Stage stage : ladder.stages()) {
            Review review = Review.withoutMends(
                    Lines.read(stage.line()), context.at(stage.bpm()).on(stage.rung()));
            assertThat(review.hasStop()).as(stage.toString()).isFalse();
            assertThat(stage.difficulty()).as(stage.toString()).isGreaterThanOrEqualTo(before);
            before = stage.difficulty();
        }
        assertThat(ladder.stages().stream().map(s -> s.rung() + s.line() + s.bpm()))
                .doesNotHaveDuplicates();
        assertThat(ladder.of(Rung.WHOLE).getLast().line()).isEqualTo(canonical);
        assertThat(ladder.stages().stream().map(Stage::rung).distinct())
                .as("%s", ladder)
                .containsExactly(Rung.values());
    }

    @Test
    @DisplayName(
            "trade, §1.3, common practice: a long chain is grown, the first three or four, then those plus the next piece")
    void aLongChainIsGrownFromTheTop() {
        Ladder ladder = ladder("(1) catch+2 3 rmid (2) parry 3b 2 3 circle-lead", Lines.OPEN);
        List<String> grown = ladder.of(Rung.SLOW).stream().map(Stage::line).toList();
        assertThat(grown).hasSizeGreaterThan(1);
        String whole = ladder.of(Rung.WHOLE).getFirst().line();
        assertThat(grown.stream().filter(g -> g.startsWith("(1) catch+2 3"))).allMatch(whole::startsWith);
        assertThat(ladder.of(Rung.PARTS).stream().map(Stage::line)).contains("(1) catch+2", "3", "rmid", "(2) parry");
    }

    @Test
    void tempoClimbsToTheCeilingAndNotPast() {
        Ladder ladder = ladder("1 2 3 rlow", Lines.SAME);
        double ceiling = Timing.ceiling(Lines.way("1 2 3 rlow")).orElseThrow().ceilingBpm();
        List<Stage> tempo = ladder.of(Rung.TEMPO);
        assertThat(tempo).hasSize(3);
        assertThat(tempo.getLast().bpm()).isCloseTo((int) ceiling, within(1));
        assertThat(ladder.stages()).allMatch(s -> s.bpm() <= ceiling + 1);
    }

    @Test
    void theReadHasTwoCuesAndTheLineItselfIsOne() {
        Stage two =
                ladder("(1) catch+2 3 circle-lead", Lines.OPEN).of(Rung.READS).getFirst();
        assertThat(two.line()).startsWith("{ (1): catch+2 3 circle-lead | (");
        assertThat(two.line().chars().filter(c -> c == '|').count()).isEqualTo(1);
    }

    @Test
    void aLineWithoutFeedsReadsWhatItsOwnStrikesCause() {
        Stage two = ladder("1b 2 3 circle-lead", Lines.OPEN).of(Rung.READS).getFirst();
        assertThat(two.line()).startsWith("1b 2 { (");
    }

    @Test
    @DisplayName("F23, F46, common practice: lead-ins are drawn, from one up")
    void atRandomTheLeadInsAreDrawn() {
        Stage random = ladder("1 2! 1 ~2 (high) shovel rlow", Lines.OPEN)
                .of(Rung.RANDOM)
                .getFirst();
        assertThat(random.line()).startsWith("[1 2!]*1..4 1 ~2 {");
    }

    @Test
    void brokenRhythmPausesOnceMore() {
        Stage broken = ladder("1 2 3 rlow", Lines.SAME).of(Rung.BROKEN).getFirst();
        assertThat(broken.line().replace("_ ", "")).isEqualTo("1 2 3 rlow");
        assertThat(broken.line()).contains("_");
        assertThat(ladder("1 2 3 circle-rear", Lines.SAME)
                        .of(Rung.BROKEN)
                        .getFirst()
                        .line())
                .as("before a strike, not after the last")
                .doesNotContain("_ circle");
    }

    @Test
    void aLineWithAStopHasNoLadderYet() {
        assertThat(ladder("(1) 2", Lines.SAME).stages()).isEmpty();
    }

    @Test
    @DisplayName("Hick 1952, Hyman 1953: with cues a beat leaves the time to see and choose")
    void cuesComeNoFasterThanTheyCanBeRead() {
        for (Stage stage : ladder("1b (low) 2 3 circle-lead", Lines.OPEN).stages()) {
            int cues = (int) stage.line().chars().filter(c -> c == '|').count() + 1;
            if (cues > 1) {
                assertThat(60_000.0 / stage.bpm()).as(stage.toString()).isGreaterThanOrEqualTo(Reaction.ms(cues));
            }
        }
    }

    @Test
    @DisplayName(
            "J15, F45: the read of a feint follows its flinch, its payoff is not thrown without it, and it begins slow")
    void theReadFollowsTheFlinch() {
        Ladder ladder = ladder("2! ~2 (high) 3b off", Lines.SAME);
        String reads = ladder.of(Rung.READS).getFirst().line();
        assertThat(reads).startsWith("2! ~2 { (high): 3b");
        assertThat(reads).contains("(none): circle-rear");
        assertThat(ladder.of(Rung.SLOW).getFirst().bpm())
                .isLessThan(ladder.of(Rung.TEMPO).getLast().bpm());
    }

    @Test
    @DisplayName("J15: lead-ins never nest, and a mirror run stays whole")
    void nothingNestsAndSetsStayWhole() {
        for (Stage stage : ladder("[1 1b]*2..4 1 3 off", Lines.SAME).stages()) {
            assertThat(stage.line().chars().filter(c -> c == '[').count())
                    .as(stage.line())
                    .isLessThanOrEqualTo(1);
        }
        String run = "[2 3b 3 2 5 6 switch]*2";
        Ladder mirror = ladder(run, Lines.SAME);
        for (Rung rung : List.of(Rung.WHOLE, Rung.READS, Rung.RANDOM, Rung.LIVE)) {
            mirror.of(rung)
                    .forEach(stage -> assertThat(stage.line()).as(rung.id()).contains(run));
        }
    }
}
