package onebeat.store;

import java.nio.file.Path;

/// The program's own folder, as the XDG Base Directory Specification names it: `$XDG_DATA_HOME/onebeat`, by default
/// `~/.local/share/onebeat`. The system property `onebeat.folder` names another one.
public final class ProgramFolder {

    /// Where JavaCPP unpacks the libraries that decode film, once for each version.
    private static final String LIBRARIES = "org.bytedeco.javacpp.cachedir";

    private ProgramFolder() {}

    /// What libraries unpack of themselves goes into the program's folder and nowhere else. To be called before a film
    /// is opened.
    public static void holdLibraries() {
        if (System.getProperty(LIBRARIES) == null) {
            System.setProperty(LIBRARIES, path().resolve("libraries").toString());
        }
    }

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
