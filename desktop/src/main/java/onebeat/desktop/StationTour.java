package onebeat.desktop;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;

/// Goes to every station once by its key and ends the program. It makes the start-up cache of the installed
/// program, and it tells how long each first entry held up the interface thread. The system property
/// `onebeat.tour` asks for it: `show` ends as soon as there is a window, `open` as soon as the camp is drawn,
/// `all` goes round, and `visit` goes round without waiting for what a station does later.
final class StationTour {

    /// What is said once there is something to see.
    private static final String DRAWN = "open";

    private static final String PROPERTY = "onebeat.tour";

    /// What a station draws after it was entered, such as pages that were worked out beside it, comes in this time.
    private static final long LOOK_MS = 700;

    /// In this time all that a station draws at once is there.
    private static final long VISIT_MS = 300;

    /// The first hand is on the keys this long after the window is there.
    private static final long SETTLE_MS = 2_000;

    private static final List<KeyCode> STATIONS =
            List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5, KeyCode.DIGIT6);

    private static final double NANOS_PER_MS = 1e6;
    private static final double BYTES_PER_MB = 1 << 20;

    private final Stage stage;
    private final long lookMs;
    private final long interfaceThread = Thread.currentThread().threadId();

    /// @param lookMs how long each station is looked at; 0 where none is gone to
    private StationTour(Stage stage, long lookMs) {
        this.stage = stage;
        this.lookMs = lookMs;
    }

    /// The tour that was asked for, if one was, once the camp is there.
    static Optional<StationTour> asked(Stage stage) {
        return Optional.ofNullable(System.getProperty(PROPERTY))
                .filter(what -> !what.equals("show"))
                .map(what -> new StationTour(
                        stage,
                        switch (what) {
                            case "all" -> LOOK_MS;
                            case "visit" -> VISIT_MS;
                            default -> 0;
                        }));
    }

    /// The tour that needs no camp, if it was asked for.
    static Optional<StationTour> ofTheWindow(Stage stage) {
        return Optional.ofNullable(System.getProperty(PROPERTY))
                .filter("show"::equals)
                .map(_ -> new StationTour(stage, 0));
    }

    /// The window is drawn, and that was all.
    void end(Runnable then) {
        System.out.println(DRAWN);
        then.run();
    }

    /// Goes round on a thread of its own and then does something on the interface's.
    void begin(Runnable then) {
        Thread.ofPlatform().daemon().name("station tour").start(() -> {
            try {
                drawn();
                System.out.println(DRAWN);
                if (lookMs > 0) {
                    goRound();
                    tellHeap();
                }
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            }
            Platform.runLater(then);
        });
    }

    private void goRound() throws InterruptedException {
        Thread.sleep(SETTLE_MS);
        for (KeyCode station : STATIONS) {
            Hold entry = longestHold(station, true);
            Hold sheet = longestHold(KeyCode.F1, false);
            System.out.printf(Locale.ROOT, "%s %s, its keys %s%n", station.getName(), entry, sheet);
            longestHold(KeyCode.ESCAPE, false);
        }
    }

    /// What of the heap is still needed once every station was seen.
    private static void tellHeap() {
        System.gc();
        long alive = ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
        System.out.printf(Locale.ROOT, "alive %.1f MB%n", alive / BYTES_PER_MB);
    }

    /// A time in which the interface thread gave no sign of life.
    ///
    /// @param ms   how long, in milliseconds
    /// @param work how long of it the thread had a core, in milliseconds; for the rest it waited
    private record Hold(double ms, double work) {

        @Override
        public String toString() {
            return String.format(Locale.ROOT, "%.0f ms (%.0f at work)", ms, work);
        }
    }

    /// The longest hold after a key.
    private Hold longestHold(KeyCode key, boolean control) throws InterruptedException {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        Hold longest = new Hold(0, 0);
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(lookMs);
        Platform.runLater(() -> {
            for (var type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
                Event.fireEvent(
                        stage.getScene().getFocusOwner() == null
                                ? stage.getScene().getRoot()
                                : stage.getScene().getFocusOwner(),
                        new KeyEvent(type, "", "", key, false, control, false, false));
            }
        });
        while (System.nanoTime() < end) {
            CountDownLatch sign = new CountDownLatch(1);
            long worked = threads.getThreadCpuTime(interfaceThread);
            long asked = System.nanoTime();
            Platform.runLater(sign::countDown);
            sign.await();
            double ms = (System.nanoTime() - asked) / NANOS_PER_MS;
            if (ms > longest.ms()) {
                longest = new Hold(ms, (threads.getThreadCpuTime(interfaceThread) - worked) / NANOS_PER_MS);
            }
            Thread.sleep(1);
        }
        return longest;
    }

    private static void drawn() throws InterruptedException {
        CountDownLatch drawn = new CountDownLatch(1);
        Platform.runLater(() -> DrawnWindow.then(drawn::countDown));
        drawn.await();
    }
}
