package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Limits;
import onebeat.core.review.Review;
import onebeat.core.review.School;
import onebeat.core.review.Severity;
import onebeat.desktop.app.StationName;
import onebeat.desktop.forms.SchoolForm;
import onebeat.desktop.text.Texts;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The bench's pages beside the rope, driven by keys: reasons, variants, two lines side by side, the
/// mirrored view.
class BenchWindowTest extends DemoWindow {

    @BeforeEach
    void toANewLine() {
        go(StationName.BENCH);
        coach.press(KeyCode.N, KeyCode.CONTROL).press(KeyCode.SLASH);
    }

    @Test
    void theReasonOfTheStrikeAtTheMarkIsTold() {
        coach.type("1 2b 3 off").press(KeyCode.ESCAPE);
        along(KeyCode.RIGHT, "Why the cross is there");
        assertThat(coach.words()).contains("jab of beat 1").contains("power 0.");
        along(KeyCode.LEFT, "Why the jab is there");
        assertThat(coach.words()).contains("Nothing before it opened the place");
    }

    /// Goes along the rope until something is shown; the line may not be drawn yet when the first key comes.
    private void along(KeyCode key, String shown) {
        coach.await(shown, () -> coach.shows("power 0."));
        for (int i = 0; i < 20 && !coach.words().contains(shown); i++) {
            coach.press(key);
        }
        assertThat(coach.words()).contains(shown);
    }

    @Test
    void aVariantIsTakenWithOneKey() {
        coach.type("1 2 3 rlow circle-lead").press(KeyCode.V, KeyCode.ALT);
        coach.await("variants", () -> coach.shows("another level") && coach.shows("F2"));
        String before = coach.line();
        coach.press(KeyCode.F2);
        coach.await("another line", () -> !coach.shell.callLine().text().equals(before));
        coach.press(KeyCode.V, KeyCode.ALT);
        coach.await("the corner again", () -> coach.shows("From the corner"));
    }

    @Test
    void twoLinesLieSideBySide() {
        coach.type("(2) parry 3b off").press(KeyCode.K, KeyCode.ALT);
        coach.press(KeyCode.A, KeyCode.CONTROL).type("(2) slip-in 3b off");
        coach.await("compared", () -> coach.shows("next hand late") && coach.shows("hand late ("));
        coach.press(KeyCode.F2);
        coach.await("the first one back", () -> coach.shell.callLine().text().equals("(2) parry 3b off"));
    }

    @Test
    void thePartnersSideIsTold() {
        coach.type("(1) catch+2 rmid off").press(KeyCode.H, KeyCode.ALT);
        coach.await("their half", () -> coach.shows("throw jab, right hand"));
        coach.await("of the whole line", () -> coach.shows("hold kick pad with both hands"));
        assertThat(coach.words()).contains("for the cross").contains("2 on pads");
    }

    @Test
    void answersToAFeedComeAndOneIsTaken() {
        coach.type("(1) parry").press(KeyCode.A, KeyCode.ALT);
        coach.await("answers", () -> coach.shows("To (1), up to"));
        coach.press(KeyCode.F2);
        coach.await(
                "one that answers the jab",
                () -> !coach.shell.callLine().text().equals("(1) parry") && answersTheJab());
        coach.press(KeyCode.A, KeyCode.ALT);
        coach.await("the corner", () -> coach.shows("From the corner"));
    }

    /// Whether the line in the call line begins with the jab, strikes back and has no `stop`.
    private boolean answersTheJab() {
        return Notation.read(coach.shell.callLine().text()) instanceof Read read
                && read.canonical().startsWith("(1)")
                && !Review.withoutMends(read, coach.app.camp().againstOpponent())
                        .hasStop()
                && Play.of(read.line(), coach.app.camp().againstOpponent().setting())
                        .ways()
                        .getFirst()
                        .strikesOf(Who.ATHLETE)
                        .findAny()
                        .isPresent();
    }

    @Test
    void linesAreBuiltBackwardsFromAWeapon() {
        coach.type("rcalf").press(KeyCode.W, KeyCode.ALT);
        coach.await("setups", () -> coach.shows("For rcalf: the best of"));
        coach.await("reasons", () -> coach.shows("The rear calf kick then finds its target"));
        coach.press(KeyCode.F3);
        coach.await("a whole line", () -> coach.shell.callLine().text().endsWith("circle-lead"));
    }

