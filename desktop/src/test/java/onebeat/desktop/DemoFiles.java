package onebeat.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import onebeat.desktop.demo.DemoCamp;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;

/// The demo camp as a file: made once for a day, and copied for whoever wants one to change.
public final class DemoFiles {

    private static final Map<LocalDate, Map<String, byte[]>> MADE = new ConcurrentHashMap<>();

    private static final String NAME = "demo" + CampFile.ENDING;

    private DemoFiles() {}

    /// Writes the demo camp of a day into a folder, with its film beside it.
    public static Path in(Path folder, LocalDate day) {
        try {
            for (Map.Entry<String, byte[]> file :
                    MADE.computeIfAbsent(day, DemoFiles::made).entrySet()) {
                Files.write(folder.resolve(file.getKey()), file.getValue());
            }
            return folder.resolve(NAME);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, byte[]> made(LocalDate day) {
        try {
            Path folder = Files.createTempDirectory("demo");
            ((Opened) DemoCamp.openOrCreate(folder.resolve(NAME), day)).file().close();
            Map<String, byte[]> all = new HashMap<>();
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.filter(Files::isRegularFile).toList()) {
                    all.put(file.getFileName().toString(), Files.readAllBytes(file));
                }
            }
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
