package onebeat.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;

/// Copies of an open camp, made by the database itself and checked before they count.
final class CampCopy {

    private CampCopy() {}

    /// Writes a copy beside its place and moves it there once it is whole.
    ///
    /// @return what is wrong, in a sentence; empty where the copy is whole
    static Optional<String> write(Handle handle, Path target) {
        try (WorkFile making = WorkFile.beside(target)) {
            handle.createUpdate("VACUUM INTO :file")
                    .bind("file", Sqlite.uri(making.path()))
                    .execute();
            Optional<String> wrong = check(making.path());
            if (wrong.isPresent()) {
                return Optional.of("No copy was written to " + target + ": it would be damaged (" + wrong.get() + ").");
            }
            making.moveTo(target);
            return Optional.empty();
        } catch (IOException | JdbiException | SQLException e) {
            return Optional.of(
                    "No copy was written to " + target + ": " + Sqlite.reason(e) + ". Choose another folder or disk.");
        }
    }

    /// Deletes what a database that died half way left beside a file that is about to be replaced: it belongs to the
    /// old file, and would be written into the new one.
    static void deleteJournal(Path file) throws IOException {
        Files.deleteIfExists(file.resolveSibling(file.getFileName() + "-journal"));
    }

    /// What a whole look at a database finds wrong.
    private static Optional<String> check(Path file) throws SQLException {
        try (Connection connection = Sqlite.connect(file, false);
                Handle handle = PlainStatements.on(connection)) {
            String check = handle.createQuery("PRAGMA quick_check(1)")
                    .mapTo(String.class)
                    .one();
            return check.equals("ok") ? Optional.empty() : Optional.of(check);
        }
    }
}
