package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.ContextMenu;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.text.Text;
import javafx.stage.Window;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.app.StationName;
import onebeat.formats.sound.Sound;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/// The floor with a clock that the test moves.
class FloorWindowTest extends DemoWindow {

    private void floor() {
        go(StationName.FLOOR);
        coach.press(KeyCode.SPACE);
    }

    private void runTo(long ms) {
        clockMs.set(ms);
        coach.settle();
    }

    private List<Repetition> judgedTonight() {
        return coach.app.camp().repetitions().all().stream()
                .filter(r -> r.date().equals(coach.app.today()))
                .toList();
    }

    @Test
    @Tag("real-window")
    void aFaultIsNamedByItsDigit() {
        floor();
        runTo(Schedule.READY_MS + 20_000);
        coach.press(KeyCode.L);
        coach.await("the faults", () -> coach.shows("1 reached for the jab"));
        coach.press(KeyCode.DIGIT3);
        coach.await("named", () -> coach.shows("Fault: other hand dropped."));
        assertThat(judgedTonight()).singleElement().satisfies(r -> {
            assertThat(r.judgement()).isEqualTo(Judgement.LATE);
            assertThat(r.fault()).isEqualTo("dropped");
        });
    }

    @Test
    void inTheRestTheRoundIsTallied() {
        floor();
        runTo(Schedule.READY_MS + 180_000 + 5_000);
        coach.await("rest", () -> coach.shows("REST"));
        coach.press(KeyCode.C).press(KeyCode.C).press(KeyCode.W);
        coach.await("three", () -> judgedTonight().size() == 3);
        assertThat(judgedTonight().stream().map(Repetition::judgement))
                .containsExactly(Judgement.CLEAN, Judgement.CLEAN, Judgement.WRONG);
        assertThat(judgedTonight().stream().map(Repetition::atMs)).doesNotHaveDuplicates();
    }

    @Test
    void aRoundIsSkippedRepeatedAndARestMadeLonger() {
        floor();
        runTo(Schedule.READY_MS + 30_000);
        coach.await("the first", () -> coach.shows("ROUND 1 OF 4"));
        coach.press(KeyCode.N);
        coach.await("the rest", () -> coach.shows("REST") && coach.shows("1:00"));
        runTo(Schedule.READY_MS + 30_000 + 40_000);
        coach.await("twenty left", () -> coach.shows("0:20"));
        coach.press(KeyCode.EQUALS);
        coach.await("longer", () -> coach.shows("0:35"));
        coach.press(KeyCode.R);
        coach.await("the round before the rest", () -> coach.shows("ROUND 1 OF 4") && coach.shows("3:00"));
        coach.press(KeyCode.N);
        coach.await("the rest again", () -> coach.shows("REST"));
        coach.press(KeyCode.N);
        coach.await("the second", () -> coach.shows("ROUND 2 OF 4") && coach.shows("3:00"));
        runTo(Schedule.READY_MS + 30_000 + 40_000 + 50_000);
        coach.await("it runs", () -> coach.shows("2:10"));
        coach.press(KeyCode.R);
        coach.await("from its start", () -> coach.shows("3:00"));
        assertThat(tonightsRuns()).as("a skipped round did not run").isZero();
    }

    private void runOneRoundAndSkipTheOthers() {
        floor();
        runTo(Schedule.READY_MS + 180_000 + 5_000);
        coach.await("the first round was run", () -> coach.shows("REST"));
        for (int skipped = 0; skipped < 6; skipped++) {
            coach.press(KeyCode.N);
        }
    }

    @Test
    void anEveningThatIsEndedEarlyIsAskedHowHardItWas() {
        runOneRoundAndSkipTheOthers();
        coach.await("asked", () -> coach.shows("How hard was the evening? 0 to 9, X for 10"));
        coach.press(KeyCode.DIGIT7);
        coach.await("said", () -> coach.shows("The evening was 7 of 10 hard."));
        assertThat(coach.app.camp().sessionOn(coach.app.today()).orElseThrow().effort())
                .hasValue(7);
        assertThat(tonightsRuns()).as("rounds that were run").isEqualTo(1);
    }

    @Test
    void howHardItWasIsSaidWithTheMouseFromTheBar() {
        runOneRoundAndSkipTheOthers();
        coach.await("asked", () -> coach.has("action-floor.effort-0") && coach.has("action-floor.effort-10"));
        assertThat(coach.has("action-floor.bell") || coach.has("action-floor.skip"))
                .as("nothing is left to ring for")
                .isFalse();
        coach.click("action-floor.effort-8");
        coach.await("said", () -> coach.shows("The evening was 8 of 10 hard."));
        coach.await("the question is gone", () -> !coach.has("action-floor.effort-8"));
        coach.click("action-floor.book");
        coach.await("the book", () -> coach.shell.here() == StationName.BOOK);
    }

    /// The menu hangs from a dark bar: what that says of its words must not reach into it.
    @Test
    void wordsOfAMenuCanBeReadOnTheFloorToo() {
        floor();
        coach.click("action-more");
        Set<Paint> fills = Driver.onFx(() -> Window.getWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .flatMap(menu -> menu.getScene().getRoot().lookupAll(".menu-item .text").stream())
                .map(text -> ((Text) text).getFill())
                .collect(Collectors.toSet()));
        assertThat(fills).isNotEmpty().isSubsetOf(Color.web("#221c18"), Color.web("#665b50"), Color.web("#f8f3ea"));
    }

