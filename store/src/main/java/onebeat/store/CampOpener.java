package onebeat.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javax.sql.DataSource;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.store.CampFile.Filling;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Reason;
import onebeat.store.Opening.Refused;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;

/// Opens and makes camp files, or says in a sentence why not. Whatever goes wrong, the bytes at the path stay as they
/// were.
final class CampOpener {

    private CampOpener() {}

    /// Makes a new camp beside its place and moves it there whole, so that a machine that dies on the way leaves no
    /// half camp.
    static Opening create(Path path, Card card, Consumer<Filling> fill) {
        if (Files.exists(path)) {
            return new Refused(
                    Reason.CANNOT_WRITE,
                    "There is already a file " + path + ". It was left as it is. Choose another name.");
        }
        Optional<Refused> refused = make(path, card, fill);
        return refused.isPresent() ? refused.get() : open(path);
    }

    private static Optional<Refused> make(Path path, Card card, Consumer<Filling> fill) {
        try {
            Path folder = path.toAbsolutePath().getParent();
            if (folder != null) {
                Files.createDirectories(folder);
            }
        } catch (IOException e) {
            return Optional.of(cannotMake(path, e));
        }
        try (WorkFile making = WorkFile.beside(path)) {
            migrate(Sqlite.source(making.path(), false));
            try (Connection connection = Sqlite.connect(making.path(), false);
                    Handle handle = PlainStatements.on(connection)) {
                handle.useTransaction(h -> {
                    Tables.CARD.put(h, List.of(new Rows.Seated<>(0, card)));
                    fill.accept(new Filling(h, card));
                });
            }
            CampCopy.deleteJournal(path);
            making.moveTo(path);
            return Optional.empty();
        } catch (IOException | SQLException | JdbiException | FlywayException e) {
            return Optional.of(cannotMake(path, e));
        }
    }

    private static Refused cannotMake(Path path, Exception e) {
        return new Refused(
                Reason.CANNOT_WRITE,
                "Cannot make the camp file " + path + ": " + Sqlite.reason(e)
                        + ". Nothing was written. Choose another folder.");
    }

    static Opening open(Path path) {
        if (!Files.exists(path)) {
            return Refusals.missing(path);
        }
        if (!Files.isRegularFile(path)) {
            return Refusals.notACamp(path);
        }
        try {
            Path real = path.toRealPath();
            WorkFile.cleanBeside(path);
            // Before any handle on it is opened and closed, which would let the lock of the one that has it fall.
            if (CampLock.isHere(real)) {
                return Refusals.inUse(path, CampLock.THIS);
            }
            Optional<Header> header = Header.of(path);
            if (header.isEmpty() || header.get().applicationId() != Header.CAMP) {
                return Refusals.notACamp(path);
            }
            if (header.get().userVersion() > Header.NEWEST) {
                return Refusals.newer(path, header.get().userVersion());
            }
            return switch (CampLock.take(real)) {
                case CampLock.Asked.Held(String who) -> Refusals.inUse(path, who);
                case CampLock.Asked.Taken(CampLock lock) -> open(path, header.get(), lock);
            };
        } catch (IOException e) {
            return Files.isReadable(path) ? Refusals.cannotWrite(path, Sqlite.reason(e)) : Refusals.cannotRead(path, e);
        }
    }

    private static Opening open(Path path, Header header, CampLock lock) throws IOException {
        boolean opened = false;
        try {
            Opening opening =
                    header.userVersion() < Header.NEWEST ? upgraded(path, header, lock) : opened(path, lock, List.of());
            opened = opening instanceof Opened;
            return opening;
        } finally {
            if (!opened) {
                lock.close();
            }
        }
    }

    /// @param before rows that were set aside on the way here
    private static Opening opened(Path path, CampLock lock, List<BadRow> before) throws IOException {
        FileWatch watch = new FileWatch(path);
        Connection connection = null;
        boolean keep = false;
        try {
            connection = Sqlite.connect(path, true);
            Handle handle = PlainStatements.on(connection);
            Optional<Refused> wrong = unfit(path, handle);
            if (wrong.isPresent()) {
                return wrong.get();
            }
            takeFor(handle);
            CampReader.Found found = CampReader.read(handle, today()).after(before);
            CampFile file = new CampFile(path, Optional.of(new CampFile.Held(lock, watch)), connection, handle, found);
            keep = true;
            return new Opened(file);
        } catch (SQLException | JdbiException | IllegalArgumentException e) {
            return Refusals.refused(path, e);
        } catch (LinkageError e) {
            return Refusals.noDatabase(path, e);
        } finally {
            if (!keep) {
                Sqlite.closeQuietly(connection);
                watch.close();
            }
        }
    }

    /// An older camp is brought up to date on a copy, and the copy takes its place only once it has been read whole.
    /// The
    /// old file is kept.
    private static Opening upgraded(Path path, Header header, CampLock lock) throws IOException {
        List<BadRow> aside = new ArrayList<>();
        try (WorkFile work = WorkFile.beside(path)) {
            Optional<String> before = looked(path);
            if (before.isPresent()) {
                return Refusals.spoilt(path, before.get());
            }
            work.fillFrom(path);
            migrate(Sqlite.source(work.path(), false));
            try (Connection connection = Sqlite.connect(work.path(), true);
                    Handle handle = PlainStatements.on(connection)) {
                Optional<Refused> after = unfit(path, handle);
                if (after.isPresent()) {
                    return after.get();
                }
                aside.addAll(CampReader.read(handle, today()).bad());
            }
            Copies.usual().keepBefore(path, header.userVersion());
            work.moveTo(path);
        } catch (SQLException | JdbiException | FlywayException | IllegalArgumentException e) {
            return Refusals.refused(path, e);
        } catch (IOException e) {
            return Refusals.cannotWrite(path, Sqlite.reason(e));
        }
        return opened(path, lock, aside);
    }

