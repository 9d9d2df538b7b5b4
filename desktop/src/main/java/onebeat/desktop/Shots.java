package onebeat.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.animation.PauseTransition;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.util.Duration;
import onebeat.desktop.app.StationName;
import onebeat.desktop.demo.DemoCamp;
import onebeat.desktop.nodes.Pictures;
import onebeat.desktop.shell.ProgramAction;
import onebeat.desktop.shell.Shell;
import onebeat.desktop.text.Texts;
import onebeat.formats.out.TemporaryFolder;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;

/// Draws every main view of the demo camp into a folder, one PNG each.
final class Shots {

    /// The views need this long to settle: typefaces, styles, and the review of the line.
    private static final Duration SETTLE = Duration.millis(900);

    /// The finder needs this long for its page.
    private static final Duration SEARCH = Duration.millis(4_000);
    private static final Duration PLAN = Duration.seconds(20);

    /// The floor is shown in its warm-up, and in its first round.
    private static final Duration INTO_WARM_UP = Duration.millis(15_000);

    private static final Duration INTO_ROUND = Duration.millis(15_300);

    /// The second round stands so many stages up its ladder.
    private static final int UP_TO_READS = 5;

    /// The bench is shown so many steps along the rope.
    private static final int ALONG = 17;

    /// The holder is shown so many steps along it.
    private static final int INTO_LINE = 7;

    /// The missed evening is so many days ahead.
    private static final int DAYS_ON = 4;

    private final Shell shell;
    private final Path folder;
    private final Deque<Shot> shots = new ArrayDeque<>();

    /// One picture; without a name only a step on the way to the next.
    private record Shot(String name, Duration settle, Runnable before) {}

    Shots(Shell shell, Path folder) {
        this.shell = shell;
        this.folder = folder;
        film();
        bench();
        pages();
        evening();
    }

    private void film() {
        shots.add(new Shot("", SEARCH, () -> go(StationName.FILM, KeyCode.PAGE_DOWN, KeyCode.PAGE_DOWN)));
        shots.add(new Shot("film", SETTLE, () -> {
            press(KeyCode.K);
            press(KeyCode.K);
        }));
        shots.add(new Shot("ideas", SEARCH, () -> press(KeyCode.I)));
        shots.add(new Shot("plan", SETTLE, () -> press(KeyCode.F)));
    }

    private void bench() {
        shots.add(new Shot("", SETTLE, () -> {
            press(KeyCode.F);
            go(StationName.BENCH);
            shell.callLine().set(Texts.of("shots.line"));
        }));
        shots.add(new Shot("bench", SETTLE, () -> IntStream.range(0, ALONG).forEach(_ -> press(KeyCode.RIGHT))));
        shots.add(new Shot("", SETTLE, () -> shell.callLine().set(Texts.of("shots.reads"))));
        shots.add(new Shot("reads", SETTLE, () -> IntStream.range(0, ALONG / 2).forEach(_ -> press(KeyCode.LEFT))));
    }

    private void pages() {
        shots.add(new Shot("", SETTLE, () -> {
            shell.callLine().set(Texts.of("shots.first"));
            alt(KeyCode.V);
        }));
        shots.add(new Shot("variants", SETTLE, () -> {}));
        shots.add(new Shot("", SETTLE, () -> alt(KeyCode.K)));
        shots.add(new Shot("compare", SETTLE, () -> shell.callLine().set(Texts.of("shots.second"))));
        shots.add(new Shot("", SETTLE, () -> {
            alt(KeyCode.K);
            shell.callLine().set(Texts.of("shots.weapon"));
            alt(KeyCode.W);
        }));
        shots.add(new Shot("", SEARCH, () -> {}));
        shots.add(new Shot("weapon", SETTLE, () -> press(KeyCode.F4)));
        shots.add(new Shot("answers", SEARCH, () -> {
            shell.callLine().set(Texts.of("shots.fed"));
            alt(KeyCode.A);
        }));
        shots.add(new Shot("", SETTLE, () -> {
            alt(KeyCode.A);
            shell.callLine().set(Texts.of("shots.grown"));
            alt(KeyCode.L);
        }));
        shots.add(new Shot("ladder", SETTLE, () -> {}));
        shots.add(new Shot("", SETTLE, () -> {
            alt(KeyCode.L);
            shell.dispatch(ProgramAction.Do.NEXT_PARTNER);
            shell.callLine().set(Texts.of("shots.held"));
            alt(KeyCode.H);
        }));
        shots.add(new Shot("holder", SETTLE, () -> IntStream.range(0, INTO_LINE).forEach(_ -> press(KeyCode.RIGHT))));
        shots.add(new Shot("partners", SETTLE, () -> shell.dispatch(ProgramAction.Do.PARTNERS)));
        shots.add(new Shot("", SETTLE, () -> press(KeyCode.ESCAPE)));
    }

