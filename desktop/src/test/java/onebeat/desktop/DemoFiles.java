package onebeat.desktop;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import onebeat.core.camp.Camp;
import onebeat.desktop.demo.DemoCamp;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;

/// The demo camp of a day: made once, and copied for whoever wants a file to change.
public final class DemoFiles {

    private static final String NAME = "demo" + CampFile.ENDING;
    private static final Map<LocalDate, Made> MADE = new ConcurrentHashMap<>();

    /// @param files the camp's file and the film beside it, by their names
    private record Made(Camp camp, Map<String, byte[]> files) {}

    private DemoFiles() {}

    /// The demo camp of a day.
    public static Camp camp(LocalDate day) {
        return MADE.computeIfAbsent(day, DemoFiles::made).camp;
    }

    /// Writes the demo camp of a day into a folder, with its film beside it.
    public static Path in(Path folder, LocalDate day) {
        try {
            Made made = MADE.computeIfAbsent(day, DemoFiles::made);
            for (Map.Entry<String, byte[]> file : made.files.entrySet()) {
                Files.write(folder.resolve(file.getKey()), file.getValue());
            }
            return folder.resolve(NAME);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Made made(LocalDate day) {
        try {
            Path folder = Files.createTempDirectory("demo");
            Camp camp;
            try (CampFile file = ((Opened) DemoCamp.openOrCreate(folder.resolve(NAME), day)).file()) {
                camp = file.camp();
            }
            Map<String, byte[]> all = new HashMap<>();
            for (Path file : filesIn(folder)) {
                all.put(file.getFileName().toString(), Files.readAllBytes(file));
                Files.delete(file);
            }
            return new Made(camp, all);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Path> filesIn(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }
}
