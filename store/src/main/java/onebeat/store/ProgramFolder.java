package onebeat.store;

import java.nio.file.Path;

/// The program's own folder, as the XDG Base Directory Specification names it: `$XDG_DATA_HOME/onebeat`, by default
/// `~/.local/share/onebeat`. The system property `onebeat.folder` names another one.
public final class ProgramFolder {

    private ProgramFolder() {}

    public static Path path() {
        String own = System.getProperty("onebeat.folder", "");
        if (!own.isBlank()) {
            return Path.of(own);
        }
        String data = System.getenv("XDG_DATA_HOME");
        Path base = data == null || data.isBlank()
                ? Path.of(System.getProperty("user.home"), ".local", "share")
                : Path.of(data);
        return base.resolve("onebeat");
    }
}
