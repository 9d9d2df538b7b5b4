package onebeat.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import onebeat.core.Lines;
import onebeat.core.exchange.Side;
import onebeat.core.opening.Opening;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/// The laws of steps, angles, sides, set-ups and joined defences (J16 to J20, common practice), in both stances and
/// pairings.
class LawsOfSidesAndAnglesTest {

    private static final List<String> ROUND = List.of("3", "4", "elbow", "relbow");
    private static final List<String> STRIKES = List.of("1", "2", "3", "4", "5", "6", "rlow", "rmid");
    private static final List<String> SIDEWAYS = List.of("off", "across", "circle-lead", "circle-rear", "piv");

    private static Review review(String line, Setting setting) {
        return Review.withoutMends(
                Lines.read(line), Context.of(setting).with(RuleSet.of("mixed").orElseThrow()));
    }

    private static Step last(Review review) {
        return review.played()
                .ways()
                .getFirst()
                .strikesOf(Who.ATHLETE)
                .reduce((_, later) -> later)
                .orElseThrow();
    }

    private static double power(String line, Setting setting) {
        return last(review(line, setting)).impact().orElseThrow().power();
    }

    private static Opening opening(String line, Setting setting) {
        Review review = review(line, setting);
        return review.openings().getFirst().of(last(review)).orElseThrow();
    }

    private static double exposure(String line, Setting setting) {
        return review(line, setting).exposure();
    }

