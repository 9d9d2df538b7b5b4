package onebeat.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/// Where camps are kept by default, and which one was open last.
final class LastCamp {

    private LastCamp() {}

    /// The program's folder, as the XDG Base Directory Specification names it: `$XDG_DATA_HOME/onebeat`, by default
    /// `~/.local/share/onebeat`.
    static Path folder() {
        String data = System.getenv("XDG_DATA_HOME");
        Path base = data == null || data.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "share")
                : Path.of(data);
        return base.resolve("onebeat");
    }

    private static Path note() {
        return folder().resolve("last-camp");
    }

    /// The camp that was open last, if that is known.
    static Optional<Path> path() {
        try {
            return Files.exists(note())
                    ? Optional.of(Path.of(Files.readString(note()).strip()))
                    : Optional.empty();
        } catch (IOException _) {
            return Optional.empty();
        }
    }

    static void remember(Path path) {
        try {
            Files.createDirectories(folder());
            Files.writeString(note(), path.toAbsolutePath().toString());
        } catch (IOException e) {
            System.err.println("The last camp is not remembered: " + e.getMessage());
        }
    }
}
