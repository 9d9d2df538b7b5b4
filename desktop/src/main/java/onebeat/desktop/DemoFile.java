package onebeat.desktop;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import onebeat.desktop.demo.DemoCamp;
import onebeat.store.Opening;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;

/// Writes the demo camp as a file, without a window: something to try the commands on.
public final class DemoFile {

    private static final int WRITTEN = 0;
    private static final int NOT_WRITTEN = 2;

    private DemoFile() {}

    public static void main(String[] args) {
        ProgramLog.begin();
        ProgramFolder.begin();
        System.exit(write(Path.of(args[0])));
    }

    /// Writes it; what is there already is left alone.
    static int write(Path file) {
        if (Files.exists(file)) {
            System.err.println(file + " is there already and was left as it is. Give another name.");
            return NOT_WRITTEN;
        }
        return switch (DemoCamp.openOrCreate(file, LocalDate.now(ZoneId.systemDefault()))) {
            case Opening.Refused refused -> {
                System.err.println(refused.sentence());
                yield NOT_WRITTEN;
            }
            case Opening.Opened opened -> {
                opened.file().close();
                System.out.println("The demo camp is in " + file);
                yield WRITTEN;
            }
        };
    }
}
