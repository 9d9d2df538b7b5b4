package onebeat.desktop;

import java.nio.file.Path;
import javafx.geometry.Rectangle2D;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.settings.Settings;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.settings.WindowPlace;
import onebeat.store.ProgramFolder;
import org.jspecify.annotations.Nullable;

/// What the window shows, in letters of the size that the coach set, and as large as the screen has room for.
final class StageScenes {

    /// What the window starts with, in pixels.
    static final double WIDTH = 1280;

    static final double HEIGHT = 800;

    /// No smaller: a laptop's screen with a bar at its foot.
    private static final double LEAST_WIDTH = 1024;

    private static final double LEAST_HEIGHT = 640;

    private final Stage stage;
    private final SettingsStore settings;
    private final Rectangle2D free;
    private final boolean fits;
    private @Nullable Scene scene;

    /// @param fits whether the window is made to fit the screen; pictures have their own size
    StageScenes(Stage stage, SettingsStore settings, boolean fits) {
        this.stage = stage;
        this.settings = settings;
        this.fits = fits;
        this.free = fits ? Screen.getPrimary().getVisualBounds() : new Rectangle2D(0, 0, WIDTH, HEIGHT);
        stage.setMinWidth(Math.min(LEAST_WIDTH, free.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, free.getHeight()));
        settings.property().addListener((_, _, now) -> dress(now));
        if (fits) {
            stage.setOnShown(_ -> comeBack());
        }
    }

    private static Path note() {
        return ProgramFolder.path().resolve("window");
    }

    /// The window goes to where it stood when it was closed.
    private void comeBack() {
        WindowPlace.kept(
                        note(),
                        Screen.getScreens().stream()
                                .map(Screen::getVisualBounds)
                                .toList())
                .ifPresent(place -> {
                    stage.setX(place.x());
                    stage.setY(place.y());
                    stage.setWidth(place.width());
                    stage.setHeight(place.height());
                    stage.setMaximized(place.whole());
                });
    }

    /// Where the window stands is kept for the next start.
    void keepPlace() {
        if (fits && stage.getWidth() > 0) {
            new WindowPlace(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight(), stage.isMaximized())
                    .keep(note());
        }
    }

    /// Shows this in the window.
    Scene show(Parent root) {
        Scene now = scene == null
                ? new Scene(root, Math.min(WIDTH, free.getWidth()), Math.min(HEIGHT, free.getHeight()))
                : new Scene(root, scene.getWidth(), scene.getHeight());
        scene = now;
        dress(settings.get());
        stage.setScene(now);
        return now;
    }

    private void dress(Settings now) {
        if (scene != null) {
            Nodes.dress(scene, now.textPercent());
        }
    }
}
