package onebeat.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import onebeat.core.Lines;
import onebeat.core.RandomLines;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Openings;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Reaction;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Laws that hold for every line, over seeded random ones.
class LawsTest {

    private static final List<String> STRIKES =
            List.of("1", "2", "3", "3b", "5", "6", "overhand", "rlow", "lmid", "rmid", "rteep", "2b");

    private static Read read(String text) {
        return Lines.read(text);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    @DisplayName("Mirror law: both stances swapped gives the same review to the last digit, but for the liver")
    void mirrorLaw(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 60; i++) {
            String line = RandomLines.line(random, 1);
            if (!(Notation.read(line) instanceof Read read)) {
                continue;
            }
            for (Stance partner : Stance.values()) {
                Review one = Review.withReasons(read, Context.of(Setting.of(Stance.ORTHODOX, partner)));
                Review other = Review.withReasons(read, Context.of(Setting.of(Stance.SOUTHPAW, partner.changed())));
                assertThat(bare(other)).as(line).isEqualTo(bare(one));
                assertThat(other.exposure()).isEqualTo(one.exposure());
                for (int way = 0; way < one.openings().size(); way++) {
                    assertThat(bare(other.openings().get(way)))
                            .as(line)
                            .isEqualTo(bare(one.openings().get(way)));
                }
            }
        }
    }

    /// A stance is named in words, and those change with it.
    private static List<String> bare(Review review) {
        return review.findings().stream()
                .map(f -> f.code() + " " + f.severity() + " " + f.steps() + " "
                        + (f.code() == Code.STANCE_LOST ? "" : f.text()))
                .toList();
    }

    private static List<Opening> bare(Openings openings) {
        return openings.byStep().entrySet().stream()
                .sorted(java.util.Map.Entry.comparingByKey())
                .map(e -> e.getValue())
                .map(o -> new Opening(o.step(), o.zone(), false, o.value(), o.exposure(), 0, o.credits()))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(longs = {4, 5})
    @DisplayName("A reload before a strike never lowers that strike's power")
    void aReloadNeverLowersPower(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 300; i++) {
            String before = RandomLines.chain(random, 1 + random.nextInt(4));
            String strike = STRIKES.get(random.nextInt(STRIKES.size()));
            double with = lastPower(before + " reload " + strike);
            double without = lastPower(before + " _ " + strike);
            assertThat(with).as(before + " " + strike).isGreaterThanOrEqualTo(without - 1e-9);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {6, 7})
    @DisplayName("A lighter intent never raises its own power")
    void lighterIsNeverHarder(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 300; i++) {
            String before = RandomLines.chain(random, random.nextInt(4));
            String strike = STRIKES.get(random.nextInt(STRIKES.size()));
            double full = lastPower(before + " " + strike + "!");
            double normal = lastPower(before + " " + strike);
            double light = lastPower(before + " " + strike + "'");
            assertThat(normal).isLessThanOrEqualTo(full);
            assertThat(light).isLessThanOrEqualTo(normal);
        }
    }

    private static double lastPower(String line) {
        PlayedWay way = Lines.way(line);
        return way.steps().getLast().impact().orElseThrow().power();
    }

