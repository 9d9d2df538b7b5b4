package onebeat.desktop.callline;

import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Reading;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.desktop.text.Texts;
import onebeat.store.ProgramLog;

/// Reads and reviews lines away from the interface thread, so that typing never waits. Only the newest line is shown.
public final class LineWatch implements AutoCloseable {

    /// A line with what came of it.
    ///
    /// @param review the review; empty where the line could not be read
    public record Seen(String text, Reading reading, Optional<Review> review) {

        /// Why it could not be read.
        public Optional<Misread> misread() {
            return reading instanceof Misread misread ? Optional.of(misread) : Optional.empty();
        }
    }

    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "line-watch");
        thread.setDaemon(true);
        return thread;
    });
    private final Consumer<String> failed;
    private final AtomicLong newest = new AtomicLong();

    /// @param failed told in a sentence, on the interface's thread, where something goes wrong
    public LineWatch(Consumer<String> failed) {
        this.failed = failed;
    }

    /// Reviews a line and hands the result over on the interface thread, unless a newer line was asked for meanwhile.
    public void ask(String text, Context context, Consumer<Seen> then) {
        work(() -> see(text, context), then);
    }

    /// Works something out beside the interface thread and hands it over on it, unless something newer was asked for
    /// meanwhile.
    public <T> void work(Supplier<T> what, Consumer<T> then) {
        long number = newest.incrementAndGet();
        worker.execute(() -> {
            if (newest.get() == number) {
                T result;
                try {
                    result = what.get();
                } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
                    // The line stays as it is typed, and the next one is looked at.
                    ProgramLog.wrong("line watch", e);
                    Platform.runLater(() -> failed.accept(Texts.of("background.fault", ProgramLog.file())));
                    return;
                }
                Platform.runLater(() -> {
                    if (newest.get() == number) {
                        then.accept(result);
                    }
                });
            }
        });
    }

    /// Reviews a line at once.
    public static Seen see(String text, Context context) {
        Reading reading = Notation.read(text, context.vocabulary());
        Optional<Review> review =
                reading instanceof Read read ? Optional.of(Review.of(read, context)) : Optional.empty();
        return new Seen(text, reading, review);
    }

    @Override
    public void close() {
        worker.shutdownNow();
    }
}
