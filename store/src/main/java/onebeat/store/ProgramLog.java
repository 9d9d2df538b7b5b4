package onebeat.store;

import java.io.IOException;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/// The program's log: what went wrong, in a few files of bounded size that take turns. It is opened when there is
/// something to write, since most starts write nothing and should not wait for it.
public final class ProgramLog {

    private static final int MOST_BYTES = 500_000;
    private static final int FILES = 3;

    private static boolean writes;
    private static boolean open;

    private ProgramLog() {}

    /// The logger, held here, since one that nobody holds forgets its handlers.
    private static final class Held {
        private static final Logger LOGGER = Logger.getLogger("onebeat");
    }

    /// The newest file of the log. It is there once something was written.
    public static Path file() {
        return ProgramFolder.path().resolve("log").resolve("onebeat-0.log");
    }

    /// From now on what is told here is written to a file. Where nothing can be written the program runs without a
    /// log.
    public static synchronized void begin() {
        writes = true;
    }

    private static synchronized Logger logger() {
        if (writes && !open) {
            open = true;
            open();
        }
        return Held.LOGGER;
    }

    private static void open() {
        try {
            Path folder = ProgramFolder.path().resolve("log");
            ProgramFolder.make(folder);
            // A percent sign in the folder's name would be taken for a pattern.
            String pattern = folder.toString().replace("%", "%%") + "/onebeat-%g.log";
            FileHandler handler = new FileHandler(pattern, MOST_BYTES, FILES, true);
            handler.setFormatter(new SimpleFormatter());
            Held.LOGGER.addHandler(handler);
            Held.LOGGER.setLevel(Level.INFO);
            Held.LOGGER.setUseParentHandlers(false);
        } catch (IOException e) {
            System.err.println("There is no log: " + e.getMessage());
        }
    }

    /// Writes down something unexpected.
    public static void wrong(String where, Throwable what) {
        logger().log(Level.SEVERE, where, what);
    }

    /// Writes down something that is worth knowing when something goes wrong later.
    public static void note(String words) {
        logger().info(words);
    }
}
