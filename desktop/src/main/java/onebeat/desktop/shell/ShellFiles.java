package onebeat.desktop.shell;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Parent;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.text.Texts;

/// Lets the coach choose files, and knows of the other camps.
final class ShellFiles implements Forms.Files {

    private final CampSession app;
    private final Supplier<Parent> root;
    private Optional<Supplier<Optional<Path>>> choosing = Optional.empty();
    private OtherCamps others = OtherCamps.NONE;

    ShellFiles(CampSession app, Supplier<Parent> root) {
        this.app = app;
        this.root = root;
    }

    void choosing(Supplier<Optional<Path>> how) {
        choosing = Optional.of(how);
    }

    void others(OtherCamps camps) {
        others = camps;
    }

    @Override
    public OtherCamps others() {
        return others;
    }

    Optional<Path> choose(String what, String... endings) {
        return choosing.orElse(() -> ask(what, endings)).get();
    }

    Optional<Path> chooseFolder(String what) {
        return choosing.orElse(() -> {
                    DirectoryChooser chooser = new DirectoryChooser();
                    chooser.setTitle(what);
                    chooser.setInitialDirectory(app.folder().toFile());
                    return Optional.ofNullable(
                                    chooser.showDialog(root.get().getScene().getWindow()))
                            .map(File::toPath);
                })
                .get();
    }

    private Optional<Path> ask(String what, String... endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(what);
        chooser.setInitialDirectory(app.folder().toFile());
        chooser.getExtensionFilters()
                .setAll(
                        new FileChooser.ExtensionFilter(what, endings),
                        new FileChooser.ExtensionFilter(Texts.of("choose.any"), "*"));
        return Optional.ofNullable(chooser.showOpenDialog(root.get().getScene().getWindow()))
                .map(File::toPath);
    }

    @Override
    public Optional<Path> toSave(String name) {
        return choosing.orElse(() -> CampChooser.toSave(root.get().getScene().getWindow(), app.folder(), name))
                .get()
                .map(CampChooser::ending);
    }

    /// A path beside the camp, for what could not be saved into it.
    Optional<Path> beside() {
        return toSave(Texts.of("unsaved.name", app.camp().card().name()));
    }
}
