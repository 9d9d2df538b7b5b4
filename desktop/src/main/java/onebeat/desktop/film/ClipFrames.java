package onebeat.desktop.film;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import onebeat.core.camp.Camp;
import onebeat.core.film.Reel;
import onebeat.desktop.figures.FigureView;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.nodes.Pictures;

/// Writes the pictures of a reel as it is drawn, for a film clip: `scripts/make-clip.sh` puts them together.
public final class ClipFrames {

    private static final double WIDTH = 480;
    private static final double HEIGHT = 270;
    private static final int A_SECOND = 25;

    private ClipFrames() {}

    /// Writes one PNG a picture and the sound of the hits into a folder and ends the program.
    public static void write(Stage stage, Camp camp, String reelId, Path folder) {
        Reel reel = camp.reels().get(reelId).orElseThrow();
        DrawnReel drawn = new DrawnReel(camp, reel);
        try {
            ClipSound.write(drawn, folder.resolve("hits.wav"));
        } catch (IOException e) {
            System.err.println(e.getMessage());
            Platform.exit();
            return;
        }
        FigureView figures = new FigureView();
        figures.getStyleClass().add("on-screen");
        StackPane screen = new StackPane(figures);
        screen.getStyleClass().add("screen");
        Scene scene = new Scene(screen, WIDTH, HEIGHT);
        Nodes.dress(scene);
        stage.setMinWidth(0);
        stage.setMinHeight(0);
        stage.setScene(scene);
        new AnimationTimer() {
            private int number;

            @Override
            public void handle(long now) {
                double time = (double) number / A_SECOND;
                if (time >= reel.seconds()) {
                    stop();
                    Platform.exit();
                    return;
                }
                drawn.at(time).ifPresent(f -> figures.show(f.way(), f.setting(), f.beat()));
                try {
                    Pictures.write(scene, folder.resolve(String.format(Locale.ROOT, "%04d.png", number)));
                } catch (IOException e) {
                    System.err.println(e.getMessage());
                    stop();
                    Platform.exit();
                }
                number++;
            }
        }.start();
    }
}
