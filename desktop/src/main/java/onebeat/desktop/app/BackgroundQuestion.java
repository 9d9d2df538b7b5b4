package onebeat.desktop.app;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import onebeat.desktop.text.Texts;
import onebeat.store.ProgramLog;

/// Works something out beside the interface; only the newest question is answered.
public final class BackgroundQuestion implements AutoCloseable {

    private final ExecutorService worker;
    private final String name;
    private final Consumer<String> failed;
    private final AtomicLong newest = new AtomicLong();

    /// @param name of what it works at, for its thread and the log
    /// @param failed told in a sentence, on the interface's thread, where a question that is waited for
    ///     has no answer because something went wrong
    public BackgroundQuestion(String name, Consumer<String> failed) {
        this.name = name;
        this.failed = failed;
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
                tried(work, asked);
            }
        });
    }

    /// What goes wrong is told, and the next question is worked at as if nothing had been. A question that takes more
    /// memory than there is gives it back with its end.
    private void tried(Consumer<Asked> work, Asked asked) {
        try {
            work.accept(asked);
        } catch (OutOfMemoryError | StackOverflowError e) {
            ProgramLog.wrong(name, e);
            asked.tell(() -> failed.accept(Texts.of("background.memory")));
        } catch (RuntimeException e) {
            ProgramLog.wrong(name, e);
            asked.tell(() -> failed.accept(Texts.of("background.fault", ProgramLog.file())));
        }
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
