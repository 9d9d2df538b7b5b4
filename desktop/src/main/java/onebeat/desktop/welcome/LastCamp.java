package onebeat.desktop.welcome;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.store.CampFile;
import onebeat.store.ProgramFolder;

/// Which camp was open last. It is remembered once its window stands; one that ended the program on its way is not
/// opened again by itself.
public final class LastCamp {

    private LastCamp() {}

    private static Path note() {
        return ProgramFolder.path().resolve("last-camp");
    }

    private static Path trying() {
        return ProgramFolder.path().resolve("opening");
    }

    /// The camp that was open last, if that is known and it is a camp's name.
    public static Optional<Path> path() {
        return read(note()).filter(path -> path.toString().endsWith(CampFile.ENDING) && Files.exists(path));
    }

    /// The camp that was being opened when the program ended before its window stood.
    public static Optional<Path> neverOpened() {
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
    public static void tries(Path path) {
        write(trying(), path.toAbsolutePath().toString());
    }

    /// The camp's window stands.
    public static void remember(Path path) {
        write(note(), path.toAbsolutePath().toString());
        List<String> all = new ArrayList<>(recent().stream().map(Path::toString).toList());
        all.remove(path.toAbsolutePath().toString());
        all.addFirst(path.toAbsolutePath().toString());
        write(others(), String.join("\n", all.subList(0, Math.min(MOST_RECENT, all.size()))));
        settled();
    }

    /// The camps that were open before and are still there, the last first.
    public static List<Path> recent() {
        try {
            return Files.exists(others())
                    ? Files.readAllLines(others()).stream()
                            .flatMap(words -> camp(words).stream())
                            .limit(MOST_RECENT)
                            .toList()
                    : List.of();
        } catch (IOException _) {
            return List.of();
        }
    }

    private static Optional<Path> camp(String words) {
        try {
            return Optional.of(Path.of(words)).filter(path -> words.endsWith(CampFile.ENDING) && Files.exists(path));
        } catch (InvalidPathException _) {
            return Optional.empty();
        }
    }

    private static final int MOST_RECENT = 8;

    private static Path others() {
        return ProgramFolder.path().resolve("recent-camps");
    }

    /// Whatever was about to be opened, the program goes on.
    public static void settled() {
        try {
            Files.deleteIfExists(trying());
        } catch (IOException _) {
            // The next start asks once more than it has to.
        }
    }

    private static void write(Path note, String words) {
        try {
            ProgramFolder.make(ProgramFolder.path());
            Files.writeString(note, words);
        } catch (IOException e) {
            System.err.println("The last camp is not remembered: " + e.getMessage());
        }
    }
}
