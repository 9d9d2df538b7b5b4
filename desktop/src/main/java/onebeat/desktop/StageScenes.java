package onebeat.desktop;

import javafx.geometry.Rectangle2D;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.Screen;
import javafx.stage.Stage;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.settings.Settings;
import onebeat.desktop.settings.SettingsStore;
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
    private @Nullable Scene scene;

    StageScenes(Stage stage, SettingsStore settings) {
        this.stage = stage;
        this.settings = settings;
        Rectangle2D free = Screen.getPrimary().getVisualBounds();
        stage.setMinWidth(Math.min(LEAST_WIDTH, free.getWidth()));
        stage.setMinHeight(Math.min(LEAST_HEIGHT, free.getHeight()));
        settings.property().addListener((_, _, now) -> dress(now));
    }

    /// Shows this in the window.
    Scene show(Parent root) {
        Rectangle2D free = Screen.getPrimary().getVisualBounds();
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
