package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import onebeat.core.camp.Drill;
import onebeat.core.film.Exchange;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.app.StationName;
import onebeat.desktop.text.Texts;
import org.junit.jupiter.api.Test;

/// What the stations' own keys do, on the real window.
class StationsWindowTest extends DemoWindow {

    private List<RoundPlan> tonight() {
        return coach.app.camp().roundsOf(coach.app.tonight().orElseThrow().id());
    }

    @Test
    void filmStepsFromExchangeToExchangeAndTakesOneOff() {
        List<Exchange> reel = coach.app.camp().exchangesOn("harbour-hall");
        coach.press(KeyCode.DOWN).press(KeyCode.DOWN);
        coach.await(
                "the third exchange",
                () -> coach.shows(Texts.filmTime(reel.get(2).timeS())));
        coach.press(KeyCode.DELETE);
        coach.await(
                "taken off",
                () -> coach.app.camp().exchanges().get(reel.get(2).id()).isEmpty());
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await(
                "back", () -> coach.app.camp().exchanges().get(reel.get(2).id()).isPresent());
    }

    @Test
    void filmSaysHowItPlays() {
        coach.press(KeyCode.H);
        coach.await("half speed", () -> coach.shows("half speed"));
        coach.press(KeyCode.L);
        coach.await("loop", () -> coach.shows("loop"));
        coach.press(KeyCode.SPACE);
        coach.await("playing", () -> coach.shows("playing"));
        coach.press(KeyCode.SPACE);
        coach.await("still", () -> coach.shows("still"));
    }

    @Test
    void anotherKeyThanAnOutcomeLeavesItOpen() {
        int before = coach.app.camp().exchanges().size();
        coach.press(KeyCode.SLASH).type("1 2").press(KeyCode.ENTER);
        coach.await("logged", () -> coach.app.camp().exchanges().size() == before + 1);
        coach.type("3");
        assertThat(coach.line()).isEqualTo("3");
        assertThat(coach.words()).doesNotContain("C clean  P partial");
    }

    @Test
    void whatCannotBeReadIsNotLogged() {
        int before = coach.app.camp().exchanges().size();
        coach.press(KeyCode.SLASH).type("1 zap").press(KeyCode.ENTER);
        coach.await("told", () -> coach.shows("At character 3"));
        assertThat(coach.line()).as("nothing typed is lost").isEqualTo("1 zap");
        assertThat(coach.app.camp().exchanges().size()).isEqualTo(before);
    }

    @Test
    void tabCompletesAName() {
        coach.press(KeyCode.SLASH).type("1 ove").press(KeyCode.TAB);
        assertThat(coach.line()).isEqualTo("1 overhand");
    }

    @Test
    void theSheetOfKeysMakesOnlyTheRowsOnScreenAndEndGoesToTheLast() {
        coach.press(KeyCode.F1);
        coach.await("the sheet", () -> coach.shows(Texts.of("help.title")));
        coach.await("the last example", () -> coach.shows(Texts.of("help.example.four")));
        List<String> drawn = Driver.onFx(() -> coach.shell.root().lookupAll("#help-sheet .list-cell .text").stream()
                .map(text -> ((Text) text).getText())
                .toList());
        assertThat(drawn).hasSizeGreaterThan(30).noneMatch(words -> words.endsWith("...") || words.endsWith("…"));
        assertThat(coach.shows("Ctrl+6")).as("far down, so it is not made yet").isFalse();
        coach.press(KeyCode.END);
        coach.await("the last row", () -> coach.shows("Ctrl+6"));
        coach.press(KeyCode.ESCAPE);
        coach.await("gone", () -> !coach.shows(Texts.of("help.title")));
    }

    @Test
    void aKeyIsLearnedAndForgottenFromItsRow() {
        coach.press(KeyCode.COMMA, KeyCode.CONTROL);
        coach.await("the settings", () -> coach.has("settings-keys"));
        coach.click("settings-keys").press(KeyCode.HOME).press(KeyCode.ENTER);
        coach.await("asked for a key", () -> coach.shows("Press the key, clicker or pedal for"));
        coach.press(KeyCode.F12);
        coach.await("learned", () -> coach.shows("Forget"));
        coach.click("settings-keys").press(KeyCode.HOME).press(KeyCode.DELETE);
        coach.await("forgotten", () -> !coach.shows("Forget"));
    }

    @Test
    void theBenchChangesTempoAndDrill() {
        go(StationName.BENCH);
        int bpm = coach.app.drill().map(Drill::bpm).orElseThrow();
        coach.press(KeyCode.EQUALS);
        coach.await("two faster", () -> coach.app.drill().map(Drill::bpm).orElse(0) == bpm + 2);
        coach.press(KeyCode.DOWN);
        coach.await("the next drill", () -> coach.shell.callLine().text().equals("1b (low) 2 3 circle-lead"));
        coach.press(KeyCode.UP);
        coach.await("the first again", () -> coach.shell.callLine().text().startsWith("(1) catch+2"));
    }

    @Test
    void roundsChangeTheirTempoGapAndScheme() {
        go(StationName.ROUNDS);
        RoundPlan first = tonight().getFirst();
        coach.press(KeyCode.EQUALS).press(KeyCode.G);
        coach.await(
                "tempo and gap",
                () -> tonight().getFirst().bpm() == first.bpm() + 2
                        && tonight().getFirst().gapBeats() == first.gapBeats() + 1);
        coach.press(KeyCode.S);
        coach.await("the next scheme", () -> coach.shows("Boxing rounds"));
    }

    @Test
    void theBookPutsItsProposalIntoTonight() {
        go(StationName.BOOK);
        coach.await("up", () -> coach.shows("Up to 66"));
        coach.press(KeyCode.R);
        coach.await("the rounds", () -> coach.shell.here() == StationName.ROUNDS);
        assertThat(tonight().getLast().bpm()).isEqualTo(66);
        assertThat(tonight().getLast().drillId()).isEqualTo("d1");
    }
}
