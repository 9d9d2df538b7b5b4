package onebeat.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import onebeat.store.CampFile;
import onebeat.store.ProgramFolder;

/// Which camp was open last. It is remembered once its window stands; one that ended the program on its way is not
/// opened again by itself.
final class LastCamp {

    private LastCamp() {}

    private static Path note() {
        return ProgramFolder.path().resolve("last-camp");
    }

    private static Path trying() {
        return ProgramFolder.path().resolve("opening");
    }

    /// The camp that was open last, if that is known and it is a camp's name.
    static Optional<Path> path() {
        return read(note()).filter(path -> path.toString().endsWith(CampFile.ENDING) && Files.exists(path));
    }

    /// The camp that was being opened when the program ended before its window stood.
    static Optional<Path> neverOpened() {
        return read(trying());
    }

    private static Optional<Path> read(Path note) {
        try {
            return Files.exists(note)
                    ? Optional.of(Files.readString(note))
                            .filter(words -> !words.isBlank())
                            .map(Path::of)
                    : Optional.empty();
        } catch (IOException | InvalidPathException _) {
            return Optional.empty();
        }
    }

    /// A camp is about to be opened.
    static void tries(Path path) {
        write(trying(), path);
    }

    /// The camp's window stands.
    static void remember(Path path) {
        write(note(), path);
        settled();
    }

    /// Whatever was about to be opened, the program goes on.
    static void settled() {
        try {
            Files.deleteIfExists(trying());
        } catch (IOException _) {
            // The next start asks once more than it has to.
        }
    }

    private static void write(Path note, Path path) {
        try {
            Files.createDirectories(ProgramFolder.path());
            Files.writeString(note, path.toAbsolutePath().toString());
        } catch (IOException e) {
            System.err.println("The last camp is not remembered: " + e.getMessage());
        }
    }
}
