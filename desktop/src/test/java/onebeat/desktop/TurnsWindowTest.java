package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import javafx.scene.input.KeyCode;
import onebeat.core.book.Judgement;
import onebeat.core.book.Note;
import onebeat.core.camp.Camp;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.app.StationName;
import org.junit.jupiter.api.Test;

/// Two athletes take turns, from the rounds over the floor into the book of each.
class TurnsWindowTest extends DemoWindow {

    private Camp camp() {
        return coach.app.camp();
    }

    private List<RoundPlan> tonight() {
        return camp().roundsOf(coach.app.tonight().orElseThrow().id());
    }

    private String partner() {
        return camp().partner().orElseThrow().name();
    }

    private void takeTurns() {
        if (camp().partner().isEmpty()) {
            coach.press(KeyCode.P, KeyCode.CONTROL);
            coach.await("somebody at the door", () -> camp().partner().isPresent());
        }
        go(StationName.ROUNDS);
        coach.press(KeyCode.W, KeyCode.SHIFT);
        coach.await("turns", () -> coach.shows("They take turns"));
    }

    @Test
    void eachWorksAndEachHasABook() {
        takeTurns();
        assertThat(tonight()).extracting(RoundPlan::isAthletes).startsWith(true, false, true, false);
        coach.press(KeyCode.RIGHT);
        coach.await("whose it is", () -> coach.shows(partner() + " works, Ilka feeds and holds."));
        go(StationName.FLOOR);
        coach.press(KeyCode.SPACE);
        clockMs.set(Schedule.READY_MS + 20_000);
        coach.settle();
        coach.await("Ilka works", () -> coach.shows("ILKA WORKS"));
        coach.press(KeyCode.L);
        clockMs.set(Schedule.READY_MS + 240_000 + 30_000);
        coach.settle();
        coach.await("they have changed", () -> coach.shows(partner().toUpperCase(Locale.ROOT) + " WORKS"));
        coach.press(KeyCode.C).press(KeyCode.SPACE);
        String id = camp().partner().orElseThrow().id();
        assertThat(camp().repetitionsOf(id))
                .singleElement()
                .satisfies(r -> assertThat(r.judgement()).isEqualTo(Judgement.CLEAN));
        go(StationName.BOOK);
        coach.await("the other book", () -> coach.shows("The book of Ilka"));
        coach.press(KeyCode.W);
        coach.await(
                "the partner's", () -> coach.shows("The book of " + partner()) && coach.shows("1 repetitions judged"));
        coach.press(KeyCode.T);
        coach.await("only read", () -> coach.shows("W goes back to Ilka"));
        coach.press(KeyCode.W);
        coach.await("the first book again", () -> coach.shows("The book of Ilka"));
    }

    @Test
    void aLineThatIsAddedGetsItsTurnAndAllIsTakenBackAsOne() {
        takeTurns();
        int before = tonight().size();
        coach.press(KeyCode.ENTER);
        coach.await("two more", () -> tonight().size() == before + 2);
        assertThat(tonight().getLast().isAthletes()).isFalse();
        coach.press(KeyCode.Z, KeyCode.CONTROL);
        coach.await("both taken back", () -> tonight().size() == before);
        coach.press(KeyCode.HOME).press(KeyCode.W);
        coach.await(
                "it is the other's now",
                () -> tonight().stream().filter(RoundPlan::isAthletes).count() != before / 2);
    }

    @Test
    void theEveningIsFilledWithWhatFitsIntoItsMinutes() {
        go(StationName.ROUNDS);
        for (int i = 0; i < 5; i++) {
            coach.press(KeyCode.M);
        }
        coach.await("room", () -> coach.shows("25 minutes tonight: room for 6 rounds"));
        int before = tonight().size();
        coach.press(KeyCode.A);
        coach.await("filled", () -> tonight().size() == 6);
        assertThat(before).isEqualTo(4);
        coach.press(KeyCode.M, KeyCode.SHIFT);
        coach.await("too much now", () -> coach.shows("More than the 20 minutes there are tonight"));
    }

    @Test
    void aNoteIsWrittenAndFound() {
        go(StationName.BOOK);
        coach.press(KeyCode.N);
        coach.await("the form", () -> coach.shows("Note on "));
        coach.type("left hand low after the catch").press(KeyCode.ENTER);
        coach.await("kept", () -> !camp().notes().all().isEmpty() && coach.shows("left hand low after the catch"));
        Note note = camp().notes().all().iterator().next();
        assertThat(note.date()).isEqualTo(coach.app.today());
        coach.press(KeyCode.SLASH).type("hand low");
        coach.await("found", () -> coach.shows("left hand low after the catch") && !coach.shows("Double jab in"));
    }
}
