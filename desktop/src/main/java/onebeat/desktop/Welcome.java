package onebeat.desktop;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import javafx.scene.text.TextFlow;
import javafx.stage.Stage;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.shell.CampChooser;
import onebeat.desktop.shell.CampFileForm;
import onebeat.desktop.text.Texts;

/// What is shown while no camp is open: what happened, what is safe, and what to do.
final class Welcome extends VBox {

    private final Runnable demo;
    private final Consumer<Path> open;
    private final Consumer<Path> create;

    Welcome(String sentence, Runnable demo, Consumer<Path> open, Consumer<Path> create) {
        super(18);
        this.demo = demo;
        this.open = open;
        this.create = create;
        setAlignment(Pos.CENTER);
        getStyleClass().add("welcome");
        TextFlow words = Nodes.flow(Nodes.text(sentence, "heading"));
        words.setTextAlignment(TextAlignment.CENTER);
        words.setMaxWidth(760);
        getChildren().setAll(Nodes.text("ONE BEAT", "floor-head"), words);
    }

    void listen(Stage stage) {
        Button openDemo = button("welcome.demo", demo);
        Button openOther = button("welcome.open", () -> choose(stage));
        Button makeNew = button("welcome.new", () -> make(stage));
        TextFlow caution = Nodes.flow(Nodes.text(Texts.of("caution.short"), "caution"));
        caution.setTextAlignment(TextAlignment.CENTER);
        caution.setMaxWidth(620);
        getChildren().addAll(openDemo, openOther, makeNew, caution);
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.D) {
                demo.run();
            } else if (e.getCode() == KeyCode.O) {
                choose(stage);
            } else if (e.getCode() == KeyCode.N) {
                make(stage);
            }
        });
        openDemo.requestFocus();
    }

    /// Shows what there is from before of the camp that could not be opened.
    void offer(CampFileForm copies) {
        getChildren().add(2, copies);
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Texts.of(key));
        button.setMinWidth(340);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private void choose(Stage stage) {
        CampChooser.toOpen(stage).ifPresent(open);
    }

    private void make(Stage stage) {
        CampChooser.toSave(stage, Path.of(""), "").map(CampChooser::ending).ifPresent(create);
    }
}
