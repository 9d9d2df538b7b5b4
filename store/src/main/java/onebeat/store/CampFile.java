package onebeat.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Edit.Done;
import onebeat.store.Saving.NotSaved;
import onebeat.store.Saving.Saved;
import onebeat.store.Saving.Waiting;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteErrorCode;

/// An open camp file.
///
/// The file is held exclusively while it is open, so that a second program cannot write into it. A change that cannot
/// be written is kept in memory with all that follow it, until the file can be written again or another takes its
/// place: nothing is told as saved before it is in the file that stands at the path. May be used from several threads;
/// one waits for the other.
public final class CampFile implements AutoCloseable {

    /// What camp files end in.
    public static final String ENDING = ".onebeat";

    private final Path path;
    private final Optional<Held> held;
    private final Connection connection;
    private final Handle handle;
    private final List<BadRow> setAside;
    private final ReentrantLock turn = new ReentrantLock();
    private final List<Edit> waiting = new ArrayList<>();
    private final LatestEdit latest = new LatestEdit();
    private final Drafts drafts;
    private volatile Camp camp;

    /// How many changes a camp that was opened for reading has in memory.
    private int inMemory;

    private boolean closed;

    /// What holds the file at the path; there is none where it was opened for reading.
    record Held(CampLock lock, FileWatch watch) {}

    CampFile(Path path, Optional<Held> held, Connection connection, Handle handle, CampReader.Found found) {
        this.path = path;
        this.held = held;
        this.connection = connection;
        this.handle = handle;
        this.camp = found.camp();
        this.setAside = List.copyOf(found.bad());
        this.drafts = Drafts.read(handle);
        wrote();
    }

    private void wrote() {
        held.ifPresent(file -> file.watch.wrote());
    }

    /// What stands at the path. Of a camp that was opened for reading nothing is written there.
    private FileWatch.State state() {
        return held.map(file -> file.watch.state()).orElse(FileWatch.State.SAME);
    }

    /// Whether it was opened for reading: then changes are kept in memory until the camp is written to another file.
    public boolean isForReading() {
        return held.isEmpty();
    }

    public Path path() {
        return path;
    }

    public Camp camp() {
        return camp;
    }

    /// The rows that made no sense when the file was opened, and lie aside in it.
    public List<BadRow> setAside() {
        return setAside;
    }

    /// How many changes are in memory only.
    public int waiting() {
        return inTurn(() -> waiting.size() + inMemory);
    }

    /// Makes a new camp file and opens it.
    ///
    /// @param fill what to put into the camp at once, without history
    public static Opening create(Path path, Card card, Consumer<Filling> fill) {
        return CampOpener.create(path, card, fill);
    }

    /// Puts things into a new camp.
    public static final class Filling {

        private final Handle handle;
        private Camp camp;

        Filling(Handle handle, Card card) {
            this.handle = handle;
            this.camp = Camp.empty(card);
        }

        public void add(Edit edit) {
            Done done = edit.doneTo(camp);
            camp = done.camp();
            History.effect(handle, done.edit(), Progress.NONE);
        }
    }

    /// Opens a camp file, or says why not.
    public static Opening open(Path path) {
        return CampOpener.open(path);
    }

    /// Opens a camp file for reading, or says why not: nothing is locked, and no byte of it or beside it is changed.
    /// What is changed in the camp is kept in memory.
    public static Opening read(Path path) {
        return CampOpener.read(path);
    }

    /// Opens a camp file; where it cannot be written, for reading.
    public static Opening openOrRead(Path path) {
        Opening opening = open(path);
        boolean readable = opening instanceof Opening.Refused(Opening.Reason why, String _) && why.isOfWriting();
        return readable && read(path) instanceof Opening.Opened reading ? reading : opening;
    }

    private <T> T inTurn(Supplier<T> work) {
        turn.lock();
        try {
            return work.get();
        } finally {
            turn.unlock();
        }
    }

