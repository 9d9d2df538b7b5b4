package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import javafx.scene.input.KeyCode;
import onebeat.core.book.Judgement;
import onebeat.core.book.Ledger;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.app.StationName;
import onebeat.formats.sound.Sound;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// The path through the real interface, with the process killed hard at its end: everything is there again.
class PathWindowTest {

    /// What a walk in a process of its own takes over: which platform of windows, which compiler.
    private static final List<String> SETTINGS = List.of(
            "-Dglass.", "-Dprism.", "-Djavafx.", "-XX:Tiered", "-XX:+Unlock", "-XX:Compiler", "--enable-native-access");

    @TempDir
    Path folder;

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    private Path demo() {
        return DemoFiles.in(folder, TestDay.TODAY);
    }

    @Test
    @Tag("real-window")
    void fromFilmToTheBookAndBackAfterAKill() throws IOException, InterruptedException {
        Path path = demo();
        walkAndKill(path, PathWalk.WHOLE);
        try (Driver coach = Driver.open(path, () -> 0)) {
            Camp camp = coach.app.camp();
            Exchange logged = List.copyOf(camp.exchanges().all()).getLast();
            assertThat(logged.line()).isEqualTo("1b (low) 3");
            assertThat(logged.outcome()).isEqualTo(Outcome.CLEAN);
            Drill drill = List.copyOf(camp.drills().all()).getLast();
            assertThat(drill.line()).isEqualTo("1b (low) 3 reload 3");
            RoundPlan round =
                    camp.roundsOf(coach.app.tonight().orElseThrow().id()).getLast();
            assertThat(round.drillId()).isEqualTo(drill.id());
            Ledger ledger = camp.ledger(drill.id());
            assertThat(ledger.days()).hasSize(1);
            assertThat(ledger.days().getFirst().judged()).isPositive();
            assertThat(ledger.days().getFirst().seconds()).isEqualTo(180);
            coach.press(KeyCode.DIGIT5, KeyCode.CONTROL);
            coach.await("the book", () -> coach.shell.here() == StationName.BOOK);
            coach.await("the drill in the book", () -> coach.shows(drill.name()));
            coach.await("its proposal", () -> coach.shows("too few yet"));
        }
    }

    private static List<String> sameSettings() {
        return ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(a -> SETTINGS.stream().anyMatch(a::startsWith))
                .toList();
    }

