package onebeat.desktop.floor;

import java.util.List;
import javafx.event.Event;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The feeder's next cue in a window of its own, for a second screen that only the feeder sees.
final class FeederWindow {

    /// How large the words are, as shares of the height of the window; the cue beside what is drawn as a share of that.
    private static final double LARGEST = 0.3;

    private static final double SMALLEST = 0.06;
    private static final double STEP = 0.02;
    private static final double BESIDE = 0.45;

    /// Of the height the words may take.
    private static final double ROOM = 0.66;

    private final Stage stage = new Stage();
    private final Text drawn = Nodes.text("", "feeder-drawn");
    private final Text cue = Nodes.text("", "feeder-cue");

    /// @param coach where the keys go that are pressed here: they stay the coach's
    FeederWindow(Scene coach) {
        VBox paper = new VBox(18, Nodes.text(Texts.of("floor.feeder"), "feeder-head"), drawn, cue);
        paper.setAlignment(Pos.CENTER_LEFT);
        paper.getStyleClass().add("feeder");
        Scene scene = new Scene(paper, 640, 360);
        Nodes.dress(scene);
        scene.addEventFilter(KeyEvent.ANY, key -> {
            Event.fireEvent(coach, key.copyFor(coach, coach));
            key.consume();
        });
        stage.setScene(scene);
        stage.setTitle(Texts.of("floor.feeder"));
        for (Text words : List.of(drawn, cue)) {
            words.wrappingWidthProperty().bind(scene.widthProperty().subtract(60));
            words.managedProperty().bind(words.textProperty().isNotEmpty());
        }
        scene.widthProperty().addListener((_, _, _) -> fit());
        scene.heightProperty().addListener((_, _, _) -> fit());
    }

    void show(Feeder feeder) {
        boolean same = drawn.getText().equals(feeder.drawn()) && cue.getText().equals(feeder.cue());
        drawn.setText(feeder.drawn());
        cue.setText(feeder.cue());
        if (!stage.isShowing()) {
            stage.show();
        }
        if (!same) {
            fit();
        }
    }

    /// The words are read from across the room: as large as the window has room for.
    private void fit() {
        double high = stage.getScene().getHeight();
        for (double share = LARGEST; share > SMALLEST; share -= STEP) {
            double size = share * high;
            drawn.setStyle("-fx-font-size: " + size + "px;");
            cue.setStyle("-fx-font-size: " + size * (drawn.getText().isEmpty() ? 1 : BESIDE) + "px;");
            drawn.applyCss();
            cue.applyCss();
            if (height(drawn) + height(cue) <= ROOM * high) {
                return;
            }
        }
    }

    private static double height(Text words) {
        return words.getText().isEmpty() ? 0 : words.getLayoutBounds().getHeight();
    }

    void close() {
        stage.close();
    }
}