    /// Writes an edit and its effect in one transaction. When this returns `Saved`, it is on disk.
    public Saving save(Edit edit) {
        return save(edit, Progress.NONE);
    }

    /// The same for a long change, which can be stopped on the way: then nothing was changed.
    public Saving save(Edit edit, Progress progress) {
        return inTurn(() -> {
            Optional<String> unfit = History.unfit(edit);
            if (unfit.isPresent()) {
                return new NotSaved("Not saved: " + unfit.get() + ". Nothing was changed.");
            }
            Done done = edit.doneTo(camp);
            if (!waiting.isEmpty()) {
                return afterTheOthers(done);
            }
            return switch (written(h -> History.write(h, done.edit(), progress), done, done.edit())) {
                case Written _ -> saved(1);
                case Unwritable(String sentence) -> new NotSaved(sentence);
                case Hindered(FileTrouble trouble) -> waits(done, trouble);
            };
        });
    }

    /// What was written: on disk, or in memory where the camp was opened for reading.
    ///
    /// @param changes how many more there are than before
    private Saving saved(int changes) {
        if (held.isPresent()) {
            return new Saved(camp);
        }
        inMemory += changes;
        return new Waiting(camp, inMemory, FileTrouble.FOR_READING);
    }

    /// What waits is written first, so that the file never holds a change without those before it.
    private Saving afterTheOthers(Done done) {
        waiting.add(done.edit());
        camp = done.camp();
        return writeWaiting();
    }

    private Waiting waits(Done done, FileTrouble trouble) {
        waiting.add(done.edit());
        camp = done.camp();
        return new Waiting(camp, waiting.size(), trouble.notSaved());
    }

    /// Tries again to write what is in memory only.
    public Saving writeWaiting() {
        return inTurn(() -> {
            while (!waiting.isEmpty()) {
                Edit first = waiting.getFirst();
                switch (written(h -> History.write(h, first, Progress.NONE), new Done(camp, first), first)) {
                    case Written _ -> waiting.removeFirst();
                    case Unwritable(String sentence) -> {
                        return new Waiting(camp, waiting.size(), sentence);
                    }
                    case Hindered(FileTrouble trouble) -> {
                        return new Waiting(camp, waiting.size(), trouble.notSaved());
                    }
                }
            }
            return FileTrouble.of(state(), path)
                    .<Saving>map(trouble -> new Waiting(camp, 0, trouble.notSaved()))
                    .orElseGet(() -> saved(0));
        });
    }

    /// Takes the last edit back; empty where there is none.
    public Optional<Saving> undo() {
        return inTurn(() -> waiting.isEmpty() ? move(false) : Optional.of(takeBackWaiting()));
    }

    /// What was never written is only forgotten.
    private Saving takeBackWaiting() {
        camp = waiting.removeLast().inverse().applyTo(camp);
        return writeWaiting();
    }

    /// Does the edit again that was taken back last; empty where there is none.
    public Optional<Saving> redo() {
        return inTurn(() -> waiting.isEmpty() ? move(true) : Optional.empty());
    }

    /// How many changes would be taken back, or done again, at once.
    public int changesToMove(boolean forward) {
        return inTurn(() -> {
            try {
                return waiting.isEmpty()
                        ? History.number(handle, forward)
                                .map(number -> History.size(handle, number))
                                .orElse(0)
                        : 1;
            } catch (JdbiException _) {
                return 0;
            }
        });
    }

    private Optional<Saving> move(boolean forward) {
        try {
            return History.number(handle, forward).map(number -> {
                Edit edit = latest.get(number).orElseGet(() -> History.edit(handle, camp, number));
                Done done = (forward ? edit : edit.inverse()).doneTo(camp);
                return switch (written(h -> moved(h, done.edit(), number, forward), done, edit)) {
                    case Written _ -> saved(forward ? 1 : -1);
                    case Unwritable(String sentence) -> new NotSaved(sentence);
                    case Hindered(FileTrouble trouble) -> new NotSaved(trouble.notMoved(forward));
                };
            });
        } catch (RuntimeException e) {
            return Optional.of(new NotSaved("The last change cannot be " + (forward ? "done again" : "taken back")
                    + ": what " + path + " keeps of it cannot be read (" + Sqlite.reason(e)
                    + "). Nothing was changed."));
        }
    }