    @Test
    @DisplayName(
            "J16: a step sideways that goes with a strike keeps its power, and what goes round keeps it going back")
    void aStepBelongsToItsStrike() {
        Random random = new Random(16);
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (int i = 0; i < 40; i++) {
                String before = STRIKES.get(random.nextInt(STRIKES.size()));
                String strike = STRIKES.get(random.nextInt(STRIKES.size()));
                String step = SIDEWAYS.get(random.nextInt(SIDEWAYS.size()));
                double bare = power(before + " " + strike, setting);
                assertThat(power(before + " " + step + "+" + strike, setting))
                        .as(before + " " + step + "+" + strike)
                        .isGreaterThan(0.85 * bare);
            }
            for (String round : ROUND) {
                assertThat(power("(in) out+" + round, setting))
                        .as("out+" + round)
                        .isGreaterThan(0.85 * power("(in) " + round, setting));
            }
            assertThat(power("1 out+2", setting)).isLessThan(0.7 * power("1 2", setting));
        }
    }

    @Test
    @DisplayName("J16, F13: across adds to the rear kick, a shuffle and a hop set the body anew")
    void someStepsSetTheBody() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (String kick : List.of("rlow", "rmid", "rhigh")) {
                assertThat(power("1 2 3 across " + kick, setting)).isGreaterThan(power("1 2 3 " + kick, setting));
                assertThat(power("1 2 across+" + kick, setting)).isGreaterThan(power("1 2 " + kick, setting));
                assertThat(power("1 2 shuffle+" + kick, setting)).isGreaterThan(power("1 2 " + kick, setting));
                assertThat(power("1 2 hop+" + kick, setting)).isGreaterThan(power("1 2 " + kick, setting));
            }
            assertThat(power("1 2 across+3", setting)).isGreaterThan(0.95 * power("1 2 3", setting));
        }
    }

    @Test
    @DisplayName("J17, F12: past the other's line a strike finds more open and is exposed to less")
    void anAngleOpens() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            boolean rear = setting.pairing().safeSide() == Side.REAR;
            String safe = rear ? "circle-rear" : "circle-lead";
            String power = rear ? "circle-lead" : "circle-rear";
            for (String strike : STRIKES) {
                assertThat(opening("1 (high) " + safe + " " + strike, setting).value())
                        .as(strike)
                        .isGreaterThan(opening("1 (high) " + power + " " + strike, setting)
                                .value());
                assertThat(opening("1 (high) across+" + strike, setting).value())
                        .as("across " + strike)
                        .isGreaterThan(opening("1 (high) " + strike, setting).value());
                assertThat(exposure("1 " + safe + " " + strike, setting))
                        .as(strike)
                        .isLessThan(exposure("1 " + power + " " + strike, setting));
            }
        }
    }

    @Test
    @DisplayName("J18, F27: who walks into a strike is hit harder")
    void whoWalksInIsHitHarder() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (String strike : List.of("1", "2", "3", "6", "lteep")) {
                for (String comes : List.of("in", "chase")) {
                    assertThat(opening("(" + comes + ") " + strike, setting).effect())
                            .as("(" + comes + ") " + strike)
                            .isGreaterThan(opening(strike, setting).effect());
                }
            }
        }
    }

    @Test
    @DisplayName("J18, F11, F25: the right roll and the block on the side of the hook are safer, in both pairings")
    void theRightSideIsSafer() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (String hook : List.of("3", "4")) {
                Side comes = setting.pairing().arrivalOf(hook.equals("3") ? Side.LEAD : Side.REAR);
                String right = comes == Side.LEAD ? "lead" : "rear";
                String wrong = comes == Side.LEAD ? "rear" : "lead";
                assertThat(exposure("1 2 (" + hook + ") roll-" + right, setting))
                        .isLessThan(exposure("1 2 (" + hook + ") roll-" + wrong, setting) - 0.03);
                assertThat(exposure("(" + hook + ") " + right.charAt(0) + "block 2", setting))
                        .isLessThan(exposure("(" + hook + ") " + wrong.charAt(0) + "block 2", setting) - 0.02);
                assertThat(exposure("(" + hook + "b) " + right.charAt(0) + "tuck 6", setting))
                        .isLessThan(exposure("(" + hook + "b) " + wrong.charAt(0) + "tuck 6", setting) - 0.02);
            }
        }
    }

    @Test
    @DisplayName("J18: a head that slips toward a hook meets it, one that slips away is missed")
    void aHeadThatSlipsTowardAHookMeetsIt() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(opening("2 (slip-in) 3", setting).value())
                    .as("%s", setting.pairing())
                    .isGreaterThan(opening("2 (slip-out) 3", setting).value());
        }
        assertThat(opening("2 (slip-in) 3", Lines.SAME).value())
                .isGreaterThan(opening("2 3", Lines.SAME).value());
    }

    @Test
    @DisplayName("J19: the end of a taught set-up finds its target more open than the same strike thrown cold")
    void aSetUpNeverClosesWhatItIsFor() {
        List<List<String>> setUps = List.of(
                List.of("2", "3"),
                List.of("2'", "3"),
                List.of("2' 2'", "3"),
                List.of("2' 2' 2'", "3"),
                List.of("2 1 2", "3"),
                List.of("1b (parry)", "1"),
                List.of("1b (parry)", "3"),
                List.of("1 2 (high)", "6"),
                List.of("1 2 (high)", "5"),
                List.of("stiffjab", "overhand"),
                List.of("1 2! 1 ~2 (high)", "shovel"),
                List.of("1 2! 1 ~2 (high) in+", "shovel"),
                List.of("[1 rlow]*2..3 1", "rmid"),
                List.of("3", "rlow"),
                List.of("inlow (check)", "rcalf"),
                List.of("1 (check) 3", "rlow"));
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (List<String> one : setUps) {
                String before = one.getFirst();
                String line = before + (before.endsWith("+") ? "" : " ") + one.getLast();
                assertThat(opening(line, setting).value())
                        .as(line + " " + setting.pairing())
                        .isGreaterThan(opening(one.getLast(), setting).value());
            }
        }
    }

    @Test
    @DisplayName("J20: everything done on the beat of a feed counts, and space made before it")
    void aDefenceIsEverythingOnThatBeat() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (String line : List.of(
                    "1 (1) post+off rcalf",
                    "(1) slip-in+in 2b 3",
                    "(1) post+out rlow",
                    "1 out (1) rcalf",
                    "(3)+overhand")) {
                assertThat(review(line, setting).findings(Code.UNANSWERED))
                        .as(line)
                        .isEmpty();
            }
            assertThat(review("1 (1) post rcalf", setting).findings(Code.UNANSWERED))
                    .isNotEmpty();
        }
    }

    @Test
    @DisplayName("J16: a written step counts in reach, and a line starts where it works")
    void aStepCountsInReach() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (String line : List.of("~in (high) 2b", "~in (chase) 2", "(1) catch+in 3", "(1) slip-in+in 2b 3")) {
                assertThat(review(line, setting).findings(Code.OUT_OF_REACH))
                        .as(line)
                        .isEmpty();
            }
            assertThat(power("(1) catch+in 3", setting)).isGreaterThanOrEqualTo(power("(1) catch 3", setting));
        }
    }
}
