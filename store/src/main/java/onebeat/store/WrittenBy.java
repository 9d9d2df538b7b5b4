package onebeat.store;

import java.nio.file.Path;
import java.util.Optional;
import onebeat.core.program.ProgramVersion;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;

/// The version of the program that made a camp or brought it to its schema, kept in the camp itself.
final class WrittenBy {

    private WrittenBy() {}

    /// Notes that this program wrote the schema.
    static void note(Handle handle) {
        handle.createUpdate("INSERT OR REPLACE INTO program (id, version) VALUES ('program', :version)")
                .bind("version", ProgramVersion.text())
                .execute();
    }

    /// The version that a camp of any schema tells; empty where it tells none. The file is only read.
    static Optional<String> of(Path path) {
        try (Handle handle = Jdbi.create(Sqlite.reading(path)).open()) {
            return handle.createQuery("SELECT version FROM program")
                    .mapTo(String.class)
                    .findFirst();
        } catch (JdbiException _) {
            // Older camps tell none, and what newer ones keep there is not known here.
            return Optional.empty();
        }
    }
}