    private static int moved(Handle handle, Edit edit, int number, boolean forward) {
        History.move(handle, edit, number, !forward);
        return number;
    }

    /// What became of a try to write a change.
    private sealed interface Outcome {}

    /// It is in the file that stands at the path, and in the camp.
    private record Written() implements Outcome {}

    /// The change itself is at fault, or was stopped.
    private record Unwritable(String sentence) implements Outcome {}

    /// The disk or the file is at fault.
    private record Hindered(FileTrouble trouble) implements Outcome {}

    /// @param write gives the number that the edit has in the history
    /// @param edit as it is when it is done, not when it is taken back
    private Outcome written(ToIntFunction<Handle> write, Done done, Edit edit) {
        Optional<FileTrouble> wrong = FileTrouble.of(state(), path);
        if (wrong.isPresent()) {
            return new Hindered(wrong.get());
        }
        try {
            int number = handle.inTransaction(write::applyAsInt);
            latest.keep(number, edit);
        } catch (Progress.Stopped _) {
            return new Unwritable("Stopped. Nothing was changed.");
        } catch (JdbiException e) {
            return Sqlite.code(e) == SQLiteErrorCode.SQLITE_CONSTRAINT
                    ? new Unwritable("Not saved in " + path + ": " + Sqlite.reason(e) + ". Nothing was changed.")
                    : new Hindered(FileTrouble.of(e, path));
        } finally {
            // What was begun and rolled back has touched the file too.
            wrote();
        }
        Optional<FileTrouble> meanwhile = FileTrouble.of(state(), path);
        if (meanwhile.isPresent()) {
            return new Hindered(meanwhile.get());
        }
        camp = done.camp();
        return new Written();
    }

    /// Keeps what stands half written in a call line. No part of the camp and not undone with it; while something else
    /// is being written it is kept in memory.
    public void keepDraft(String place, String text) {
        drafts.keep(place, text);
        if (turn.tryLock()) {
            try {
                writeDrafts();
            } finally {
                turn.unlock();
            }
        }
    }

    private void writeDrafts() {
        try {
            if (state() == FileWatch.State.SAME) {
                drafts.write(handle);
                wrote();
            }
        } catch (JdbiException _) {
            // A draft is a courtesy; the next real change reports what is wrong with the disk.
        }
    }

    /// What stood half written there. Waits for nobody.
    public String draft(String place) {
        return drafts.get(place);
    }

    /// Writes the camp as it stands in the file to another path, history included. What waits is not in it.
    ///
    /// @return what is wrong, in a sentence; empty where the copy is whole
    public Optional<String> copyTo(Path target) {
        return inTurn(() -> closed ? Optional.of("The camp was closed.") : CampCopy.write(handle, target));
    }

    /// Writes the camp anew, as it stands in memory: with its history where the file can still be read, without it
    /// where it cannot. The new file is opened; this one stays open until it is closed.
    ///
    /// @param target a path at which nothing stands, or the path of this file
    public Opening writeAnew(Path target) {
        return inTurn(() -> {
            Opening opening = CampOpener.writeAnew(this, target, List.copyOf(waiting));
            if (opening instanceof Opening.Opened(CampFile anew)) {
                drafts.keepIn(anew.drafts);
                anew.writeDrafts();
            }
            return opening;
        });
    }

    /// Lets go of the name of the file, so that another file can be opened under it.
    void releaseName() {
        held.ifPresent(file -> file.lock.close());
    }

    @Override
    public void close() {
        inTurn(() -> {
            if (!closed) {
                writeDrafts();
            }
            closed = true;
            handle.close();
            Sqlite.closeQuietly(connection);
            held.ifPresent(file -> {
                file.watch.close();
                file.lock.close();
            });
            return true;
        });
    }
}