    @Test
    void filmIsSwitchedOnAndOff() {
        coach.type("1b 3 off").press(KeyCode.ESCAPE);
        along(KeyCode.RIGHT, "by the film");
        coach.press(KeyCode.F, KeyCode.ALT);
        coach.await("off", () -> coach.shows("Openings follow the usual reactions"));
        coach.press(KeyCode.F, KeyCode.ALT);
        coach.await("on", () -> coach.shows("Openings follow the film"));
    }

    @Test
    void theMirroredViewSaysSo() {
        coach.type("1 2 off").press(KeyCode.M, KeyCode.ALT);
        coach.await("mirrored", () -> coach.shows("mirrored"));
        coach.press(KeyCode.M, KeyCode.ALT);
        coach.await("as it is", () -> !coach.shows("mirrored"));
    }

    @Test
    void theSchoolOfTheCampDecides() {
        coach.type("3 elbow off");
        coach.await("against the rules", () -> coach.shows("Not allowed"));
        Card before = coach.app.camp().card();
        Card after = before.with(School.parse("muaythai NAKED_HOOK=stop"));
        Driver.onFx(() -> coach.app.save(new Edit.OfCard(before, after)));
        coach.await("allowed", () -> !coach.shows("Not allowed"));
        assertThat(coach.app.camp().context().severities().of(Code.NAKED_HOOK)).isEqualTo(Severity.STOP);
    }

    @Test
    void whatTheCoachHoldsToIsAFormAndAWrongNumberLosesNothing() {
        coach.press(KeyCode.K, KeyCode.CONTROL);
        coach.await("the form", () -> coach.shows("How much each finding matters"));
        Card before = coach.app.camp().card();
        Driver.onFx(() -> {
            SchoolForm form = (SchoolForm) coach.shell.root().lookup("#school-form");
            form.weigh(Code.NAKED_HOOK, Severity.NOTE);
            form.limit(new Limits.Limit(Limits.Of.HEAD, Limits.In.ROUND), "thirty");
            form.keep();
            return true;
        });
        coach.await("the sentence", () -> coach.shows("is no whole number of touches"));
        assertThat(coach.app.camp().card()).isEqualTo(before);
        Driver.onFx(() -> {
            SchoolForm form = (SchoolForm) coach.shell.root().lookup("#school-form");
            form.limit(new Limits.Limit(Limits.Of.HEAD, Limits.In.ROUND), "30");
            form.keep();
            return true;
        });
        coach.await(
                "kept",
                () -> coach.app.camp().card().school().words().equals("kickboxing NAKED_HOOK=note head/round=30"));
    }

    @Test
    void whatTheCoachHoldsToFillsPieceByPieceToTheLastFinding() {
        coach.press(KeyCode.K, KeyCode.CONTROL);
        coach.await("its beginning", () -> coach.shows("How much each finding matters"));
        for (Code code : Code.values()) {
            coach.await("the row of " + code, () -> coach.shows(Texts.of("finding." + code)));
        }
    }

    @Test
    void whatCannotBePrintedIsToldAndTheNextIsPrinted() throws IOException {
        coach.type("1 2 3 rlow circle-lead").press(KeyCode.ESCAPE);
        Path inTheWay = Files.createFile(coach.app.folder().resolve("cards"));
        coach.press(KeyCode.P, KeyCode.ALT);
        coach.await("told", () -> coach.shows("Nothing was written into " + inTheWay));
        Files.delete(inTheWay);
        coach.press(KeyCode.P, KeyCode.ALT);
        coach.await("printed", () -> coach.shows("Printed"));
        assertThat(inTheWay).isDirectoryContaining("glob:**.pdf");
    }

    @Test
    void theLadderOfALineIsShownAndAStageIsTaken() {
        go(StationName.BENCH);
        coach.press(KeyCode.SLASH).press(KeyCode.A, KeyCode.CONTROL).type("1 2 3 rlow circle-lead");
        coach.press(KeyCode.L, KeyCode.ALT);
        coach.await("the ladder", () -> coach.shows("Parts, each alone") && coach.shows("Live, under control"));
        coach.await("its forms", () -> coach.shows("[1 2 3 rlow circle-lead switch]*2"));
        coach.press(KeyCode.F2);
        coach.await("a stage", () -> !coach.shell.callLine().text().equals("1 2 3 rlow circle-lead"));
        coach.press(KeyCode.L, KeyCode.ALT);
        coach.await("the corner again", () -> coach.shows("From the corner"));
    }
}
