package onebeat.desktop;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import onebeat.desktop.app.StationName;
import onebeat.desktop.shell.Shell;

/// Measures how long typing, and going along the rope, holds up the interface thread: on a warm program a line is
/// typed on the bench key by key, and a probe asks the thread every millisecond for a sign of life. The longest
/// wait is the longest block, layout and drawing included.
///
/// Printed as shares of a frame (1/60 s), beside the same measure on a resting window.
final class TypingMeasure {

    private static final String LINE =
            "(1) catch+2 3! (lean) rlow 1 2 ~2 (high) 3b 3 rmid { (1): parry 2 | (2): slip-in 2 } off";
    private static final double FRAME_MS = 1000.0 / 60;
    private static final int WARM_TIMES = 10;
    private static final int TIMES = 4;
    private static final int KEY_EVERY_MS = 60;
    private static final int STEPS = 240;
    private static final int ALONG = 20;
    private static final int STEP_EVERY_MS = 33;

    private final Shell shell;
    private final List<Double> waits = Collections.synchronizedList(new ArrayList<>());
    private final ScheduledExecutorService clock = Executors.newScheduledThreadPool(2, task -> {
        Thread thread = new Thread(task, "typing-measure");
        thread.setDaemon(true);
        return thread;
    });

    TypingMeasure(Shell shell) {
        this.shell = shell;
    }

    /// Types, prints, then tells.
    void run(Runnable then) {
        shell.go(StationName.BENCH);
        Thread hand = new Thread(() -> {
            try {
                type(WARM_TIMES);
                waits.clear();
                var probe = clock.scheduleAtFixedRate(this::ask, 0, 1, TimeUnit.MILLISECONDS);
                Thread.sleep(3000);
                report("resting");
                type(TIMES);
                report("typing");
                scrub();
                report("along the rope");
                probe.cancel(false);
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            }
            clock.shutdownNow();
            Platform.runLater(then);
        });
        hand.setDaemon(true);
        hand.start();
    }

    private void type(int times) throws InterruptedException {
        for (int i = 0; i < times; i++) {
            for (int end = 1; end <= LINE.length(); end++) {
                String text = LINE.substring(0, end);
                Platform.runLater(() -> shell.callLine().set(text));
                Thread.sleep(KEY_EVERY_MS);
            }
        }
    }

    /// Goes along the rope and back, as a held arrow key does.
    private void scrub() throws InterruptedException {
        for (int i = 0; i < STEPS; i++) {
            KeyCode key = i % (2 * ALONG) < ALONG ? KeyCode.RIGHT : KeyCode.LEFT;
            Platform.runLater(() -> {
                Node at = shell.root().getScene().getFocusOwner();
                Event.fireEvent(
                        at == null ? shell.root() : at,
                        new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
            });
            Thread.sleep(STEP_EVERY_MS);
        }
    }

    private void ask() {
        long asked = System.nanoTime();
        Platform.runLater(() -> waits.add((System.nanoTime() - asked) / 1e6));
    }

    private void report(String what) {
        List<Double> sorted = new ArrayList<>(waits);
        waits.clear();
        Collections.sort(sorted);
        System.out.printf(
                Locale.ROOT,
                "%-14s median %.2f, 95 %% %.2f, 99 %% %.2f, 99.9 %% %.2f, longest %.2f of a frame (%d signs of life)%n",
                what,
                at(sorted, 0.5) / FRAME_MS,
                at(sorted, 0.95) / FRAME_MS,
                at(sorted, 0.99) / FRAME_MS,
                at(sorted, 0.999) / FRAME_MS,
                at(sorted, 1) / FRAME_MS,
                sorted.size());
    }

    private static double at(List<Double> sorted, double share) {
        return sorted.isEmpty() ? 0 : sorted.get((int) Math.min(sorted.size() - 1, Math.floor(share * sorted.size())));
    }
}
