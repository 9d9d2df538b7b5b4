package onebeat.desktop;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.function.Supplier;
import onebeat.desktop.demo.DemoCamp;
import onebeat.desktop.welcome.LastCamp;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;

/// Opens the camp that the program was started for on a thread of its own, while the toolkit starts. Both read many
/// classes, and neither needs the other.
final class EarlyOpening {

    private final Optional<Path> path;
    private final FutureTask<Opening> opening;
    private final CountDownLatch done = new CountDownLatch(1);
    private boolean taken;

    private EarlyOpening(Optional<Path> path, Supplier<Opening> how) {
        this.path = path;
        this.opening = new FutureTask<>(how::get);
        this.taken = path.isEmpty();
    }

    /// Nothing is being opened.
    static EarlyOpening none() {
        return new EarlyOpening(Optional.empty(), () -> {
            throw new IllegalStateException("nothing to open");
        });
    }

    /// Begins to open what these arguments of the program ask for.
    static EarlyOpening begin(List<String> arguments) {
        EarlyOpening early = of(arguments);
        early.path.ifPresent(path -> {
            // A camp that ends the program on its way is not opened again by itself.
            LastCamp.tries(path);
            Thread.ofPlatform().daemon().name("opening the camp").start(() -> {
                early.opening.run();
                early.done.countDown();
            });
        });
        return early;
    }

    private static EarlyOpening of(List<String> arguments) {
        if (arguments.stream().anyMatch(words -> words.startsWith("--"))) {
            // Pictures and measures make camps of their own.
            return none();
        }
        if (arguments.contains("demo")) {
            LocalDate today = LocalDate.now(ZoneId.systemDefault());
            return new EarlyOpening(Optional.of(demo(today)), () -> DemoCamp.openOrCreate(demo(today), today));
        }
        Optional<Path> camp = arguments.isEmpty() ? last() : named(arguments);
        return new EarlyOpening(camp, () -> CampFile.openOrRead(camp.orElseThrow()));
    }

    private static Optional<Path> last() {
        return LastCamp.neverOpened().isPresent() ? Optional.empty() : LastCamp.path();
    }

    private static Optional<Path> named(List<String> arguments) {
        try {
            return Optional.of(Path.of(arguments.getFirst()));
        } catch (InvalidPathException _) {
            return Optional.empty();
        }
    }

    /// Where the demo camp of this day lies.
    static Path demo(LocalDate today) {
        return ProgramFolder.path().resolve("saltlight-" + today + CampFile.ENDING);
    }

    /// The camp that is being opened.
    Optional<Path> path() {
        return path;
    }

    /// Does something once the camp is open or cannot be opened, on a thread of its own.
    void whenDone(Runnable then) {
        Thread.ofVirtual().name("after the opening").start(() -> {
            try {
                done.await();
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            }
            then.run();
        });
    }

    /// What became of opening this camp, waited for; empty where this is another camp, where it was taken before, or
    /// where it failed in an unexpected way, so that it is tried once more in the usual way.
    Optional<Opening> take(Path wanted) {
        if (taken || !path.equals(Optional.of(wanted))) {
            return Optional.empty();
        }
        taken = true;
        try {
            return Optional.of(opening.get());
        } catch (ExecutionException e) {
            ProgramLog.wrong("opening " + wanted, e);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
        return Optional.empty();
    }
}
