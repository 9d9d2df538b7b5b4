package onebeat.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.Consumer;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Reason;
import onebeat.store.Opening.Refused;
import onebeat.store.Saving.NotSaved;
import onebeat.store.Saving.Saved;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/// An open camp file.
///
/// The file is held exclusively while it is open, so that a second program cannot write into it. Not safe for use from
/// several threads at once.
public final class CampFile implements AutoCloseable {

    /// What camp files end in.
    public static final String ENDING = ".onebeat";

    private final Path path;
    private final Connection connection;
    private final Handle handle;
    private Camp camp;

    private CampFile(Path path, Connection connection, Handle handle) {
        this.path = path;
        this.connection = connection;
        this.handle = handle;
        this.camp = History.camp(handle);
    }

    public Path path() {
        return path;
    }

    public Camp camp() {
        return camp;
    }

    /// Makes a new camp file and opens it. It is made beside its place and moved there whole, so that a machine that
    /// dies on the way leaves no half camp.
    ///
    /// @param fill what to put into the camp at once, without history
    public static Opening create(Path path, Card card, Consumer<Filling> fill) {
        Path making = path.resolveSibling(path.getFileName() + ".new");
        try {
            if (Files.exists(path)) {
                return new Refused(
                        Reason.CANNOT_WRITE,
                        "There is already a file " + path + ". It was left as it is. Choose another name.");
            }
            Path folder = path.toAbsolutePath().getParent();
            if (folder != null) {
                Files.createDirectories(folder);
            }
            Files.deleteIfExists(making);
            migrate(making);
            try (Connection connection = connect(making, false);
                    Handle handle = Jdbi.open(connection)) {
                handle.useTransaction(h -> {
                    Tables.CARD.put(h, card);
                    fill.accept(new Filling(h));
                });
            }
            Files.move(making, path, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException | SQLException | JdbiException | FlywayException e) {
            deleteQuietly(making);
            return new Refused(
                    Reason.CANNOT_WRITE,
                    "Cannot make the camp file " + path + ": " + reason(e)
                            + ". Nothing was written. Choose another folder.");
        }
        return open(path);
    }

    private static void deleteQuietly(Path making) {
        try {
            Files.deleteIfExists(making);
        } catch (IOException _) {
            // Where it cannot be deleted it could not be made either.
        }
    }

    /// Puts things into a new camp.
    public record Filling(Handle handle) {

        public void add(Edit edit) {
            History.effect(handle, edit);
        }
    }

    /// Opens a camp file, or says why not.
    public static Opening open(Path path) {
        if (!Files.exists(path)) {
            return new Refused(
                    Reason.MISSING, "There is no file " + path + ". Was it moved? Open another one, or the demo.");
        }
        try {
            Optional<Header> header = Header.of(path);
            if (header.isEmpty() || header.get().applicationId() != Header.CAMP) {
                return new Refused(
                        Reason.NOT_A_CAMP,
                        path + " is not a camp file. It was left as it is. Camp files end in " + ENDING + ".");
            }
            if (header.get().userVersion() > Header.NEWEST) {
                return new Refused(
                        Reason.NEWER,
                        path + " was written by a newer One Beat (camp version "
                                + header.get().userVersion() + ", this one knows " + Header.NEWEST
                                + "). It was left as it is. Open it with the newer program.");
            }
            return openChecked(path, header.get());
        } catch (IOException e) {
            return new Refused(Reason.SPOILT, "Cannot read " + path + ": " + reason(e) + ". It was left as it is.");
        }
    }

    private static Opening openChecked(Path path, Header header) {
        Connection connection = null;
        boolean keep = false;
        try {
            connection = connect(path, true);
            Handle handle = Jdbi.open(connection);
            String check = handle.createQuery("PRAGMA quick_check(1)")
                    .mapTo(String.class)
                    .one();
            if (!check.equals("ok")) {
                return spoilt(path, check);
            }
            takeFor(handle);
            if (header.userVersion() < Header.NEWEST) {
                connection.close();
                migrate(path);
                connection = connect(path, true);
                handle = Jdbi.open(connection);
                takeFor(handle);
            }
            CampFile file = new CampFile(path, connection, handle);
            keep = true;
            return new Opened(file);
        } catch (SQLException | JdbiException | FlywayException | IllegalArgumentException | NoSuchElementException e) {
            return refused(path, e);
        } finally {
            if (!keep) {
                closeQuietly(connection);
            }
        }
    }

    /// Takes the exclusive lock at once: a read and an empty write, so that a second program is told now and not at its
    /// first change.
    private static void takeFor(Handle handle) {
        handle.execute("BEGIN EXCLUSIVE");
        handle.execute("COMMIT");
    }

    private static Refused refused(Path path, Exception e) {
        return switch (code(e)) {
            case SQLITE_BUSY, SQLITE_LOCKED ->
                new Refused(
                        Reason.IN_USE,
                        path + " is open in another One Beat. Close that one first, or open another camp.");
            case SQLITE_READONLY, SQLITE_CANTOPEN, SQLITE_READONLY_DIRECTORY, SQLITE_PERM ->
                new Refused(
                        Reason.CANNOT_WRITE,
                        "Cannot write to " + path
                                + ": the file or its folder is read-only. Nothing was changed. Copy it to a folder of your own.");
            default -> spoilt(path, reason(e));
        };
    }

    private static Refused spoilt(Path path, String what) {
        return new Refused(
                Reason.SPOILT,
                path + " is damaged (" + what.lines().findFirst().orElse("")
                        + "). It was left as it is. Open a copy from before, or the demo.");
    }

    private static void closeQuietly(@Nullable Connection connection) {
        try {
            if (connection != null) {
                connection.close();
            }
        } catch (SQLException _) {
            // Nothing was written through it.
        }
    }

    private static Connection connect(Path path, boolean exclusive) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.setJournalMode(SQLiteConfig.JournalMode.DELETE);
        config.setBusyTimeout(300);
        if (exclusive) {
            config.setLockingMode(SQLiteConfig.LockingMode.EXCLUSIVE);
        }
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + path);
        return source.getConnection();
    }

    private static void migrate(Path path) throws SQLException {
        Flyway.configure(CampFile.class.getClassLoader())
                .dataSource("jdbc:sqlite:" + path, null, null)
                .locations("classpath:onebeat/store/migration")
                .load()
                .migrate();
        try (Connection connection = connect(path, false);
                Handle handle = Jdbi.open(connection)) {
            handle.execute("PRAGMA application_id = " + Header.CAMP);
            handle.execute("PRAGMA user_version = " + Header.NEWEST);
        }
    }

    /// Writes an edit and its effect in one transaction. When this returns `Saved`, it is on disk.
    public Saving save(Edit edit) {
        return written(h -> History.write(h, edit), edit);
    }

    /// Takes the last edit back; empty where there is none.
    public Optional<Saving> undo() {
        return move(false);
    }

    /// Does the edit again that was taken back last; empty where there is none.
    public Optional<Saving> redo() {
        return move(true);
    }

    private Optional<Saving> move(boolean forward) {
        try {
            return History.number(handle, forward).map(number -> {
                Edit edit = History.edit(handle, number);
                Edit effect = forward ? edit : edit.inverse();
                return written(
                        h -> {
                            History.effect(h, effect);
                            History.mark(h, number, !forward);
                        },
                        effect);
            });
        } catch (JdbiException e) {
            return Optional.of(notSaved(e));
        }
    }

    private Saving written(Consumer<Handle> write, Edit effect) {
        try {
            handle.useTransaction(write::accept);
        } catch (JdbiException e) {
            return notSaved(e);
        }
        camp = effect.applyTo(camp);
        return new Saved(camp);
    }

    private NotSaved notSaved(Exception e) {
        String why = switch (code(e)) {
            case SQLITE_FULL -> "the disk is full. Make room and do it again";
            case SQLITE_READONLY, SQLITE_CANTOPEN -> "the file or its folder is read-only";
            case SQLITE_BUSY, SQLITE_LOCKED -> "another program holds the file";
            default -> reason(e) + ". Is the disk still there?";
        };
        return new NotSaved("Not saved in " + path + ": " + why + ". Everything before it is safe.");
    }

    /// Keeps what stands half written in a call line. No part of the camp and not undone with it.
    public void keepDraft(String place, String text) {
        try {
            handle.createUpdate(
                            "INSERT INTO draft (place, text) VALUES (:place, :text) ON CONFLICT (place) DO UPDATE SET text = :text")
                    .bind("place", place)
                    .bind("text", text)
                    .execute();
        } catch (JdbiException _) {
            // A draft is a courtesy; the next real change reports what is wrong with the disk.
        }
    }

    /// What stood half written there.
    public String draft(String place) {
        try {
            return handle.createQuery("SELECT text FROM draft WHERE place = :place")
                    .bind("place", place)
                    .mapTo(String.class)
                    .findOne()
                    .orElse("");
        } catch (JdbiException _) {
            return "";
        }
    }

    @Override
    public void close() {
        handle.close();
        closeQuietly(connection);
    }

    private static SQLiteErrorCode code(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLiteException sqlite) {
                return primary(sqlite.getResultCode());
            }
        }
        return SQLiteErrorCode.UNKNOWN_ERROR;
    }

    /// An extended code without its extension (SQLite documentation, "Result and Error Codes": the low byte).
    private static SQLiteErrorCode primary(SQLiteErrorCode code) {
        return SQLiteErrorCode.getErrorCode(code.code & 0xFF);
    }

    private static String reason(Throwable e) {
        Throwable cause = e;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String message = cause.getMessage();
        String name = cause.getClass()
                .getSimpleName()
                .replaceAll("(?<=[a-z])(?=[A-Z])", " ")
                .toLowerCase(Locale.ROOT);
        return message == null ? name : name.replace(" exception", "") + ", " + message;
    }
}