    /// What a look at a whole file finds wrong. What a machine that died left half done in it is put right.
    private static Optional<String> looked(Path path) throws SQLException {
        try (Connection connection = Sqlite.connect(path, true);
                Handle handle = PlainStatements.on(connection)) {
            return wrong(handle);
        }
    }

    /// Why a database of the newest kind is no camp that can be opened: before anything is written into it.
    private static Optional<Refused> unfit(Path path, Handle handle) {
        return CampSchema.foreign(handle)
                .map(what -> Refusals.foreign(path, what))
                .or(() -> wrong(handle).map(what -> Refusals.spoilt(path, what)));
    }

    /// Opens a camp for reading: nothing is locked, and no byte of it or beside it is changed, so that it works where
    /// nothing can be written, and while another program has it open. What is changed in it is kept in memory.
    static Opening read(Path path) {
        if (!Files.exists(path)) {
            return Refusals.missing(path);
        }
        if (!Files.isRegularFile(path)) {
            return Refusals.notACamp(path);
        }
        Connection connection = null;
        boolean keep = false;
        try {
            // Closing a handle on the file would let the lock of this program fall.
            if (CampLock.isHere(path.toRealPath())) {
                return Refusals.inUse(path, CampLock.THIS);
            }
            Optional<Header> header = Header.of(path);
            if (header.isEmpty() || header.get().applicationId() != Header.CAMP) {
                return Refusals.notACamp(path);
            }
            if (header.get().userVersion() > Header.NEWEST) {
                return Refusals.newer(path, header.get().userVersion());
            }
            Optional<byte[]> bytes = CampBytes.of(path);
            if (bytes.isEmpty()) {
                return Refusals.halfWritten(path);
            }
            connection = Sqlite.inMemory(bytes.get());
            Handle handle = PlainStatements.on(connection);
            if (header.get().userVersion() < Header.NEWEST) {
                Optional<String> before = wrong(handle);
                if (before.isPresent()) {
                    return Refusals.spoilt(path, before.get());
                }
                migrate(new OneConnection(connection));
            }
            Optional<Refused> wrong = unfit(path, handle);
            if (wrong.isPresent()) {
                return wrong.get();
            }
            CampReader.Found found = CampReader.read(handle, today());
            CampFile file = new CampFile(path, Optional.empty(), connection, handle, found);
            keep = true;
            return new Opened(file);
        } catch (IOException e) {
            return Refusals.cannotRead(path, e);
        } catch (SQLException | JdbiException | FlywayException | IllegalArgumentException e) {
            return Refusals.refused(path, e);
        } catch (LinkageError e) {
            return Refusals.noDatabase(path, e);
        } finally {
            if (!keep) {
                Sqlite.closeQuietly(connection);
            }
        }
    }

    private static Optional<String> wrong(Handle handle) {
        String check =
                handle.createQuery("PRAGMA quick_check(1)").mapTo(String.class).one();
        return check.equals("ok") ? Optional.empty() : Optional.of(check);
    }

    private static LocalDate today() {
        return LocalDate.now(ZoneId.systemDefault());
    }

    /// Takes the exclusive lock at once: a read and an empty write, so that a second program is told now and not
    /// at its first change.
    private static void takeFor(Handle handle) {
        handle.execute("BEGIN EXCLUSIVE");
        handle.execute("COMMIT");
    }

    /// Writes an open camp to another file, or to its own path anew, and opens that.
    ///
    /// @param waiting what is not in the open file yet
    static Opening writeAnew(CampFile file, Path target, List<Edit> waiting) {
        boolean own = target.toAbsolutePath().equals(file.path().toAbsolutePath());
        if (Files.exists(target)) {
            return new Refused(
                    Reason.CANNOT_WRITE, "There is a file " + target + ". It was left as it is. Choose another name.");
        }
        if (own) {
            file.releaseName();
        }
        if (file.copyTo(target).isEmpty() && open(target) instanceof Opened(CampFile copy)) {
            if (catchUp(copy, file.camp(), waiting)) {
                return new Opened(copy);
            }
            copy.close();
            WorkFile.quietlyDelete(target);
        }
        Camp camp = file.camp();
        return create(target, camp.card(), filling -> fill(filling, camp));
    }

    /// Writes what waits into a copy, as far as the copy does not hold it already.
    private static boolean catchUp(CampFile copy, Camp wanted, List<Edit> waiting) {
        for (int from = waiting.size(); from >= 0; from--) {
            List<Edit> rest = waiting.subList(from, waiting.size());
            if (new Edit.Together(rest).applyTo(copy.camp()).equals(wanted)) {
                return rest.stream().allMatch(edit -> copy.save(edit) instanceof Saving.Saved);
            }
        }
        return false;
    }

    private static void fill(Filling filling, Camp camp) {
        for (Rows<?> rows : Tables.SHELVES) {
            fill(filling, camp, rows.place());
        }
    }

    private static <T> void fill(Filling filling, Camp camp, Place<T> place) {
        camp.shelf(place).all().forEach(thing -> filling.add(Edit.add(place, thing)));
    }

    /// Brings a database to the newest schema, from none or an older one.
    static void migrate(DataSource source) throws SQLException {
        Flyway.configure(CampFile.class.getClassLoader())
                .dataSource(source)
                .locations("classpath:onebeat/store/migration")
                .load()
                .migrate();
        try (Connection connection = source.getConnection();
                Handle handle = PlainStatements.on(connection)) {
            handle.execute("PRAGMA application_id = " + Header.CAMP);
            handle.execute("PRAGMA user_version = " + Header.NEWEST);
            WrittenBy.note(handle);
        }
    }
}
