package onebeat.store;

import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/// The program's own folder, as the XDG Base Directory Specification names it: `$XDG_DATA_HOME/onebeat`, by default
/// `~/.local/share/onebeat`. The system property `onebeat.folder` names another one.
public final class ProgramFolder {

    /// Where JavaCPP unpacks the libraries that decode film, once for each version.
    private static final String LIBRARIES = "org.bytedeco.javacpp.cachedir";

    private ProgramFolder() {}

    /// To be called when the program starts. Its folder is for its owner alone, and what libraries unpack of themselves
    /// goes into it and nowhere else.
    public static void begin() {
        try {
            make(path());
            if (isPosix()) {
                Files.setPosixFilePermissions(path(), OWNER);
            }
        } catch (IOException _) {
            // Where there can be no folder the program keeps nothing of its own.
        }
        if (System.getProperty(LIBRARIES) == null) {
            System.setProperty(LIBRARIES, path().resolve("libraries").toString());
        }
    }

    /// Makes a folder, and those above it that are missing: for its owner alone where the system knows owners. A folder
    /// that is there stays as it is.
    ///
    /// @throws IOException if it cannot be made
    public static void make(Path folder) throws IOException {
        Files.createDirectories(
                folder,
                isPosix()
                        ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(OWNER)}
                        : new FileAttribute<?>[0]);
    }

    private static boolean isPosix() {
        return FileSystems.getDefault().supportedFileAttributeViews().contains("posix");
    }

    private static final Set<PosixFilePermission> OWNER = PosixFilePermissions.fromString("rwx------");

    /// The folder itself; it may not be there yet.
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
