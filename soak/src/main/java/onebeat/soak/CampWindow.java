package onebeat.soak;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.shell.Shell;
import onebeat.desktop.sound.SilentSounds;
import onebeat.desktop.sound.StandInMicrophone;
import onebeat.soak.HoldWatch.Hold;
import onebeat.store.CampFile;
import org.jspecify.annotations.Nullable;

/// The real window on a camp, driven from outside, on a clock that is moved from outside.
final class CampWindow implements AutoCloseable {

    private static final long PATIENCE_S = 120;
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private static final AtomicReference<@Nullable Throwable> UNEXPECTED = new AtomicReference<>();
    private static final AtomicReference<@Nullable HoldWatch> WATCH = new AtomicReference<>();

    final AtomicLong clockMs = new AtomicLong();
    private final SetClock clock = new SetClock();
    final CampSession app;
    final Shell shell;
    private final Stage stage;
    private final Scene scene;

    private CampWindow(Path camp) {
        app = new CampSession(
                Camps.opened(CampFile.open(camp)), clock, new SettingsStore(camp.resolveSibling("settings")));
        shell = new Shell(app, new SilentSounds("a soak"), new StandInMicrophone(1), clockMs::get);
        shell.choosing(Optional::empty);
        stage = new Stage();
        scene = new Scene(shell.root(), WIDTH, HEIGHT);
        Nodes.dress(scene);
        stage.setScene(scene);
        shell.attach(scene);
        stage.show();
    }

    /// Opens the window, and starts the toolkit where it does not run yet.
    static CampWindow open(Path camp) throws Exception {
        startToolkit();
        UNEXPECTED.set(null);
        return onFx(() -> new CampWindow(camp));
    }

    private static void startToolkit() throws InterruptedException {
        CountDownLatch started = new CountDownLatch(1);
        Thread.setDefaultUncaughtExceptionHandler((_, e) -> UNEXPECTED.compareAndSet(null, e));
        try {
            Platform.startup(() -> {
                WATCH.set(new HoldWatch(Thread.currentThread()));
                Thread.currentThread().setUncaughtExceptionHandler((_, e) -> UNEXPECTED.compareAndSet(null, e));
                started.countDown();
            });
            Platform.setImplicitExit(false);
        } catch (IllegalStateException _) {
            started.countDown();
        }
        Part.must(started.await(PATIENCE_S, TimeUnit.SECONDS), "the toolkit does not start");
    }

    static <T> T onFx(Callable<T> work) {
        FutureTask<T> task = new FutureTask<>(work);
        Platform.runLater(task);
        try {
            return task.get(PATIENCE_S, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        } catch (TimeoutException | InterruptedException e) {
            throw new IllegalStateException("the window does not answer", e);
        }
    }

    /// Somebody sets the machine's clock.
    void setClock(Duration by) {
        clock.now = clock.now.plus(by);
    }

    /// The clock on the wall, which stands until it is set.
    private static final class SetClock extends Clock {

        private volatile Instant now = Camps.DAY.atTime(18, 0).toInstant(ZoneOffset.UTC);

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    /// Presses a key.
    ///
    /// @return how that held the interface up
    Hold press(KeyCode key, boolean shift, boolean control, boolean alt) {
        Hold hold = timed(() -> {
            fire(KeyEvent.KEY_PRESSED, "", key, shift, control, alt);
            if (!control && !alt && key.getChar().length() == 1) {
                fire(KeyEvent.KEY_TYPED, key.getChar().toLowerCase(Locale.ROOT), key, shift, false, false);
            }
            fire(KeyEvent.KEY_RELEASED, "", key, shift, control, alt);
        });
        mustBeExpected();
        return hold;
    }

    private void fire(
            EventType<KeyEvent> type, String letter, KeyCode key, boolean shift, boolean control, boolean alt) {
        var target = scene.getFocusOwner() == null ? scene : scene.getFocusOwner();
        Event.fireEvent(target, new KeyEvent(type, letter, letter, key, shift, control, alt, false));
    }

    /// Does something with the window.
    ///
    /// @return how that held the interface up, the first frame of what it set off included
    static Hold timed(Runnable work) {
        return timed(work, 0);
    }

    /// The same, with what it sets off in some time.
    ///
    /// @param lookMs for so long it is looked at, in milliseconds
    /// @return the longest time in which the interface gave no sign of life
    static Hold timed(Runnable work, long lookMs) {
        HoldWatch watch = Objects.requireNonNull(WATCH.get(), "no window was opened");
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(lookMs);
        Hold longest = sign(watch, work);
        do {
            longest = Hold.longer(longest, sign(watch, () -> {}));
        } while (System.nanoTime() < end);
        return longest;
    }

    private static Hold sign(HoldWatch watch, Runnable work) {
        watch.begin();
        onFx(() -> {
            work.run();
            return true;
        });
        return watch.end();
    }

    static void mustBeExpected() {
        Throwable e = UNEXPECTED.getAndSet(null);
        if (e != null) {
            throw new IllegalStateException("unexpected in the window", e);
        }
    }

    @Override
    public void close() {
        onFx(() -> {
            shell.close();
            app.close();
            stage.close();
            return true;
        });
        mustBeExpected();
    }

    /// The demo camp, made anew.
    static Path demo(Path folder, String name) throws Exception {
        Path path = folder.resolve(name);
        Files.deleteIfExists(path);
        return Camps.demo(path);
    }
}
