package onebeat.core.review;

import static onebeat.core.Lines.ALL_SETTINGS;
import static onebeat.core.Lines.OPEN;
import static onebeat.core.Lines.SAME;
import static onebeat.core.Lines.codes;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.Lines;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Setting;
import onebeat.core.timing.Timing;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Facts F11 and F25: which way to roll, and the standard first counters with their spoilt twins. All are common
/// practice.
class FactsOfDefenceTest {

    private static final List<Setting> SAME_STANCES = List.of(SAME, Setting.of(Stance.SOUTHPAW, Stance.SOUTHPAW));
    private static final List<Setting> OPEN_STANCES = List.of(OPEN, Setting.of(Stance.SOUTHPAW, Stance.ORTHODOX));

    private static List<Code> findings(String line, Setting setting) {
        Context context = Context.of(setting).with(RuleSet.of("muaythai").orElseThrow());
        return Review.of(Lines.read(line), context).findings().stream()
                .map(Finding::code)
                .toList();
    }

    private static boolean stops(String line, Setting setting) {
        Context context = Context.of(setting).with(RuleSet.of("muaythai").orElseThrow());
        return Review.of(Lines.read(line), context).hasStop();
    }

    @ParameterizedTest
    @CsvSource({
        "(3) , roll-rear, roll-lead",
        "(2) , roll-lead, roll-rear",
        "1 2 , roll-rear, roll-lead",
        "1 2 3 , roll-lead, roll-rear"
    })
    @DisplayName("F11: last hand picks the roll; go under toward the side the punch comes from")
    void whichWayToRoll(String before, String same, String open) {
        for (Setting setting : ALL_SETTINGS) {
            boolean closed = setting.pairing() == Pairing.SAME;
            assertThat(codes(before + " " + (closed ? same : open), setting)).doesNotContain(Code.WRONG_ROLL);
            assertThat(codes(before + " " + (closed ? open : same), setting)).contains(Code.WRONG_ROLL);
        }
    }

    @Test
    @DisplayName("F11: the roll to the lead side loads the lead hook")
    void theRollLoadsTheHook() {
        double rolled = Lines.drive("(2) roll-lead 3", 2);
        assertThat(rolled).isGreaterThan(Lines.drive("3", 0)).isGreaterThan(Lines.drive("(2) roll-rear 3", 2));
    }

    @Test
    @DisplayName("A roll where knees are thrown is a warning; where none are, a note")
    void rollsUnderKnees() {
        Review kneed = Lines.review("1 2 roll-rear");
        assertThat(kneed.findings(Code.ROLL_UNDER_KNEES).getFirst().severity()).isEqualTo(Severity.WARN);
        assertThat(kneed.findings(Code.ROLL_UNDER_KNEES).getFirst().mended()).contains("1 2 circle-rear");
        Review boxed = Review.of(
                Lines.read("1 2 roll-rear"),
                Context.of(SAME).with(RuleSet.of("boxing").orElseThrow()));
        assertThat(boxed.findings(Code.ROLL_UNDER_KNEES).getFirst().severity()).isEqualTo(Severity.NOTE);
    }

    /// F25, told for the same-stance pairing.
    @ParameterizedTest
    @ValueSource(
            strings = {
                "(1) rparry 1",
                "(1) catch+1",
                "(1b) lparry 2",
                "(2b) rparry 3",
                "(3) block 3",
                "(3) block+3",
                "(overhand) lshield 2",
                "(4) lshield 2",
                "(3b) tuck 6",
                "(3b) tuck 5",
                "(4b) tuck 5",
                "(3b 4b) tuck tuck 6 3 2",
                "(2) slip-in 5 2 3",
                "(1 1) catch slip-out 2 3",
                "(2) lparry+2 3b",
                "(2b) block 6",
                "(2b) block 2b",
                "(1) slip-out 3",
                "(2) rparry 3",
                "(3) block 3b",
                "(1) shield elbow relbow knee",
                "(1 2) shield wedge elbow relbow knee",
                "(1) shield (grab) frame elbow relbow knee",
                "(1 2) parry shield elbow relbow knee"
            })
    @DisplayName("F25: the standard first counters have no stop, and nothing against the defence")
    void firstCounters(String line) {
        for (Setting setting : SAME_STANCES) {
            String whole = line + " circle-rear";
            assertThat(stops(whole, setting)).as(line).isFalse();
            assertThat(findings(whole, setting))
                    .as(line)
                    .doesNotContain(
                            Code.UNANSWERED,
                            Code.WRONG_SIDE,
                            Code.SAME_HAND,
                            Code.OUT_OF_REACH,
                            Code.NO_ENTRY,
                            Code.LEG_LOADED,
                            Code.COUNT_SHORT,
                            Code.UNSEEN,
                            Code.INTO_POWER,
                            Code.CLOSED_TARGET);
        }
    }

