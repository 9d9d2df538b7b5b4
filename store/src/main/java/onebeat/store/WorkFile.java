package onebeat.store;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/// A file that is made beside its place and moved there once it is whole. Closing it deletes what was not moved.
final class WorkFile implements AutoCloseable {

    private final Path path;

    private WorkFile(Path path) {
        this.path = path;
    }

    /// Makes an empty file beside a place, under a name that nobody has: what a coach keeps under such a name stays.
    ///
    /// @throws IOException if none can be made
    static WorkFile beside(Path place) throws IOException {
        for (int n = 1; ; n++) {
            try {
                return new WorkFile(
                        Files.createFile(place.resolveSibling(place.getFileName() + (n == 1 ? ".new" : ".new" + n))));
            } catch (FileAlreadyExistsException _) {
                // The next name, then.
            }
        }
    }

    Path path() {
        return path;
    }

    /// Puts it in its place, at once and whole.
    void moveTo(Path place) throws IOException {
        Files.move(path, place, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    @Override
    public void close() {
        quietlyDelete(path);
    }

    static void quietlyDelete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException _) {
            // Where it cannot be deleted it could not be made either.
        }
    }
}
