package onebeat.core.review;

import static onebeat.core.Lines.codes;
import static onebeat.core.Lines.review;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.Lines;
import onebeat.core.notation.Notation;
import onebeat.core.notation.OwnLine;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Setting;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ReviewTest {

    private static String mended(String line, Code code, Setting setting) {
        return review(line, setting).findings(code).getFirst().mended().orElse("none");
    }

    /// Given this line, this finding, with this mend.
    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "1+3 > SAME_HAND > 1 3",
                "(1) catch+2 > SAME_HAND > (1) catch+1",
                "1 rlow+llow > SAME_HAND > 1 rlow llow",
                "(2) 3 > UNANSWERED > (2) parry 3",
                "(1) 2 > UNANSWERED > (1) catch 2",
                "(1b) 2 > UNANSWERED > (1b) parry 2",
                "(3b) 5 > UNANSWERED > (3b) tuck 5",
                "(rlow) 2 > UNANSWERED > (rlow) check 2",
                "(1 2) catch 3 > UNANSWERED > (1 2) catch parry 3",
                "(1)+3b > UNANSWERED > (1) catch 3b",
                "{ (1): 2 | (none): 1 } 3 > UNANSWERED > { (1): catch 2 | (none): 1 } 3",
                "2 llow > LEG_LOADED > 2 hop llow",
                "1 2 2 > RELOAD > 1 2 reload 2",
                "1 3/3 > RELOAD > 1 3'/3",
                "[1 2 2]*2 > RELOAD > [1 2 reload 2]*2",
                "roll-lead 2 > ARM_ONLY > roll-rear 2",
                "1/sw-mid 2 > COUNT_SHORT > 1 sw-mid 2",
                "in+sw-low > COUNT_SHORT > in sw-low",
                "1 2 > NO_EXIT > 1 2 circle-rear",
                "{ (1): catch 2 | (2): parry 3 } > NO_EXIT > { (1): catch 2 | (2): parry 3 } circle-rear"
            })
    void findsAndMends(String line, Code code, String mend) {
        assertThat(mended(line, code, Lines.SAME)).isEqualTo(mend);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {"3 2 > 1 3 2", "in 3b 2 > in 1 3b 2"})
    @DisplayName("F7, J24: boxing calls a bare lead hook dangerous; where legs are kicked it is begun with")
    void aNakedHookIsTheSchoolOfTheRules(String line, String mend) {
        Context kicks = Context.of(Lines.SAME);
        Context boxing = kicks.with(RuleSet.of("boxing").orElseThrow());
        assertThat(Review.of(Lines.read(line), boxing)
                        .findings(Code.NAKED_HOOK)
                        .getFirst()
                        .mended())
                .contains(mend);
        assertThat(Review.of(Lines.read(line), kicks).findings(Code.NAKED_HOOK)).isEmpty();
    }

    @Test
    void theExitDependsOnThePairing() {
        assertThat(mended("1 2", Code.NO_EXIT, Lines.OPEN)).isEqualTo("1 2 circle-lead");
        assertThat(mended("1 2 switch 2", Code.NO_EXIT, Lines.SAME)).isEqualTo("1 2 switch 2 circle-lead");
    }

    @ParameterizedTest
    @ValueSource(strings = {"off", "piv", "circle-rear", "roll-rear", "slip-out", "pull", "tie", "out"})
    @DisplayName("F10: a foot action, roll, slip, pull or tie after the last strike is a way out")
    void exits(String exit) {
        assertThat(codes("1 2 " + exit)).doesNotContain(Code.NO_EXIT);
        assertThat(codes("1 " + exit + " 2")).contains(Code.NO_EXIT);
    }

    @Test
    void aStepInWithTheStrikeIsNoWayOut() {
        assertThat(codes("1 in+2")).contains(Code.NO_EXIT);
        assertThat(codes("1 2+circle-rear")).doesNotContain(Code.NO_EXIT);
    }

    @Test
    void aDefenceThatDoesNotMeetTheStrikeIsNoAnswer() {
        Finding finding = review("(1) check 2").findings(Code.UNANSWERED).getFirst();
        assertThat(finding.text()).contains("check").contains("jab");
        assertThat(finding.mended()).contains("(1) catch 2");
    }

    @Test
    void aFeedThatIsOnlyFeintedNeedsNoAnswer() {
        assertThat(codes("(~1) 2 off")).doesNotContain(Code.UNANSWERED);
    }

    @Test
    void oneFindingForASharedStep() {
        List<Finding> reloads = review("1 2 2 { (1): catch+1 | (none): 3 } off").findings(Code.RELOAD);
        assertThat(reloads).hasSize(1);
        assertThat(reloads.getFirst().branch()).isEmpty();
    }

    @Test
    void aFindingOnABranchSaysWhich() {
        List<Finding> found = review("{ (1): catch 2 2 | (none): 1 } off").findings(Code.RELOAD);
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().branch()).isEqualTo("a");
    }

    @Test
    void theReasonHasItsNumbers() {
        String text = review("1 2 2 off").findings(Code.RELOAD).getFirst().text();
        assertThat(text).contains("Beat 3").contains("cross").containsPattern("\\d+ %");
    }

    @Test
    void theSeverestComesFirst() {
        List<Severity> severities =
                review("3 2 2 1+1").findings().stream().map(Finding::severity).toList();
        assertThat(severities).isSorted().contains(Severity.STOP, Severity.WARN, Severity.NOTE);
    }

    @Test
    void aSchoolCanSetItsOwnSeverity() {
        Context context = Context.of(Lines.SAME).with(Severities.usual().with(Code.NAKED_HOOK, Severity.NOTE));
        Review review = Review.of(Lines.read("3 2 off"), context);
        assertThat(review.findings(Code.NAKED_HOOK).getFirst().severity()).isEqualTo(Severity.NOTE);
        assertThat(Severities.usual().of(Code.NAKED_HOOK)).isEqualTo(Severity.WARN);
    }

    /// Combinations that the trade calls good have no stop and no finding of power (F1, F2, F25, F28, F30; common
    /// practice), told for the same-stance pairing.
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1 2 3 rlow off",
                "1 6 3 rmid off",
                "1 2 3 reload 3 2 off",
                "(1) catch+1 off",
                "(1) rparry 1 off",
                "(1b) lparry 2 off",
                "(2b) rparry 3 off",
                "(3) block+3 off",
                "(4) lshield 2 off",
                "(3b) tuck 6 off",
                "(2) slip-in 5 2 3 off",
                "(1 1) catch slip-out 2 3 off",
                "(2) lparry+2 3b off",
                "(1) slip-out 3 off",
                "1 2b 3 off",
                "1 2 3 rlow 1 2 off",
                "[2 3b 3 2 5 6 elbow relbow switch]*2 off"
            })
    void goodChainsAreLeftAlone(String line) {
        assertThat(codes(line, Lines.SAME))
                .doesNotContain(
                        Code.SAME_HAND, Code.UNANSWERED, Code.RELOAD, Code.LEG_LOADED, Code.COUNT_SHORT, Code.ARM_ONLY);
    }

    /// The same chains, spoilt: each has the finding that its good twin has not.
    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "1 2 2 rlow off > RELOAD",
                "1 6 6 rmid off > RELOAD",
                "1 2 3 3 2 off > RELOAD",
                "(1) catch+2 off > SAME_HAND",
                "(1) 1 off > UNANSWERED",
                "(1b) check 2 off > UNANSWERED",
                "(3) rblock+4 off > SAME_HAND",
                "(3b) slip-out 6 off > UNANSWERED",
                "(1 1) catch 2 3 off > UNANSWERED",
                "1 2 llow off > LEG_LOADED",
                "1/sw-mid off > COUNT_SHORT",
                "1 2 3 > NO_EXIT"
            })
    void spoiltTwinsAreFound(String line, Code code) {
        assertThat(codes(line, Lines.SAME)).contains(code);
    }

    @Test
    void mirroredStancesGiveTheSameFindings() {
        for (String line : List.of("(1) catch+2 2 llow", "3 3 rlow", "(1 2) catch 3", "1 2 3 rlow")) {
            assertThat(codes(line, Lines.ALL_SETTINGS.get(2))).isEqualTo(codes(line, Lines.ALL_SETTINGS.get(0)));
            assertThat(codes(line, Lines.ALL_SETTINGS.get(3))).isEqualTo(codes(line, Lines.ALL_SETTINGS.get(1)));
        }
    }

    @Test
    void theMendOfALineWithAnOwnLineKeepsItsName() {
        var vocabulary = Vocabulary.standard().with(List.of(new OwnLine("doorstep", "(1) catch+1 2")));
        Context context = Context.of(Lines.SAME).with(vocabulary);
        Read read = (Read) Notation.read("\"doorstep\" 3", vocabulary);
        assertThat(Review.of(read, context).findings(Code.NO_EXIT).getFirst().mended())
                .contains("\"doorstep\" 3 circle-rear");
    }
}