    /// F25, for the open pairing: the partner's jab from the own lead side, the cross from the own rear side.
    @ParameterizedTest
    @ValueSource(
            strings = {
                "(1) catch+2",
                "(1) lparry 2",
                "(1b) parry 1",
                "(2) rparry 1",
                "(2) rparry+1 2",
                "(3) block 2",
                "(3) block+2",
                "(3b) tuck 5",
                "(4) block 3",
                "(2) slip-in 2 3",
                "(1) slip-out 2",
                "(1) shield elbow relbow knee"
            })
    @DisplayName("F25: the same counters from the other sides in open pairing")
    void firstCountersOpen(String line) {
        for (Setting setting : OPEN_STANCES) {
            String whole = line + " circle-lead";
            assertThat(stops(whole, setting)).as(line).isFalse();
            assertThat(findings(whole, setting))
                    .as(line)
                    .doesNotContain(
                            Code.UNANSWERED,
                            Code.WRONG_SIDE,
                            Code.SAME_HAND,
                            Code.OUT_OF_REACH,
                            Code.NO_ENTRY,
                            Code.UNSEEN,
                            Code.INTO_POWER,
                            Code.CLOSED_TARGET);
        }
    }

    /// Good lines and their spoilt twins: the twin has the finding and the good one has not. Told for the same
    /// stance.
    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "(3) block 3 circle-rear > (3) lblock 3 circle-rear > WRONG_SIDE",
                "(rlow) check 2 circle-rear > (rlow) rcheck 2 circle-rear > WRONG_SIDE",
                "(4b) tuck 5 circle-rear > (4b) rtuck 5 circle-rear > WRONG_SIDE",
                "(3) roll-rear 2 > (3) roll-lead 2 > WRONG_ROLL",
                "1 2 2! _ ~2 (high) 3b off > 1 3 _ ~2 (high) 3b off > UNEARNED_FEINT",
                "2! ~2 (high) 3b off > 2! ~2 3b off > UNREAD_PAYOFF",
                "2! ~2 { (high): 3b | (none): 1 } off > 2! ~2 3b off > UNREAD_PAYOFF",
                "[1 1b]*2..4 1 3 off > [1 1b]*3 1 3 off > COUNTABLE",
                "[snap]*1..3 ~snap 1 2 off > [snap]*2 ~snap 1 2 off > COUNTABLE",
                "1 across rlow off > 1 in rlow off > WRONG_FOOT",
                "1 2 circle-rear > 1 2 circle-lead > INTO_POWER",
                "1 2 off > 1 2 out > STRAIGHT_RETREAT",
                "@long 1 2 off > @out 2 off > OUT_OF_REACH",
                "@close elbow off > @kick elbow off > NO_ENTRY",
                "(1) catch 3! rlow off > (1) catch 3! (check) rlow off > CLOSED_TARGET",
                "1 (low) 2 off > 1 (shell) 2 off > CLOSED_TARGET",
                "1 switch 2 switch > 1 switch 2 > STANCE_LOST",
                "1 in+2b off > 1 in 2b off > EMPTY_BEAT",
                "1 2 3 2 off > 1 2 2 off > RELOAD",
                "1 3 rlow off > 1 2 llow off > LEG_LOADED"
            })
    void goodAndSpoilt(String good, String spoilt, Code code) {
        for (Setting setting : SAME_STANCES) {
            assertThat(findings(good, setting)).as(good).doesNotContain(code);
            assertThat(stops(good, setting)).as(good).isFalse();
            assertThat(findings(spoilt, setting)).as(spoilt).contains(code);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "(3) lblock 3 off > WRONG_SIDE > (3) block 3 off",
                "(3) roll-lead 2 off > WRONG_ROLL > (3) roll-rear 2 off",
                "1 _ ~2 (high) 3b off > UNEARNED_FEINT > 1 _ 2! ~2 (high) 3b off",
                "2! ~2 3b off > UNREAD_PAYOFF > 2! ~2 (high) 3b off",
                "[1 1b]*3 1 3 off > COUNTABLE > [1 1b]*2..4 1 3 off",
                "1 2 circle-lead > INTO_POWER > 1 2 circle-rear",
                "1 2 out > STRAIGHT_RETREAT > 1 2 circle-rear",
                "@out 2 off > OUT_OF_REACH > @out in+2 off",
                "(1) catch 3! (check) rlow off > CLOSED_TARGET > (1) catch 3! (check) rcalf off",
                "1 switch 2 > STANCE_LOST > 1 switch 2 switch",
                "1 in 2b off > EMPTY_BEAT > 1 in+2b off"
            })
    void mends(String line, Code code, String mended) {
        assertThat(Lines.review(line).findings(code).getFirst().mended()).contains(mended);
    }

    @Test
    @DisplayName("Elbows are not allowed under kickboxing rules; the mend keeps the side")
    void againstTheRules() {
        Finding finding =
                Lines.review("1 2 elbow off").findings(Code.AGAINST_RULES).getFirst();
        assertThat(finding.severity()).isEqualTo(Severity.STOP);
        assertThat(finding.mended()).contains("1 2 3 off");
        assertThat(Lines.review("(relbow) block off").findings(Code.AGAINST_RULES))
                .hasSize(1);
        assertThat(findings("1 2 elbow off", SAME)).doesNotContain(Code.AGAINST_RULES);
    }

    @Test
    @DisplayName("A feed that cannot be seen with so many cues is found, with the milliseconds")
    void unseen() {
        String reads = "{ (1): catch+1 | (2): parry 2 | (3): block 3 | (4): block 4 | (rlow): check 2 } off";
        Finding finding = Lines.review(reads).findings(Code.UNSEEN).getFirst();
        assertThat(finding.text()).containsPattern("\\d+ ms").contains("5 choices");
        assertThat(codes("(1) catch+1 off")).doesNotContain(Code.UNSEEN);
    }

    @Test
    void tooFast() {
        Context fast = Context.of(SAME).at(200);
        Review review = Review.of(Lines.read("1 rlow llow off"), fast);
        Finding finding = review.findings(Code.TOO_FAST).getFirst();
        assertThat(finding.text()).contains("beats a minute");
        assertThat(Timing.links(review.played().ways().getFirst(), onebeat.core.play.Who.ATHLETE))
                .anyMatch(l -> l.ceilingBpm() < 200);
        assertThat(codes("1 rlow llow off")).doesNotContain(Code.TOO_FAST);
    }

    @Test
    @DisplayName("F32: one kind, one level or a dead-even rhythm are noted only at a step that asks for more")
    void oneNote() {
        Context usual = Context.of(SAME);
        for (var rung : onebeat.core.timing.Rung.values()) {
            Review review = Review.of(Lines.read("1 2 3 2 off"), usual.on(rung));
            int asked = (rung.asksLevels() ? 1 : 0) + (rung.asksRhythm() ? 1 : 0);
            assertThat(review.findings(Code.ONE_NOTE)).as(rung.id()).hasSize(asked);
        }
        Review varied = Review.of(Lines.read("1 2b/3 _ rlow off"), usual.on(onebeat.core.timing.Rung.LIVE));
        assertThat(varied.findings(Code.ONE_NOTE)).isEmpty();
    }

    @Test
    @DisplayName("A drawn set is reviewed by its shortest run too")
    void theShortestRun() {
        assertThat(codes("[1 switch]*2..3 1 off")).contains(Code.STANCE_LOST);
        assertThat(codes("[1 switch]*1..2 1 off")).contains(Code.STANCE_LOST);
        assertThat(codes("[1 switch]*2 1 off")).doesNotContain(Code.STANCE_LOST);
        assertThat(codes("1 [3 2]*1..2 2 off")).contains(Code.RELOAD);
    }
}
