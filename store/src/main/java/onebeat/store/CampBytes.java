package onebeat.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Duration;
import java.util.Optional;

/// The bytes of a camp that another program may be writing into: as they are between two changes. Nothing is locked and
/// nothing is written, so that it works in any folder.
final class CampBytes {

    private static final int TRIES = 40;
    private static final Duration PAUSE = Duration.ofMillis(50);

    private CampBytes() {}

    /// The whole file.
    ///
    /// @return empty where a change that was begun was not ended for two seconds
    /// @throws IOException if it cannot be read
    static Optional<byte[]> of(Path path) throws IOException {
        // While a change is written its journal is there (SQLite documentation, "Atomic Commit In SQLite").
        Path journal = path.resolveSibling(path.getFileName() + "-journal");
        for (int i = 0; i < TRIES; i++) {
            BasicFileAttributes before = Files.readAttributes(path, BasicFileAttributes.class);
            if (!isHot(journal)) {
                byte[] bytes = Files.readAllBytes(path);
                BasicFileAttributes after = Files.readAttributes(path, BasicFileAttributes.class);
                if (!isHot(journal)
                        && before.lastModifiedTime().equals(after.lastModifiedTime())
                        && bytes.length == after.size()) {
                    return Optional.of(bytes);
                }
            }
            pause();
        }
        return Optional.empty();
    }

    /// A database that is held exclusively keeps its journal and zeroes its head at the end of a change (SQLite
    /// documentation, "Atomic Commit In SQLite", section 7.6): only one that begins with something else is hot.
    private static boolean isHot(Path journal) throws IOException {
        try (InputStream in = Files.newInputStream(journal)) {
            return in.read() > 0;
        } catch (NoSuchFileException _) {
            return false;
        }
    }

    private static void pause() {
        try {
            Thread.sleep(PAUSE);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }
}
