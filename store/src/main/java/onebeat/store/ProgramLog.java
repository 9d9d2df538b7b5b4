package onebeat.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/// The program's log: what went wrong, in a few files of bounded size that take turns.
public final class ProgramLog {

    private static final int MOST_BYTES = 500_000;
    private static final int FILES = 3;

    /// Held here, since a logger that nobody holds forgets its handlers.
    private static final Logger LOGGER = Logger.getLogger("onebeat");

    private ProgramLog() {}

    /// The newest file of the log.
    public static Path file() {
        return ProgramFolder.path().resolve("log").resolve("onebeat-0.log");
    }

    /// Begins to write. Where nothing can be written the program runs without a log.
    public static void begin() {
        try {
            Path folder = ProgramFolder.path().resolve("log");
            Files.createDirectories(folder);
            // A percent sign in the folder's name would be taken for a pattern.
            String pattern = folder.toString().replace("%", "%%") + "/onebeat-%g.log";
            FileHandler handler = new FileHandler(pattern, MOST_BYTES, FILES, true);
            handler.setFormatter(new SimpleFormatter());
            LOGGER.addHandler(handler);
            LOGGER.setLevel(Level.INFO);
            LOGGER.setUseParentHandlers(false);
        } catch (IOException e) {
            System.err.println("There is no log: " + e.getMessage());
        }
    }

    /// Writes down something unexpected.
    public static void wrong(String where, Throwable what) {
        LOGGER.log(Level.SEVERE, where, what);
    }

    /// Writes down something that is worth knowing when something goes wrong later.
    public static void note(String words) {
        LOGGER.info(words);
    }
}
