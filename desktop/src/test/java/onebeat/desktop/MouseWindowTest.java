package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import onebeat.core.book.Judgement;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.app.StationName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/// The whole way from film to tomorrow's proposal with the mouse alone, by what stands on the screen.
@Tag("real-window")
class MouseWindowTest extends DemoWindow {

    private int rounds() {
        return coach.app.camp().roundsOf(coach.app.tonight().orElseThrow().id()).size();
    }

    @Test
    void fromAnExchangeToTomorrowsProposal() {
        coach.await("the bar", () -> coach.has("action-film.bench"));
        int drills = coach.app.camp().drills().size();
        coach.click("action-film.bench");
        coach.await("the bench", () -> coach.shell.here() == StationName.BENCH);
        assertThat(coach.app.camp().drills().size()).isEqualTo(drills + 1);
        coach.await("its bar", () -> coach.has("action-bench.rounds"));
        int before = rounds();
        coach.click("action-bench.rounds");
        coach.await("the rounds", () -> coach.shell.here() == StationName.ROUNDS);
        assertThat(rounds()).isEqualTo(before + 1);
        coach.await("their bar", () -> coach.has("action-rounds.faster"));
        coach.click("action-rounds.faster");
        coach.click("action-rounds.floor");
        coach.await("the floor", () -> coach.shell.here() == StationName.FLOOR);
        coach.await("its bar", () -> coach.has("action-floor.bell"));
        coach.click("action-floor.bell");
        clockMs.set(Schedule.READY_MS + 20_000);
        coach.await("it runs", () -> coach.shows("ROUND 1 OF"));
        coach.click("action-floor.clean");
        coach.await("clean", () -> coach.shows("1 CLEAN"));
        assertThat(coach.app.camp().repetitions().all().stream()
                        .filter(r -> r.date().equals(coach.app.today())))
                .singleElement()
                .satisfies(r -> assertThat(r.judgement()).isEqualTo(Judgement.CLEAN));
        coach.click("action-floor.leave");
        coach.await("back", () -> coach.shell.here() == StationName.ROUNDS);
        coach.click("station-BOOK");
        coach.await("the book", () -> coach.shell.here() == StationName.BOOK && coach.has("action-book.take"));
        coach.click("action-book.take");
        coach.await("tonight has it", () -> rounds() > before + 1);
    }

    @Test
    void whatIsSeenOftenIsLoggedWithItsOutcome() {
        coach.await("the bar", () -> coach.has("action-film.bench") && coach.has("seen-1"));
        int before = coach.app.camp().exchanges().size();
        coach.click("seen-1");
        coach.await("asked how it ended", () -> coach.has("action-film.outcome.countered"));
        assertThat(coach.app.camp().exchanges().size()).isEqualTo(before + 1);
        coach.click("action-film.outcome.countered");
        coach.await("told", () -> coach.shows("Outcome: countered."));
        coach.await("the bar as before", () -> coach.has("action-film.bench"));
    }

    @Test
    void settingsAreSetWithTheMouseAndTheSearchIsNoLine() {
        coach.await("the bar", () -> coach.has("action-film.bench"));
        assertThat(coach.has("action-more")).isTrue();
        assertThat(coach.has("brand")).isTrue();
        coach.press(KeyCode.COMMA, KeyCode.CONTROL);
        coach.await("the settings", () -> coach.shows("Your own keys, clicker and pedal"));
        coach.click("settings-larger");
        coach.await("larger", () -> coach.app.settings().get().textPercent() == 125);
        coach.press(KeyCode.ESCAPE);
        coach.press(KeyCode.SLASH, KeyCode.SHIFT);
        coach.type("holder");
        coach.await("found", () -> coach.shows("Enter does it"));
        coach.press(KeyCode.ESCAPE);
        assertThat(coach.line()).as("the search is no line").isEmpty();
    }

    private void bench(String line) {
        coach.press(KeyCode.DIGIT2, KeyCode.CONTROL);
        coach.await("the bench", () -> coach.shell.here() == StationName.BENCH);
        coach.press(KeyCode.SLASH).press(KeyCode.A, KeyCode.CONTROL).type(line);
        coach.press(KeyCode.ESCAPE);
        coach.await("looked at", () -> coach.hears(h -> h.contains("beat 2: Ilka, cross")));
    }

    @Test
    void aRightClickOnAStrikeOffersWhatCanBeDoneWithIt() {
        bench("1 2 3 off");
        coach.rightClick("beat 2: Ilka, cross").choose("bench.strike.feint");
        coach.await("feinted", () -> coach.shell.callLine().text().equals("1 ~2 3 off"));
        coach.rightClick("beat 3: Ilka, lead hook").choose("bench.strike.out");
        coach.await("taken out", () -> coach.shell.callLine().text().equals("1 ~2 off"));
        coach.rightClick("beat 1: Ilka, jab").choose("bench.strike.level");
        coach.await("lower", () -> coach.shell.callLine().text().equals("1b ~2 off"));
    }

    @Test
    void everyStrikeFindingAndStrandIsHeardByItself() {
        coach.await("strands", () -> coach.hears(h -> h.startsWith("LIST_ITEM After ") && h.contains("likely")));
        bench("1 2 2 3");
        coach.await("the corner", () -> coach.hears(h -> h.startsWith("LIST_ITEM warning: Same side, no reload.")));
        assertThat(coach.heard())
                .anyMatch(h -> h.startsWith("TEXT beat 1: Ilka, jab, ") && h.contains("target 0."))
                .anyMatch(h -> h.startsWith("TEXT beat 3: Ilka, cross, ") && h.contains("Same side, no reload"));
    }

    @Test
    void whatIsNotOnTheBarIsInTheMenuBehindIt() {
        bench("1 2 off");
        coach.click("action-more").choose("bench.mirror");
        coach.await("mirrored", () -> coach.shows("mirrored"));
        coach.click("brand").choose("program.settings");
        coach.await("the settings", () -> coach.shows("Your own keys, clicker and pedal"));
    }
}
