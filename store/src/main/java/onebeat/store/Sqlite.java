package onebeat.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.sqlite.NativeLibraryNotFoundException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/// Connections to the very file of a path, and what went wrong with one.
final class Sqlite {

    private static final int BUSY_MS = 300;
    private static final int CACHE_KB = 128_000;

    static {
        SqliteLibrary.lay();
    }

    private Sqlite() {}

    /// The file as a URI: in a plain path a question mark would begin parameters and a percent sign an escape (SQLite
    /// documentation, "Uniform Resource Identifiers", section 3.1).
    static String uri(Path path) {
        return path.toAbsolutePath().toUri().toASCIIString();
    }

    /// @param exclusive whether nobody else may read or write while the connection is open
    static SQLiteDataSource source(Path path, boolean exclusive) {
        SQLiteConfig config = new SQLiteConfig();
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.setJournalMode(SQLiteConfig.JournalMode.DELETE);
        config.setBusyTimeout(BUSY_MS);
        // A long change stays in memory until its end: written out on the way, each part of it would wait for the disk.
        config.setCacheSize(-CACHE_KB);
        if (exclusive) {
            config.setLockingMode(SQLiteConfig.LockingMode.EXCLUSIVE);
        }
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + uri(path));
        return source;
    }

    /// A source that only reads and takes no lock that would stop a program that writes.
    static SQLiteDataSource reading(Path path) {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        config.setBusyTimeout(BUSY_MS);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + uri(path));
        return source;
    }

    static Connection connect(Path path, boolean exclusive) throws SQLException {
        return careful(source(path, exclusive).getConnection());
    }

    /// A database in memory that holds these bytes. What is written into it stays there.
    static Connection inMemory(byte[] bytes) throws SQLException {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite::memory:");
        Connection connection = source.getConnection();
        connection.unwrap(SQLiteConnection.class).deserialize("main", bytes);
        return careful(connection);
    }

    /// What a file from somewhere else brings along runs nothing that could do harm, and is looked at more closely
    /// (SQLite documentation, "Defense Against The Dark Arts").
    private static Connection careful(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA trusted_schema = OFF");
            statement.execute("PRAGMA cell_size_check = ON");
        }
        return connection;
    }

    static void closeQuietly(@Nullable Connection connection) {
        try {
            if (connection != null) {
                connection.close();
            }
        } catch (SQLException _) {
            // What was committed is on disk; the rest was never told as saved.
        }
    }

    /// Whether the database itself could not be started.
    static boolean isWithoutLibrary(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof NativeLibraryNotFoundException || cause instanceof LinkageError) {
                return true;
            }
        }
        return false;
    }

    /// The primary code of what went wrong (SQLite documentation, "Result and Error Codes": the low byte).
    static SQLiteErrorCode code(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLiteException sqlite) {
                return SQLiteErrorCode.getErrorCode(sqlite.getResultCode().code & 0xFF);
            }
        }
        return SQLiteErrorCode.UNKNOWN_ERROR;
    }

    /// What went wrong, in words.
    static String reason(Throwable e) {
        Throwable cause = e;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String message = cause.getMessage();
        if (cause instanceof SQLException && message != null) {
            // `[SQLITE_CORRUPT] The database disk image is malformed (…)`: the code and what is said twice are left
            // out.
            return message.lines()
                    .findFirst()
                    .orElse("")
                    .replaceFirst("^\\[\\w+]\\s*", "")
                    .replaceFirst("\\s*\\([^()]*\\)$", "");
        }
        String name = cause.getClass()
                .getSimpleName()
                .replaceAll("(?<=[a-z])(?=[A-Z])", " ")
                .toLowerCase(Locale.ROOT)
                .replace(" exception", "");
        return message == null
                ? name
                : name + ", " + message.lines().findFirst().orElse("");
    }
}
