package onebeat.desktop.app;

import java.util.function.Consumer;
import java.util.function.DoublePredicate;
import java.util.function.Function;
import java.util.function.IntConsumer;
import javafx.application.Platform;
import onebeat.desktop.text.Texts;
import onebeat.store.ProgramLog;

/// Long work beside the interface, one at a time. Whoever asks for it once more stops it.
public final class StoppableWork implements AutoCloseable {

    private static final int PERCENT = 100;
    private static final int TOLD_EVERY = 5;

    private final String name;
    private final Consumer<String> failed;
    private volatile boolean stopped;
    private boolean underWay;

    /// @param name of what it works at, for its thread and the log
    /// @param failed told in a sentence, on the interface's thread, where something went wrong
    public StoppableWork(String name, Consumer<String> failed) {
        this.name = name;
        this.failed = failed;
    }

    /// Stops what is under way.
    ///
    /// @return whether anything was
    public boolean stop() {
        stopped = underWay;
        return underWay;
    }

    /// Begins to work. Nothing else may be under way.
    ///
    /// @param going told how far it is, in percent, on the interface's thread
    /// @param work takes the share that is done to learn whether to go on, and gives what is done at the end
    public void begin(IntConsumer going, Function<DoublePredicate, Runnable> work) {
        underWay = true;
        stopped = false;
        Thread.ofPlatform().daemon().name(name).start(() -> {
            Runnable then = tried(work, new Progress(going));
            Platform.runLater(() -> {
                underWay = false;
                then.run();
            });
        });
    }

    private Runnable tried(Function<DoublePredicate, Runnable> work, Progress progress) {
        try {
            return work.apply(progress);
        } catch (OutOfMemoryError e) {
            ProgramLog.wrong(name, e);
            return () -> failed.accept(Texts.of("background.memory"));
        } catch (RuntimeException e) {
            ProgramLog.wrong(name, e);
            return () -> failed.accept(Texts.of("background.fault", ProgramLog.file()));
        }
    }

    private final class Progress implements DoublePredicate {

        private final IntConsumer going;
        private int last;

        Progress(IntConsumer going) {
            this.going = going;
        }

        @Override
        public boolean test(double share) {
            int percent = (int) (share * PERCENT);
            if (percent >= last + TOLD_EVERY) {
                last = percent;
                Platform.runLater(() -> going.accept(percent));
            }
            return !stopped;
        }
    }

    @Override
    public void close() {
        stopped = true;
    }
}