    @Test
    void aLastRoundThatWasLeftByMistakeComesBack() {
        floor();
        runTo(Schedule.READY_MS + 30_000);
        for (int skipped = 0; skipped < 7; skipped++) {
            coach.press(KeyCode.N);
        }
        coach.await("asked", () -> coach.shows("How hard was the evening? 0 to 9, X for 10"));
        coach.press(KeyCode.DIGIT7);
        coach.await("said", () -> coach.shows("The evening was 7 of 10 hard."));
        coach.press(KeyCode.R);
        coach.await("the last round waits", () -> coach.shows("PAUSED") && coach.shows("3:00"));
        coach.press(KeyCode.SPACE);
        runTo(Schedule.READY_MS + 30_000 + 200_000);
        coach.await("it ran to its end", () -> tonightsRuns() == 1);
    }

    private long tonightsRuns() {
        return coach.app.camp().runs().all().stream()
                .filter(r -> r.date().equals(coach.app.today()))
                .count();
    }

    @Test
    void aRecordingIsTakenInAndABrokenOneIsTold() throws IOException {
        go(StationName.FLOOR);
        try (InputStream click = getClass().getResourceAsStream("/onebeat/formats/sound/bell.wav")) {
            coach.choosing(Files.write(
                    folder.resolve("Jab.wav"), Objects.requireNonNull(click).readAllBytes()));
        }
        coach.press(KeyCode.O);
        coach.await("taken", () -> coach.shows("Your recording is used for jab."));
        assertThat(coach.app.folder().resolve("voice").resolve("jab.wav")).exists();
        coach.choosing(Files.writeString(folder.resolve("cross.wav"), "no sound"));
        coach.press(KeyCode.O);
        coach.await("told", () -> coach.shows("cross.wav cannot be used"));
        coach.choosing(Files.writeString(folder.resolve("zebra.wav"), ""));
        coach.press(KeyCode.O);
        coach.await("nothing is called so", () -> coach.shows("Nothing is called zebra."));
    }

    @Test
    void aPedalIsTaught() {
        go(StationName.FLOOR);
        coach.press(KeyCode.K);
        coach.await("asked", () -> coach.shows("Press the key or pedal for: Bell, pause"));
        coach.press(KeyCode.PAGE_UP).press(KeyCode.PAGE_DOWN).press(KeyCode.ESCAPE);
        coach.await("kept", () -> coach.shows("The keys are kept."));
        coach.press(KeyCode.PAGE_UP);
        runTo(Schedule.READY_MS + 20_000);
        coach.await("it runs", () -> coach.shows("ROUND 1 OF 4"));
        coach.press(KeyCode.PAGE_DOWN);
        coach.await("clean", () -> coach.shows("1 CLEAN"));
        coach.press(KeyCode.L);
        coach.await("the usual key still works", () -> coach.shows("1 LATE"));
    }

    @Test
    void theFullEveningRunsWithWarmUpFeetTrunkAndBursts() {
        go(StationName.ROUNDS);
        coach.press(KeyCode.T).press(KeyCode.U).press(KeyCode.U);
        coach.await("half an hour", () -> coach.shows("Half an hour") && coach.shows("2 bursts of 20 s."));
        floor();
        runTo(Schedule.READY_MS + 500);
        coach.await("its bell", () -> coach.sounds.played().contains(Sound.BELL));
        runTo(Schedule.READY_MS + 5_000);
        coach.await("warm-up", () -> coach.shows("WARM-UP") && coach.shows("easier: hold on to the ropes"));
        runTo(Schedule.READY_MS + 365_000);
        coach.await("feet", () -> coach.shows("FEET") && coach.shows("1 of 3"));
        runTo(Schedule.READY_MS + 720_000 + 60_000);
        coach.await("a burst", () -> coach.shows("BURST "));
        runTo(Schedule.READY_MS + 720_000 + 7 * 60_000 + 40_000);
        coach.await("trunk", () -> coach.shows("TRUNK") && coach.shows("SIDE"));
        runTo(Schedule.READY_MS + 1_800_000 - 5_000);
        coach.await("the last ten", () -> coach.shows("LAST TEN"));
        runTo(Schedule.READY_MS + 1_800_000 + 1_000);
        coach.await("done on the minute", () -> coach.shows("DONE"));
        coach.await("the last bell", () -> coach.sounds.played().contains(Sound.END));
        assertThat(coach.app.camp().runs().all().stream().filter(r -> r.date().equals(coach.app.today())))
                .hasSize(4);
    }

    @Test
    void aRoundThatWasBrokenOffGoesOnWhereItStopped() {
        floor();
        runTo(Schedule.READY_MS + 60_000);
        coach.await("it runs", () -> coach.shows("2:00"));
        coach.press(KeyCode.C);
        coach.await("judged", () -> judgedTonight().size() == 1);
        coach.await("noted", () -> !coach.app.draft("floor at").isEmpty());
        // The window is gone without a word, and opened again.
        coach.close();
        coach = Driver.open(folder.resolve("demo.onebeat"), clockMs::get);
        go(StationName.FLOOR);
        coach.await("it waits", () -> coach.shows("It stopped here.") && coach.shows("PAUSED"));
        coach.await("three seconds before", () -> coach.shows("2:03"));
        assertThat(judgedTonight()).hasSize(1);
        coach.press(KeyCode.SPACE);
        clockMs.addAndGet(13_000);
        coach.await("it goes on", () -> coach.shows("1:50") && coach.shows("ROUND 1 OF 4"));
    }
}
