package onebeat.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;

/// An empty window of the usual size, which the program is held against. It says `open` once it is drawn; with a
/// number it stays so many seconds, else it ends at once.
public final class BareWindow extends Application {

    private static final int PULSES = 3;

    /// Starts it from the class path.
    public static final class Main {

        private Main() {}

        public static void main(String[] args) {
            launch(BareWindow.class, args);
        }
    }

    @Override
    public void start(Stage stage) {
        Scene scene = new Scene(new Pane(), 1280, 800);
        stage.setScene(scene);
        List<String> arguments = getParameters().getRaw();
        // The same sign as ours: the third pulse.
        AnimationTimer timer = new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                pulses++;
                if (pulses == PULSES) {
                    stop();
                    System.out.println("open");
                    Thread.ofPlatform().daemon().start(() -> {
                        stay(arguments.isEmpty() ? 0 : Integer.parseInt(arguments.getFirst()));
                        Platform.exit();
                    });
                }
            }
        };
        timer.start();
        stage.show();
    }

    private static void stay(int seconds) {
        try {
            TimeUnit.SECONDS.sleep(seconds);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }
}
