package onebeat.core.review;

import static onebeat.core.Lines.codes;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import onebeat.core.Lines;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.NumberTable.Cell;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.PartnerModel.Name;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The laws of judgement J1 to J12, each in both stances and pairings. The orderings are common practice.
class LawsOfJudgementTest {

    private static final Fighter SHORT = new Fighter("Ilka", Stance.ORTHODOX, 168, 170);
    private static final Fighter TALL = new Fighter("Noor", Stance.SOUTHPAW, 184, 192);

    private static Opening last(String line, Setting setting) {
        Review review = Review.withReasons(Lines.read(line), Context.of(setting));
        PlayedWay way = review.played().ways().getFirst();
        return review.openings()
                .getFirst()
                .of(way.strikesOf(Who.ATHLETE).toList().getLast())
                .orElseThrow();
    }

    private static double effect(String line, Setting setting) {
        return last(line, setting).effect();
    }

    private static double exposure(String line, Setting setting) {
        return Lines.exposure(line, setting);
    }

    // J1

    @ParameterizedTest
    @CsvSource({
        "slap,1",
        "1',1",
        "1,stiffjab",
        "stiffjab,3",
        "3,rmid",
        "2,rmid",
        "4,rmid",
        "overhand,rmid",
        "rlow,rmid",
        "rcalf,rmid",
        "inlow,lmid"
    })
    @DisplayName(
            "J1: one currency: slap, light jab < jab < stiff jab < lead hook; a leg kick for less than a body kick")
    void oneCurrency(String less, String more) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(effect(more, setting)).as(less + " < " + more).isGreaterThan(effect(less, setting));
        }
    }

    @ParameterizedTest
    @CsvSource({"3,2", "2,4", "2,overhand"})
    @DisplayName("J1: lead hook at most a cross, a cross at most a rear hook or an overhand")
    void atMost(String less, String more) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(effect(more, setting)).as(less + " <= " + more).isGreaterThanOrEqualTo(effect(less, setting));
        }
    }

    @ParameterizedTest
    @CsvSource({"slap,1", "1,stiffjab", "stiffjab,3", "2,rmid", "overhand,rmid"})
    @DisplayName("J1: the order of what strikes are worth survives any one number 30 % off")
    void worthIsRobust(String less, String more) {
        double small = worth(less);
        double large = worth(more);
        assertThat(small * 1.3).as(less).isLessThan(large);
        assertThat(large * 0.7).as(more).isGreaterThan(small);
    }

    private static double worth(String code) {
        return Catalogue.standard().get(code).traits().worth();
    }

    @Test
    @DisplayName("J1: the liver and the chin from below count for more than the forehead, with any one number 30 % off")
    void zonesAreRobust() {
        var zones = PartnerModel.usual().table(Name.ZONES);
        double forehead = zones.at(new Cell("head_front", "worth"));
        for (String dear : List.of("liver", "chin_below")) {
            assertThat(zones.at(new Cell(dear, "worth")) * 0.7).as(dear).isGreaterThan(forehead);
            assertThat(zones.at(new Cell(dear, "worth"))).as(dear).isGreaterThan(forehead * 1.3);
        }
    }

    @Test
    @DisplayName("J1: leg kicks add up over a line and a round")
    void legKicksAddUp() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(effect("rlow _ _ _ rlow", setting)).isGreaterThan(effect("3 _ _ _ rlow", setting));
            Context later = Context.of(setting).seenBefore(2);
            Review first = Review.withoutMends(Lines.read("1 rlow"), Context.of(setting));
            Review third = Review.withoutMends(Lines.read("1 rlow"), later);
            assertThat(third.openings().getFirst().byStep().get(1).effect())
                    .isGreaterThan(first.openings().getFirst().byStep().get(1).effect());
        }
    }

    @Test
    @DisplayName("J1: the source has the lead straight at about 0.6 of the rear one at full power (Smith et al. 2000,"
            + " from memory): below it, and not less than half of that")
    void leadAgainstRearStraight() {
        assertThat(worth("1") / worth("2")).isBetween(0.3, 0.65);
    }

    // J2

    @ParameterizedTest
    @CsvSource({
        "(1)+rhigh off, UNANSWERED",
        "(1)+2 off, UNANSWERED",
        "(3)+1 off, TRADE",
        "(2)+1 off, TRADE",
        "(1) catch+rhigh off, TOO_FAST",
        "(1) catch+rhigh off, UNSEEN",
        "(1) catch+rmid off, TOO_FAST"
    })
    @DisplayName("J2: what arrives later answers nothing; what arrives first and stops nothing is a trade")
    void trades(String line, Code code) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(codes(line, setting)).as(line).contains(code);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "(3)+stiffjab off",
                "(3)+2 off",
                "(rlow)+2 off",
                "(rmid)+lteep off",
                "(1)+upjab off",
                "(1)+overhand off",
                "(1) slip-out+2 off",
                "(3)+1! off"
            })
    @DisplayName(
            "J2: a committed straight stops what comes round, a push kick a kick; up-jab and overhand leave the line")
    void answersThatStop(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(codes(line, setting)).as(line).doesNotContain(Code.UNANSWERED, Code.TRADE, Code.TOO_FAST);
        }
    }

    @Test
    @DisplayName("J2: a trade exposes to the feed as much as no answer at all, a stop less, a cover least")
    void tradesAreDear() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(fed("(3)+1", setting))
                    .isEqualTo(fed("(3) 1", setting))
                    .isGreaterThan(fed("(3)+stiffjab", setting));
            assertThat(fed("(3)+stiffjab", setting)).isGreaterThan(fed("(3) block+2", setting));
            assertThat(exposure("(3)+1", setting)).isGreaterThan(exposure("(3)+stiffjab", setting));
        }
    }

    private static double fed(String line, Setting setting) {
        return Review.withoutMends(Lines.read(line), Context.of(setting))
                .openings()
                .getFirst()
                .fedExposure();
    }

    // J3

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "(1) rparry 1 > 1",
                "(1) catch+1 > 1",
                "(1b) lparry 2 > 2",
                "(2b) rparry 3 > 3",
                "(3) block 3 > 3",
                "(3) block+3 > 3",
                "(4) lshield 2 > 2",
                "(overhand) lshield 2 > 2",
                "(3b) tuck 6 > 6",
                "(3b) tuck 5 > 5",
                "(4b) tuck 5 > 5",
                "(2) slip-in 5 > 5",
                "(2) slip-in 2 > 2",
                "(2) slip-in 3 > 3",
                "(1 1) catch slip-out 2 > 2",
                "(2) lparry+2 > 2",
                "(2b) block 6 > 6",
                "(1) slip-out 3 > 3",
                "(3) block 3b > 3b",
                "(1) shield elbow > elbow",
                "(2) lparry 3b > 3b"
            })
    @DisplayName(
            "J3, F25: each standard counter finds its target more open than the same strike thrown cold, and says so")
    void standardCountersFindMoreOpen(String counter, String cold) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(last(counter, setting).value())
                    .as(counter)
                    .isGreaterThan(last(cold, setting).value());
            Review review = Review.withReasons(Lines.read(counter), Context.of(setting));
            PlayedWay way = review.played().ways().getFirst();
            Step strike = way.strikesOf(Who.ATHLETE).toList().getLast();
            assertThat(review.why(0, strike).orElseThrow())
                    .as(counter)
                    .containsAnyOf(way.steps().stream()
                            .filter(s ->
                                    s.who() == Who.PARTNER || s.placed().meets().isPresent())
                            .map(s -> s.placed().technique().name())
                            .toArray(String[]::new));
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "(1) catch+1 > 1",
                "(1b) lparry 2 > 2",
                "(2b) rparry 3 > 3",
                "(3) block 3 > 3",
                "(overhand) lshield 2 > 2",
                "(3b) tuck 5 > 5",
                "(3b) tuck 6 > 6",
                "(2) slip-in 5 > 5",
                "(2) lparry+2 > 2"
            })
    @DisplayName("J3: standard counters stay more open with any one number of the table 30 % off")
    void leftOpenIsRobust(String counter, String cold) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (PartnerModel off : LEFT_OPEN_OFF) {
                assertThat(Lines.opening(counter, -1, setting, off))
                        .as(counter)
                        .isGreaterThan(Lines.opening(cold, -1, setting, off));
            }
        }
    }

    private static final List<PartnerModel> LEFT_OPEN_OFF = off(Name.LEFT_OPEN);
    private static final List<PartnerModel> EXPOSURE_OFF = off(Name.EXPOSURE);

    /// The usual model with each number of a table 30 % too small and too large.
    private static List<PartnerModel> off(Name name) {
        List<PartnerModel> all = new ArrayList<>();
        for (Cell cell : PartnerModel.usual().table(name).cells()) {
            double usual = PartnerModel.usual().table(name).at(cell);
            all.add(PartnerModel.usual().with(name, cell, usual * 0.7));
            all.add(PartnerModel.usual().with(name, cell, usual * 1.3));
        }
        return all;
    }

    // J5, J6

    @Test
    @DisplayName("J5: a feed that cannot reach is answered; a step toward you earns a lead hook (F27)")
    void spaceIsADefence() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(codes("1 2 out (3) 2 off", setting)).doesNotContain(Code.UNANSWERED);
            assertThat(codes("1 2 (3) 2 off", setting)).contains(Code.UNANSWERED);
            assertThat(codes("(in) 3 off", setting)).doesNotContain(Code.NAKED_HOOK);
            assertThat(codes("(chase) 3 off", setting)).doesNotContain(Code.NAKED_HOOK);
            Context boxing = Context.of(setting).with(RuleSet.of("boxing").orElseThrow());
            assertThat(Review.of(Lines.read("3 off"), boxing).findings(Code.NAKED_HOOK))
                    .isNotEmpty();
            assertThat(Review.of(Lines.read("(in) 3 off"), boxing).findings(Code.NAKED_HOOK))
                    .isEmpty();
        }
    }

    @Test
    @DisplayName("J6: at a faster tempo a step covers less, never more")
    void stepsTakeTime() {
        double last = -1;
        for (double bpm : new double[] {60, 150, 180, 220, 300}) {
            PlayedWay way =
                    Lines.play("@long 1 (retreat) 2", Lines.SAME.at(bpm)).ways().getFirst();
            double shortCm = way.steps().getLast().shortCm();
            assertThat(shortCm).as(bpm + " bpm").isGreaterThanOrEqualTo(last);
            last = shortCm;
        }
        assertThat(last).isPositive();
    }

    @Test
    @DisplayName("J6: what bodies differ by is a note and no stop; beyond it there is a stop (J12)")
    void toleranceIsANote() {
        Set<Severity> severities = EnumSet.noneOf(Severity.class);
        for (double height = 150; height <= 200; height += 0.5) {
            Setting setting =
                    new Setting(Fighter.usual("a", Stance.ORTHODOX), new Fighter("b", Stance.ORTHODOX, height, height));
            for (Finding finding : Lines.review("@kick 3b off", setting).findings(Code.OUT_OF_REACH)) {
                severities.add(finding.severity());
                if (finding.severity() == Severity.NOTE) {
                    assertThat(finding.text()).contains("bodies of these measures differ");
                }
            }
        }
        assertThat(severities).containsExactlyInAnyOrder(Severity.NOTE, Severity.STOP);
    }

    @Test
    @DisplayName("J6, F13: across and out does not cost the rear low kick power, and is never called wrong")
    void acrossCostsNothing() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            double bare = power("1 rlow", setting);
            assertThat(power("1 across rlow", setting)).isGreaterThanOrEqualTo(bare);
            assertThat(power("1 across+rlow", setting)).isGreaterThanOrEqualTo(bare * 0.99);
            for (String line : List.of("1 across rlow off", "1 across+rlow off", "1 across rcalf off")) {
                assertThat(codes(line, setting)).as(line).doesNotContain(Code.WRONG_FOOT);
            }
        }
    }

    private static double power(String line, Setting setting) {
        return Lines.play(line, setting)
                .ways()
                .getFirst()
                .strikesOf(Who.ATHLETE)
                .toList()
                .getLast()
                .impact()
                .orElseThrow()
                .power();
    }

    @Test
    @DisplayName("J6: a feint carries part of its step")
    void aFeintCarriesPartOfItsStep() {
        double shown = Lines.play("@kick ~2", Lines.SAME)
                .ways()
                .getFirst()
                .moments()
                .getLast()
                .gapCm();
        double thrown = Lines.play("@kick 2", Lines.SAME)
                .ways()
                .getFirst()
                .moments()
                .getLast()
                .gapCm();
        assertThat(shown).isGreaterThan(thrown);
        double stays = Lines.play("@kick parry", Lines.SAME)
                .ways()
                .getFirst()
                .moments()
                .getLast()
                .gapCm();
        assertThat(shown).isLessThan(stays);
    }

    // J7

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "1 (high) 3 > 1 (high) 2", "1 (high) 5 > 1 (high) 2", "1 (high) loop > 1 (high) 3",
                "1 (high) shovel.head > 1 (high) 3", "1 (shell) 3b > 1 (shell) 3", "1 2 3b > 1 2 1",
                "(low-rear) 3 > 3", "(toes-in) rcalf > rcalf", "3 (roll-lead) rcalf > 3 rcalf",
                "1 (slip-out) 2b > 1 (slip-out) 2"
            })
    @DisplayName("J7: cover has places")
    void coverHasPlaces(String open, String closed) {
        // A hand that hangs low is told for the side that the hook reaches in the same stance.
        for (Setting setting : List.of(Lines.SAME, Lines.ALL_SETTINGS.get(2))) {
            assertThat(last(open, setting).value())
                    .as(open)
                    .isGreaterThan(last(closed, setting).value());
        }
    }

    // J8

    @Test
    @DisplayName(
            "J8: a pattern shown with power and broken pays; shown lightly it pays less; unbroken it is a telegraph")
    void teachingPays() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            double cold = last("1 3", setting).value();
            double light = last("[1' 1b']*3 1 3", setting).value();
            double shown = last("[1 1b]*3 1 3", setting).value();
            assertThat(shown).isGreaterThan(light).isGreaterThan(cold);
            assertThat(last("1 1b 1 1b 1 1b 1 3", setting).value()).isEqualTo(shown);
            assertThat(codes("[1 1b]*3 1 1b off", setting)).contains(Code.TELEGRAPH);
            assertThat(codes("[1 1b]*3 1 3 off", setting)).doesNotContain(Code.TELEGRAPH);
            assertThat(codes("1 1b 1 1b 1 1b 1 3 off", setting)).contains(Code.COUNTABLE);
            assertThat(codes("dip 3 dip 3 dip 3 dip 3 off", setting)).contains(Code.TELEGRAPH);
            assertThat(codes("dip 3b dip 3 dip shovel off", setting)).doesNotContain(Code.TELEGRAPH);
        }
    }

    // J9

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "2! ~2 (high) 3b off > 2! ~2 (none) 3b off",
                "2! ~2 (high) 3b off > 2! ~2 (low) 3b off",
                "2! ~2 { (high): 3b | (none): 1 } off > 2! ~2 { (high): 3b | (none): 3b } off"
            })
    @DisplayName("J9, F22: a payoff needs the flinch it was built for, in a read too")
    void payoffs(String good, String spoilt) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(codes(good, setting)).as(good).doesNotContain(Code.UNREAD_PAYOFF);
            assertThat(codes(spoilt, setting)).as(spoilt).contains(Code.UNREAD_PAYOFF);
        }
    }

    // J10

    @ParameterizedTest
    @ValueSource(strings = {"rlow", "1 rlow", "1 2 3 rlow", "3 rmid", "1 3b rlow", "2 3 rcalf"})
    @DisplayName("J10, F30: something back in the face after a kick lowers the exposure")
    void handsAfterAKick(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(exposure(line + " 1 2", setting)).as(line).isLessThan(exposure(line, setting));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"1 2", "1 2 3", "2 3b 2", "1 3 rlow", "2", "1 6 3"})
    @DisplayName("J10: a roll, a step away and leaving the danger band each lower the exposure")
    void leavingLowersExposure(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            String safe = setting.pairing().wayOut();
            for (String exit : List.of("roll-rear", "roll-lead", "out", safe, "off")) {
                assertThat(exposure(line + " " + exit, setting))
                        .as(line + " " + exit)
                        .isLessThan(exposure(line, setting));
            }
        }
    }

    @Test
    @DisplayName("J10, F9: standing at the end of a longer reach is dear, and is told")
    void atTheirEnd() {
        Setting longer = new Setting(SHORT, TALL);
        Setting alike = new Setting(SHORT, new Fighter("Noor", Stance.SOUTHPAW, 168, 170));
        assertThat(exposure("@long 1 _ 1", longer)).isGreaterThan(exposure("@long 1 _ 1", alike));
        assertThat(codes("@kick inlow", longer)).contains(Code.AT_HIS_END);
        assertThat(codes("@long 1 (retreat)", longer)).contains(Code.AT_HIS_END);
        assertThat(codes("@long 1 off", longer)).doesNotContain(Code.AT_HIS_END);
        assertThat(codes("1 rlow off", alike)).doesNotContain(Code.AT_HIS_END);
    }

    @Test
    @DisplayName("J10: a body strike on the way in is cheaper than a head strike")
    void lowOnTheWayIn() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (String strike : List.of("2", "1", "3")) {
                assertThat(exposure("in+" + strike + "b", setting))
                        .as(strike)
                        .isLessThan(exposure("in+" + strike, setting));
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "rlow > rlow 1 2",
                "1 2 3 rlow > 1 2 3 rlow 1 2",
                "3 rmid > 3 rmid 1 2",
                "1 2 > 1 2 roll-rear",
                "1 2 > 1 2 out",
                "1 2 3 > 1 2 3 off",
                "in+2 > in+2b",
                "in+1 > in+1b"
            })
    @DisplayName("J10: the order survives any one number of the table of exposures 30 % off")
    void exposureIsRobust(String more, String less) {
        for (Setting setting : List.of(Lines.SAME, Lines.OPEN)) {
            for (PartnerModel off : EXPOSURE_OFF) {
                assertThat(exposure(less, setting, off)).as(less).isLessThan(exposure(more, setting, off));
            }
        }
    }

    private static double exposure(String line, Setting setting, PartnerModel model) {
        PlayedWay way = Lines.play(line, setting).ways().getFirst();
        return Openings.withoutCredits(way, setting, model, 0).exposure();
    }

    // J12

    @Test
    @DisplayName("J12: sentences name the two and guess no gender")
    void namesAndNoGender() {
        Setting setting = new Setting(SHORT, TALL);
        StringBuilder said = new StringBuilder();
        for (Read read : CoachLines.of(5, 400)) {
            Review review = Review.withReasons(read, Context.of(setting));
            review.findings().forEach(f -> said.append(' ').append(f.text()));
            for (Step step : review.played().ways().getFirst().steps()) {
                review.why(0, step).ifPresent(why -> said.append(' ').append(why));
            }
        }
        assertThat(said.toString()).contains("Noor").doesNotContain("[partner]", "[athlete]");
        assertThat(said.toString()).doesNotContainPattern("\\b[Hh](e|im|is|imself)\\b");
    }

    @Test
    @DisplayName("J12: at live a jab that comes in a rhythm can be met by expecting it; the finding says by how much")
    void anticipation() {
        Context live = Context.of(Lines.SAME).on(Rung.LIVE);
        Review rhythm = Review.withoutMends(Lines.read("2 (1) catch+1 off"), live);
        Finding finding = rhythm.findings(Code.UNSEEN).getFirst();
        assertThat(finding.severity()).isEqualTo(Severity.NOTE);
        assertThat(finding.text()).contains("rhythm").containsPattern("\\d+ ms");
        Finding bare = Review.withoutMends(Lines.read("(1) catch+1 off"), live)
                .findings(Code.UNSEEN)
                .getFirst();
        assertThat(bare.severity()).isEqualTo(Severity.WARN);
    }

    // The new words and findings

    @Test
    @DisplayName("New findings, each beside a line without it")
    void newFindings() {
        assertThat(codes("{ (1): catch 2 | (1): parry 2 } off")).contains(Code.SAME_CUE);
        assertThat(codes("{ (1): catch 2 | (1!): parry 2 } off")).contains(Code.SAME_CUE);
        assertThat(codes("{ (1): catch 2 | (3): block 2 } off")).doesNotContain(Code.SAME_CUE);
        assertThat(codes("1 (grab) 2 off")).contains(Code.GRABBED);
        assertThat(codes("1 (grab) frame 2 off")).doesNotContain(Code.GRABBED);
        assertThat(codes("1 dip 3 off")).contains(Code.DIP_UNDER_KNEES);
        Context boxing = Context.of(Lines.SAME).with(RuleSet.of("boxing").orElseThrow());
        assertThat(Review.withoutMends(Lines.read("1 dip 3 off"), boxing).findings(Code.DIP_UNDER_KNEES))
                .isEmpty();
        assertThat(codes("1 3 tie")).contains(Code.HIPS_FAR);
        assertThat(codes("1 3 tie hips")).doesNotContain(Code.HIPS_FAR);
        assertThat(codes("1 3 tie knee")).doesNotContain(Code.HIPS_FAR);
        assertThat(codes("(1) slip-out tie")).contains(Code.HEAD_OUTSIDE);
        assertThat(codes("(1) slip-out tie hips")).doesNotContain(Code.HEAD_OUTSIDE);
    }

    @Test
    @DisplayName("A free choice is the athlete's own: each way is reviewed, and no cue is counted")
    void freeChoice() {
        Review review = Lines.review("1 < 3 | 2b 2b > off");
        assertThat(review.canonical()).isEqualTo("1 < 3 | 2b 2b > off");
        assertThat(review.played().ways()).hasSize(2);
        assertThat(review.findings(Code.RELOAD)).hasSize(1);
        assertThat(review.findings(Code.RELOAD).getFirst().branch()).isEqualTo("b");
        assertThat(Notation.read("< 3 >")).isNotInstanceOf(Read.class);
    }

    @Test
    void sidedCatchesAndThePost() {
        assertThat(codes("(1) rcatch+1 off")).doesNotContain(Code.SAME_HAND);
        assertThat(codes("(1) lcatch+1 off")).contains(Code.SAME_HAND);
        Technique post = Catalogue.standard().get("post");
        assertThat(post.isStrike()).isFalse();
        assertThat(codes("post+1 off")).contains(Code.SAME_HAND);
    }
}
