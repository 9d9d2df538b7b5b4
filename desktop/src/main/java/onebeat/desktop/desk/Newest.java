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
        ask(asked -> {
            T answer = work.apply(asked::isOld);
            asked.tell(() -> then.accept(answer));
        });
    }

    /// Asks something that has answers on the way, and lets what was asked before go.
    public void ask(Consumer<Asked> work) {
        Asked asked = new Asked(newest.incrementAndGet());
        worker.execute(() -> {
            if (!asked.isOld()) {
                work.accept(asked);
            }
        });
    }

    /// A question that is worked on.
    public final class Asked {

        private final long number;

        private Asked(long number) {
            this.number = number;
        }

        /// Whether nobody waits for it any more.
        public boolean isOld() {
            return newest.get() != number;
        }

        /// Does something on the interface's thread, if somebody still waits for it then.
        public void tell(Runnable answer) {
            Platform.runLater(() -> {
                if (!isOld()) {
                    answer.run();
                }
            });
        }
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