    private void evening() {
        shots.add(new Shot("", SETTLE, () -> go(StationName.ROUNDS, KeyCode.T, KeyCode.U, KeyCode.U, KeyCode.RIGHT)));
        shots.add(new Shot(
                "rounds", SETTLE, () -> IntStream.range(0, UP_TO_READS).forEach(_ -> press(KeyCode.L))));
        shots.add(new Shot("warm-up", INTO_WARM_UP, () -> go(StationName.FLOOR, KeyCode.SPACE)));
        shots.add(new Shot("", SETTLE, () -> press(KeyCode.N)));
        shots.add(new Shot("floor", INTO_ROUND, () -> press(KeyCode.N)));
        shots.add(new Shot("book", SETTLE, () -> go(StationName.BOOK)));
        weeks();
    }

    /// A plan is taken, then an evening is missed.
    private void weeks() {
        shots.add(new Shot("", SEARCH, () -> go(StationName.WEEKS)));
        shots.add(new Shot("", PLAN, () -> press(KeyCode.L)));
        shots.add(new Shot("", SETTLE, () -> press(KeyCode.ENTER)));
        shots.add(new Shot("weeks", PLAN, () -> {
            IntStream.range(0, DAYS_ON).forEach(_ -> press(KeyCode.RIGHT));
            press(KeyCode.DOWN);
            press(KeyCode.M);
        }));
    }

    /// The demo camp in a file of its own, made anew.
    static Optional<CampFile> camp(LocalDate today) {
        try {
            Path path = TemporaryFolder.make("onebeat").resolve("shots" + CampFile.ENDING);
            return DemoCamp.openOrCreate(path, today) instanceof Opened opened
                    ? Optional.of(opened.file())
                    : Optional.empty();
        } catch (IOException _) {
            return Optional.empty();
        }
    }

    /// Takes all pictures, then tells.
    void take(Runnable then) {
        if (shots.isEmpty()) {
            then.run();
            return;
        }
        Shot shot = shots.removeFirst();
        shot.before.run();
        PauseTransition wait = new PauseTransition(shot.settle);
        wait.setOnFinished(_ -> {
            if (!shot.name.isEmpty()) {
                write(shot.name);
            }
            take(then);
        });
        wait.play();
    }

    private void go(StationName name, KeyCode... keys) {
        shell.go(name);
        for (KeyCode key : keys) {
            press(key);
        }
    }

    private void press(KeyCode key) {
        press(key, false);
    }

    private void alt(KeyCode key) {
        press(key, true);
    }

    private void press(KeyCode key, boolean alt) {
        Scene scene = shell.root().getScene();
        Event.fireEvent(scene, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, alt, false));
        Event.fireEvent(scene, new KeyEvent(KeyEvent.KEY_RELEASED, "", "", key, false, false, alt, false));
    }

    private void write(String name) {
        Path file = folder.resolve(name.toLowerCase(Locale.ROOT) + ".png");
        try {
            Pictures.write(shell.root().getScene(), file);
            System.out.println(file);
        } catch (IOException e) {
            System.err.println(Texts.of("shots.cannot", file) + " " + e.getMessage());
        }
    }
}
