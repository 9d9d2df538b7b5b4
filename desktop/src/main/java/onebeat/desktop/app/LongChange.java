package onebeat.desktop.app;

import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import javafx.application.Platform;
import onebeat.desktop.text.Texts;
import onebeat.store.ProgramLog;
import onebeat.store.Progress;
import onebeat.store.Saving;
import onebeat.store.Saving.NotSaved;

/// One change of very many things, written beside the interface. What came of it is always told, also after a stop:
/// it may have been too late to stop.
final class LongChange implements AutoCloseable {

    private static final long TOLD_EVERY_MS = 50;
    private static final int PATIENCE_S = 20;

    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "long change");
        thread.setDaemon(true);
        return thread;
    });

    private final Consumer<String> warn;
    private final AtomicBoolean stopped = new AtomicBoolean();
    private boolean underWay;

    /// @param warn says what cannot be done now
    LongChange(Consumer<String> warn) {
        this.warn = warn;
    }

    /// Whether one is under way, which is said then: until it is done the camp file is taken, and the interface would
    /// wait for it.
    boolean isBusy() {
        if (underWay) {
            warn.accept(Texts.of("saving.busy"));
        }
        return underWay;
    }

    /// Begins, where none is under way.
    ///
    /// @param progress told on the interface's thread how far it is, from 0 to 1
    /// @param then told on the interface's thread what came of it
    void begin(Function<Progress, Optional<Saving>> change, DoubleConsumer progress, Consumer<Optional<Saving>> then) {
        if (isBusy()) {
            return;
        }
        underWay = true;
        stopped.set(false);
        Progress told = new Progress() {
            private long last;

            @Override
            public boolean goesOn(long done, long all) {
                long now = System.nanoTime() / 1_000_000;
                if (now - last >= TOLD_EVERY_MS) {
                    last = now;
                    Platform.runLater(() -> progress.accept((double) done / all));
                }
                return !stopped.get();
            }
        };
        worker.execute(() -> {
            Optional<Saving> saving = tried(change, told);
            Platform.runLater(() -> {
                underWay = false;
                then.accept(saving);
            });
        });
    }

    /// What goes wrong is told, and the file is free again. A change that takes more memory than there is was not made.
    private static Optional<Saving> tried(Function<Progress, Optional<Saving>> change, Progress told) {
        try {
            return change.apply(told);
        } catch (OutOfMemoryError _) {
            return Optional.of(new NotSaved(Texts.of("saving.memory")));
        } catch (RuntimeException e) {
            ProgramLog.wrong("long change", e);
            return Optional.of(new NotSaved(Texts.of("background.fault", ProgramLog.file())));
        }
    }

    void stop() {
        stopped.set(true);
    }

    /// Waits for what is being written, so that the file is not closed under it.
    @Override
    public void close() {
        stop();
        worker.shutdown();
        try {
            if (!worker.awaitTermination(PATIENCE_S, TimeUnit.SECONDS)) {
                worker.shutdownNow();
            }
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }
}
