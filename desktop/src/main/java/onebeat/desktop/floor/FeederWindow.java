package onebeat.desktop.floor;

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

    private final Stage stage = new Stage();
    private final Text drawn = Nodes.text("", "feeder-drawn");
    private final Text cue = Nodes.text("", "feeder-cue");

    /// @param coach where the keys go that are pressed here: they stay the coach's
    FeederWindow(Scene coach) {
        VBox paper = new VBox(18, Nodes.text(Texts.of("floor.feeder"), "floor-say"), drawn, cue);
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
        drawn.wrappingWidthProperty().bind(scene.widthProperty().subtract(60));
        cue.wrappingWidthProperty().bind(scene.widthProperty().subtract(60));
    }

    void show(Feeder feeder) {
        drawn.setText(feeder.drawn());
        cue.setText(feeder.cue());
        if (!stage.isShowing()) {
            stage.show();
        }
    }

    void close() {
        stage.close();
    }
}
