package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.app.StationName;
import onebeat.formats.hearing.PadRound;
import onebeat.formats.sound.SaidCalls;
import onebeat.formats.sound.Voice;
import org.junit.jupiter.api.Test;

/// The floor with a stand-in microphone: pads that nobody hit, heard on a clock that the test moves.
class FloorHearingTest extends DemoWindow {

    private static final long ROUND_MS = 180_000;
    private static final long STEP_MS = 2_000;

    private List<Repetition> judgedTonight() {
        return coach.app.camp().repetitions().all().stream()
                .filter(r -> r.date().equals(coach.app.today()))
                .toList();
    }

    private void runThrough(long toMs) {
        while (clockMs.get() < toMs) {
            clockMs.addAndGet(STEP_MS);
            coach.settle();
        }
    }

    @Test
    void aRoundIsHeardAndOneKeyTakesItsJudgements() {
        go(StationName.FLOOR);
        coach.press(KeyCode.H);
        coach.await("told that it is a stand-in", () -> coach.shows("no real pads"));
        Schedule schedule = schedule();
        PadRound truth = coach.pads.done(schedule, 0).orElseThrow();
        coach.press(KeyCode.SPACE);
        runThrough(Schedule.READY_MS + 60_000);
        coach.await("a word after a repetition", () -> coach.shows("CLEAN") || coach.shows("LATE"));
        runThrough(Schedule.READY_MS + ROUND_MS + 4_000);
        String whole = " of " + calls(schedule).size() + ".";
        coach.await("the whole round is told", () -> coach.shows("T takes") && coach.shows(whole));
        assertThat(judgedTonight()).as("nothing is taken by itself").isEmpty();
        coach.press(KeyCode.C);
        coach.await("pressed", () -> judgedTonight().size() == 1);
        coach.press(KeyCode.T);
        coach.await("taken", () -> judgedTonight().size() > 10 && coach.shows("Taken as heard"));
        List<Repetition> taken = judgedTonight();
        assertThat(taken.getFirst().heard())
                .as("what was pressed stays pressed")
                .isFalse();
        assertThat(taken).hasSizeGreaterThan(10);
        assertThat(taken.subList(1, taken.size())).allMatch(Repetition::heard);
        List<String> wrong = taken.subList(1, taken.size()).stream()
                .filter(one -> !truthOf(schedule, truth, one).equals(Optional.of(one.judgement())))
                .map(one -> one.atMs() + " " + one.judgement() + " but " + truthOf(schedule, truth, one))
                .toList();
        assertThat(1 - wrong.size() / (taken.size() - 1.0))
                .as(taken.size() + " taken, wrong " + wrong)
                .isGreaterThanOrEqualTo(0.95);
        coach.press(KeyCode.B);
        coach.await(
                "the book tells the gap beside the planned one",
                () -> coach.shows("after the feed") && coach.shows("; planned in one beat"));
    }

    private Schedule schedule() {
        Calls calls = new SaidCalls(new Voice());
        return coach.app.schedules().of(coach.app.camp(), coach.app.tonight().orElseThrow(), calls);
    }

    /// When the first round's repetitions are called, in milliseconds.
    private static List<Long> calls(Schedule schedule) {
        return schedule.events().stream()
                .filter(e -> e.opensRepetition() && e.round() == 0)
                .map(Event::ms)
                .toList();
    }

    private static Optional<Judgement> truthOf(Schedule schedule, PadRound truth, Repetition one) {
        return truth.repetitions().get(calls(schedule).indexOf(one.atMs())).judgement();
    }

    @Test
    void nobodyListensUnaskedAndLeavingEndsIt() {
        go(StationName.FLOOR);
        coach.settle();
        assertThat(coach.shows("no real pads")).isFalse();
        coach.press(KeyCode.H);
        coach.await("listens", () -> coach.shows("no real pads"));
        coach.press(KeyCode.H);
        coach.await("no longer", () -> !coach.shows("no real pads"));
        coach.press(KeyCode.H);
        coach.await("listens again", () -> coach.shows("no real pads"));
        go(StationName.BOOK);
        go(StationName.FLOOR);
        coach.await("not after leaving", () -> !coach.shows("no real pads"));
    }
}
