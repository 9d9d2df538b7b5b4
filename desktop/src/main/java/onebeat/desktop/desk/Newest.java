package onebeat.desktop.desk;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;

/// Works something out beside the interface; only the newest question is answered.
public final class Newest implements AutoCloseable {

    private final ExecutorService worker;
    private final AtomicLong newest = new AtomicLong();

    /// @param name of the thread that works
    public Newest(String name) {
        worker = Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /// Asks something, and lets what was asked before go.
    ///
    /// @param work is given a question that answers yes once nobody waits any more
    /// @param then is given the answer on the interface's thread
    public <T> void ask(Function<BooleanSupplier, T> work, Consumer<T> then) {
        long number = newest.incrementAndGet();
        BooleanSupplier old = () -> newest.get() != number;
        worker.execute(() -> {
            if (!old.getAsBoolean()) {
                T answer = work.apply(old);
                Platform.runLater(() -> {
                    if (!old.getAsBoolean()) {
                        then.accept(answer);
                    }
                });
            }
        });
    }

    /// Nobody waits any more for what was asked.
    public void stop() {
        newest.incrementAndGet();
    }

    @Override
    public void close() {
        stop();
        worker.shutdownNow();
    }
}