    private void walkAndKill(Path path, String how) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(sameSettings());
        command.addAll(
                List.of("-cp", System.getProperty("java.class.path"), PathWalk.class.getName(), path.toString(), how));
        Process walk = new ProcessBuilder(command).redirectErrorStream(true).start();
        StringBuilder said = new StringBuilder();
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(walk.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                said.append(line).append('\n');
                if (line.equals("WALKED")) {
                    break;
                }
            }
        }
        walk.destroyForcibly().waitFor();
        assertThat(said.toString()).contains("WALKED");
    }

    @Test
    void aRoundThatWasKilledInItsMiddleGoesOnAndTheEveningIsFinished() throws IOException, InterruptedException {
        Path path = demo();
        walkAndKill(path, PathWalk.HALF);
        AtomicLong clock = new AtomicLong();
        try (Driver coach = Driver.open(path, clock::get)) {
            List<Repetition> judged = coach.app.camp().repetitions().all().stream()
                    .filter(r -> r.date().equals(coach.app.today()))
                    .toList();
            assertThat(judged).as("what was judged before the kill").hasSize(2);
            assertThat(coach.app.camp().runs().all().stream()
                            .filter(r -> r.date().equals(coach.app.today())))
                    .as("the first round had run, the second had not")
                    .hasSize(1);
            coach.press(KeyCode.DIGIT4, KeyCode.CONTROL);
            coach.await("it waits where it stopped", () -> coach.shows("It stopped here."));
            coach.press(KeyCode.SPACE);
            clock.addAndGet(5_000);
            coach.await("the second round of the evening runs", () -> coach.shows("Body jab opens the head"));
            coach.press(KeyCode.L);
            coach.await(
                    "and is judged",
                    () -> coach.app.camp().repetitions().all().stream()
                            .anyMatch(r ->
                                    r.judgement() == Judgement.LATE && r.date().equals(coach.app.today())));
            clock.addAndGet(20 * 60_000);
            coach.await("done", () -> coach.shows("DONE"));
            coach.await(
                    "every round of the evening is noted",
                    () -> roundsDone(coach).size() == 4);
            assertThat(roundsDone(coach)).as("each of them once").doesNotHaveDuplicates();
        }
    }

    private static List<String> roundsDone(Driver coach) {
        return coach.app.camp().runs().all().stream()
                .filter(r -> r.date().equals(coach.app.today()))
                .map(RoundRun::roundId)
                .toList();
    }

    @Test
    void undoAndRedoFromTheKeys() {
        try (Driver coach = Driver.open(demo(), () -> 0)) {
            coach.press(KeyCode.DIGIT3, KeyCode.CONTROL);
            coach.await("the rounds", () -> coach.shell.here() == StationName.ROUNDS);
            coach.press(KeyCode.ENTER);
            coach.await(
                    "a fifth round",
                    () -> coach.app.camp().roundsOf(tonight(coach)).size() == 5);
            coach.press(KeyCode.Z, KeyCode.CONTROL);
            coach.await(
                    "four again",
                    () -> coach.app.camp().roundsOf(tonight(coach)).size() == 4);
            coach.press(KeyCode.Y, KeyCode.CONTROL);
            coach.await(
                    "five again",
                    () -> coach.app.camp().roundsOf(tonight(coach)).size() == 5);
            coach.press(KeyCode.RIGHT).press(KeyCode.LEFT, KeyCode.SHIFT);
            coach.await(
                    "moved forward",
                    () -> coach.app
                            .camp()
                            .roundsOf(tonight(coach))
                            .get(3)
                            .drillId()
                            .equals("d1"));
            coach.press(KeyCode.DELETE);
            coach.await(
                    "taken out", () -> coach.app.camp().roundsOf(tonight(coach)).size() == 4);
        }
    }

    private static String tonight(Driver coach) {
        return coach.app.tonight().orElseThrow().id();
    }

    @Test
    void aMistakeIsToldWithTheNearestWordAndKeepsTheRope() {
        try (Driver coach = Driver.open(demo(), () -> 0)) {
            coach.press(KeyCode.DIGIT2, KeyCode.CONTROL);
            coach.await("the bench", () -> coach.shell.here() == StationName.BENCH);
            coach.press(KeyCode.SLASH).type(" rlov");
            coach.await("the nearest word", () -> coach.shows("nearest: rlow"));
            coach.await("the corner says so", () -> coach.shows("Cannot read this yet"));
            coach.press(KeyCode.BACK_SPACE).type("w");
            coach.await("read again", () -> !coach.shows("Cannot read this yet"));
            coach.press(KeyCode.ESCAPE);
            coach.press(KeyCode.RIGHT).press(KeyCode.RIGHT);
            assertThat(coach.line()).endsWith("rlow");
        }
    }

    @Test
    void aDraftIsThereAfterReopening() {
        Path path = demo();
        try (Driver coach = Driver.open(path, () -> 0)) {
            coach.press(KeyCode.DIGIT2, KeyCode.CONTROL);
            coach.press(KeyCode.N, KeyCode.CONTROL);
            coach.press(KeyCode.SLASH).type("1 2 (hi");
            coach.await("kept", () -> coach.app.draft("BENCH").equals("1 2 (hi"));
        }
        try (Driver coach = Driver.open(path, () -> 0)) {
            coach.press(KeyCode.DIGIT2, KeyCode.CONTROL);
            assertThat(coach.line()).isEqualTo("1 2 (hi");
        }
    }

    @Test
    void theCardIsChangedAndWhatCannotBeIsTold() {
        try (Driver coach = Driver.open(demo(), () -> 0)) {
            coach.press(KeyCode.E, KeyCode.CONTROL);
            coach.await("the card", () -> coach.shows("The camp"));
            coach.press(KeyCode.BACK_SPACE);
            coach.press(KeyCode.ENTER);
            coach.await("why not", () -> coach.shows("Give the camp"));
            coach.type("harbour");
            coach.press(KeyCode.ENTER);
            coach.await("saved", () -> coach.app.camp().card().name().equals("harbour"));
            coach.press(KeyCode.Z, KeyCode.CONTROL);
            coach.await("taken back", () -> coach.app.camp().card().name().equals("Saltlight"));
        }
    }

    @Test
    void aCallFromTheFloorNeedsNoMouseAndItsSoundsFollowTheSchedule() {
        AtomicLong clock = new AtomicLong();
        try (Driver coach = Driver.open(demo(), clock::get)) {
            coach.press(KeyCode.DIGIT4, KeyCode.CONTROL);
            coach.await("cautions first", () -> coach.shows("clears nobody to train"));
            coach.press(KeyCode.SPACE);
            for (int quarter = 0; quarter < 100; quarter++) {
                clock.addAndGet(250);
                coach.pause(25);
            }
            coach.await("the round runs", () -> coach.shows("ROUND 1 OF 4"));
            coach.await("the bell rang", () -> coach.sounds.played().contains(Sound.BELL));
            coach.press(KeyCode.SPACE);
            coach.await("paused", () -> coach.shows("PAUSED"));
            coach.press(KeyCode.W);
            coach.await("judged", () -> coach.shows("1 WRONG"));
            coach.press(KeyCode.C);
            coach.await("judged again", () -> coach.shows("1 CLEAN") && !coach.shows("1 WRONG"));
            coach.press(KeyCode.ESCAPE);
            coach.await("back", () -> coach.shell.here() == StationName.ROUNDS);
        }
    }
}
