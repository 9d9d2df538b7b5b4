package onebeat.desktop.settings;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;

/// The settings as they are kept in a file: `name=value`, a line each. They are written beside it and moved into place;
/// where that fails they hold for as long as the program runs.
public final class SettingsStore {

    private final Path file;
    private final ReadOnlyObjectWrapper<Settings> settings;

    public SettingsStore(Path file) {
        this.file = file;
        this.settings = new ReadOnlyObjectWrapper<>(read(file));
    }

    /// The settings in the program's folder.
    public static SettingsStore usual() {
        return new SettingsStore(ProgramFolder.path().resolve("settings"));
    }

    public Settings get() {
        return settings.get();
    }

    public ReadOnlyObjectProperty<Settings> property() {
        return settings.getReadOnlyProperty();
    }

    /// Changes the settings, and keeps them.
    public void change(UnaryOperator<Settings> change) {
        settings.set(change.apply(settings.get()));
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Path beside = file.resolveSibling(file.getFileName() + ".new");
            List<String> lines = settings.get().written().entrySet().stream()
                    .map(e -> e.getKey() + "=" + e.getValue())
                    .toList();
            Files.write(beside, lines);
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            ProgramLog.wrong("settings", e);
        }
    }

    private static Settings read(Path file) {
        Map<String, String> written = new TreeMap<>();
        try {
            if (Files.isRegularFile(file)) {
                for (String line : Files.readAllLines(file)) {
                    int at = line.indexOf('=');
                    if (at > 0) {
                        written.put(line.substring(0, at), line.substring(at + 1));
                    }
                }
            }
        } catch (IOException e) {
            ProgramLog.wrong("settings", e);
        }
        return Settings.of(written);
    }
}
