package onebeat.desktop.shell;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import onebeat.desktop.text.Texts;
import onebeat.store.CampFile;

/// Lets the coach say where a camp lies.
public final class CampChooser {

    private CampChooser() {}

    /// A camp to open.
    public static Optional<Path> toOpen(Window window) {
        return Optional.ofNullable(chooser().showOpenDialog(window)).map(File::toPath);
    }

    /// A path to write a camp to.
    ///
    /// @param name what the field holds at first; may be empty
    public static Optional<Path> toSave(Window window, Path folder, String name) {
        FileChooser chooser = chooser();
        if (Files.isDirectory(folder)) {
            chooser.setInitialDirectory(folder.toFile());
        }
        chooser.setInitialFileName(name);
        return Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
    }

    /// The path with the ending of camp files.
    public static Path ending(Path path) {
        String name = String.valueOf(path.getFileName());
        return name.endsWith(CampFile.ENDING) ? path : path.resolveSibling(name + CampFile.ENDING);
    }

    private static FileChooser chooser() {
        FileChooser chooser = new FileChooser();
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(Texts.of("welcome.files"), "*" + CampFile.ENDING));
        return chooser;
    }
}