    @ParameterizedTest
    @MethodSource("feeds")
    @DisplayName("A feed met by its fitting defence is never less safe than the same feed unmet")
    void metIsNeverLessSafe(String feed, String defence) {
        Random random = new Random(8);
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (int i = 0; i < 10; i++) {
                String rest = RandomLines.chain(random, random.nextInt(3));
                String met = "(" + feed + ") " + defence + " " + rest;
                String unmet = "(" + feed + ") _ " + rest;
                assertThat(Lines.exposure(met, setting))
                        .as(met + " " + setting)
                        .isLessThanOrEqualTo(Lines.exposure(unmet, setting) + 1e-12);
            }
        }
    }

    static Stream<org.junit.jupiter.params.provider.Arguments> feeds() {
        return Stream.of("1", "2", "3", "4", "3b", "2b", "6", "overhand", "rlow", "rmid", "rhigh", "rteep")
                .flatMap(feed -> Stream.of("catch", "parry", "block", "tuck", "slip-in", "slip-out", "check", "shield")
                        .filter(defence -> fits(feed, defence))
                        .map(defence -> org.junit.jupiter.params.provider.Arguments.of(feed, defence)));
    }

    private static boolean fits(String feed, String defence) {
        Step step = Lines.step("(" + feed + ") " + defence, 0);
        Technique met = Lines.step("(" + feed + ") " + defence, 1).placed().technique();
        return met.meets(step.placed().technique(), step.placed().act().level());
    }

    @Test
    @DisplayName("More choices never give more time to see")
    void moreChoicesNeverGiveMoreTime() {
        String branch = "(1): catch+1";
        double last = Double.MAX_VALUE;
        for (int choices = 1; choices <= 8; choices++) {
            String line = "{ " + branch + " | (2): parry 2".repeat(choices - 1) + " } off";
            Read read = read(line);
            PlayedWay way = Lines.play(line, Lines.SAME).ways().getFirst();
            double ms = Reaction.timeToSeeMs(read.line(), way, way.steps().getFirst(), Rung.WHOLE, 60)
                    .orElseThrow();
            assertThat(ms).as(line).isLessThanOrEqualTo(last);
            last = ms;
        }
    }

    @Test
    @DisplayName(
            "Hick and Hyman: reaction grows by the same for every doubling of the choices (Hyman 1953; from memory)")
    void hickHyman() {
        assertThat(Reaction.ms(1)).isEqualTo(212);
        assertThat(Reaction.ms(2)).isEqualTo(212 + 153);
        assertThat(Reaction.ms(8)).isEqualTo(212 + 3 * 153);
        assertThat(Reaction.ms(4) - Reaction.ms(2)).isEqualTo(Reaction.ms(2) - Reaction.ms(1));
    }

    @Test
    void lowerStepsShowEarlier() {
        Read read = read("(1) catch+1");
        PlayedWay way = Lines.way("(1) catch+1");
        double slow = Reaction.timeToSeeMs(read.line(), way, way.steps().getFirst(), Rung.SLOW, 60)
                .orElseThrow();
        double live = Reaction.timeToSeeMs(read.line(), way, way.steps().getFirst(), Rung.LIVE, 60)
                .orElseThrow();
        assertThat(slow - live).isEqualTo(Rung.SLOW.showMs() - Rung.LIVE.showMs());
        assertThat(live)
                .as("honest speed cannot be seen first and answered then")
                .isNegative();
    }

    @ParameterizedTest
    @ValueSource(longs = {9, 10})
    @DisplayName("A mended line no longer has what it mends, and no new stop")
    void mendsHold(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 60; i++) {
            String line = RandomLines.chain(random, 2 + random.nextInt(6));
            Review review = Review.of(read(line), Context.usual());
            for (Finding finding : review.findings()) {
                if (finding.mended().isEmpty()) {
                    continue;
                }
                String mended = finding.mended().get();
                assertThat(Notation.read(mended)).as(mended).isNotInstanceOf(Misread.class);
                Review after = Review.withoutMends(read(mended), Context.usual());
                assertThat(after.findings(finding.code()).size())
                        .as(line + " -> " + mended)
                        .isLessThan(review.findings(finding.code()).size());
                for (Code code : Code.values()) {
                    boolean stops = review.findings(code).stream().anyMatch(f -> f.severity() == Severity.STOP)
                            || after.findings(code).stream().anyMatch(f -> f.severity() == Severity.STOP);
                    if (stops) {
                        assertThat(after.findings(code).size())
                                .as(line + " -> " + mended + " " + code)
                                .isLessThanOrEqualTo(review.findings(code).size());
                    }
                }
            }
        }
    }

    @Test
    @DisplayName("Each reason in words names actions whose removal lowers the opening")
    void theReasonIsOne() {
        for (String line :
                List.of("1 2b 3 off", "(1) catch+2 3b", "2! ~2 (high) 3b", "[1 1b]*3 1 3", "1 3! (lean) rlow")) {
            Review review = Review.withReasons(read(line), Context.usual());
            PlayedWay way = review.played().ways().getFirst();
            Step last = way.strikesOf(Who.ATHLETE).toList().getLast();
            String why = review.why(0, last).orElseThrow();
            Opening opening = review.openings().getFirst().of(last).orElseThrow();
            for (var credit : onebeat.core.opening.Why.reasons(opening)) {
                assertThat(credit.gain()).isPositive();
                assertThat(why)
                        .contains(way.steps()
                                .get(credit.step())
                                .placed()
                                .technique()
                                .name());
            }
        }
    }

    @Test
    @DisplayName("Parry against slip: the one makes the next hand late, the other keeps both hands free (F24)")
    void compares() {
        Comparison comparison = Comparison.of(read("(2) lparry 3b off"), read("(2) slip-in 3b off"), Context.usual());
        var delay = comparison.measures().get(Comparison.Measure.values().length - 1);
        assertThat(delay.first().orElseThrow()).isGreaterThan(delay.second().orElseThrow());
        assertThat(comparison.sentence()).startsWith("The first").contains("next hand late");
        Comparison turned = Comparison.of(read("(2) slip-in 3b off"), read("(2) lparry 3b off"), Context.usual());
        assertThat(turned.sentence()).contains("second").contains("next hand late");
        assertThat(Comparison.of(read("1 2 off"), read("1 2 off"), Context.usual())
                        .sentence())
                .contains("Nothing");
    }

    @Test
    @DisplayName("Variants change one thing, have no stop, and come ranked")
    void variants() {
        List<Variants.Variant> variants = Variants.of(read("1 2 3 rlow circle-rear"), Context.usual());
        assertThat(variants).hasSizeGreaterThan(8);
        assertThat(variants).allSatisfy(v -> assertThat(v.review().hasStop()).isFalse());
        assertThat(variants).extracting(v -> -v.review().score()).isSorted();
        assertThat(variants)
                .extracting(Variants.Variant::line)
                .doesNotHaveDuplicates()
                .contains("1 2b 3 rlow circle-rear", "1 2 3! rlow circle-rear", "1 2 3 rlow off")
                .doesNotContain("1 2 3 rlow circle-rear");
    }
}
