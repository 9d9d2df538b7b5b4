package onebeat.formats.out;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/// Temporary folders that go with the program.
public final class TemporaryFolder {

    private TemporaryFolder() {}

    /// Makes a folder that only its owner may read. When the program ends it is deleted with all that is in it.
    ///
    /// @param name what its name begins with
    /// @throws IOException if it cannot be made
    public static Path make(String name) throws IOException {
        Path folder = Files.createTempDirectory(name);
        Runtime.getRuntime().addShutdownHook(new Thread(() -> delete(folder), "temporary folder"));
        return folder;
    }

    /// Deletes a folder with all that is in it, as far as that can be done.
    static void delete(Path folder) {
        List<Path> all;
        try (Stream<Path> files = Files.walk(folder)) {
            all = files.sorted(Comparator.reverseOrder()).toList();
        } catch (IOException _) {
            return;
        }
        all.forEach(TemporaryFolder::quietlyDelete);
    }

    private static void quietlyDelete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException _) {
            // What cannot be deleted stays.
        }
    }
}
