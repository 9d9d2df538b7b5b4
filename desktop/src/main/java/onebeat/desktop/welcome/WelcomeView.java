package onebeat.desktop.welcome;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import javafx.scene.text.TextFlow;
import onebeat.desktop.app.StationName;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What is shown while no camp is open: what happened, the five stations in a sentence each, and what to do.
public final class WelcomeView extends StackPane {

    private static final double WIDE = 820;

    private final VBox column = new VBox(16);
    private final Deeds deeds;
    private final List<Path> recent;
    private final Button demo;
    private Optional<Region> form = Optional.empty();

    /// What can be done here.
    public interface Deeds {
        void demo();

        void walk();

        void choose();

        void begin();

        void open(Path camp);
    }

    /// @param sentence what happened; empty on a first start
    /// @param recent the camps that were open before, the last first
    public WelcomeView(String sentence, List<Path> recent, Deeds deeds) {
        this.deeds = deeds;
        this.recent = recent;
        this.demo = button("welcome.demo", deeds::demo);
        getStyleClass().add("welcome");
        column.setAlignment(Pos.CENTER);
        ScrollPane scroll = Nodes.scroll(column);
        scroll.setFitToHeight(true);
        getChildren().setAll(scroll);
        column.getChildren().add(Nodes.text("ONE BEAT", "floor-head"));
        if (!sentence.isEmpty()) {
            column.getChildren().add(centred(sentence, "heading"));
        }
        column.getChildren().addAll(centred(Texts.of("welcome.first"), "heading"), stations(), buttons());
        if (!recent.isEmpty()) {
            column.getChildren().add(before());
        }
        column.getChildren().add(centred(Texts.of("caution.short"), "caution"));
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
    }

    private static TextFlow centred(String words, String style) {
        TextFlow flow = Nodes.flow(Nodes.text(words, style));
        flow.setTextAlignment(TextAlignment.CENTER);
        flow.setMaxWidth(WIDE);
        return flow;
    }

    /// The five stations, each in a sentence.
    private static GridPane stations() {
        GridPane grid = new GridPane(18, 6);
        grid.setAlignment(Pos.CENTER);
        for (StationName name : StationName.path()) {
            grid.addRow(
                    name.number(),
                    Nodes.text(name.number() + "  " + Texts.of(name.key()), "strong"),
                    Nodes.text(Texts.of("welcome." + name), "small"));
        }
        return grid;
    }

    private HBox buttons() {
        HBox box = new HBox(
                12,
                demo,
                button("welcome.walk", deeds::walk),
                button("welcome.new", deeds::begin),
                button("welcome.open", deeds::choose));
        box.setAlignment(Pos.CENTER);
        return box;
    }

    private VBox before() {
        VBox box = new VBox(4, Nodes.text(Texts.of("menu.recent"), "soft"));
        box.setAlignment(Pos.CENTER);
        for (Path path : recent) {
            Button button = new Button(path.toString());
            button.setMnemonicParsing(false);
            button.setOnAction(_ -> deeds.open(path));
            box.getChildren().add(button);
        }
        return box;
    }

    private static Button button(String key, Runnable action) {
        Button button = new Button(Texts.of(key));
        button.setId(key);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private void pressed(KeyEvent key) {
        if (form.isPresent()) {
            if (key.getCode() == KeyCode.ESCAPE) {
                leave();
            }
            return;
        }
        // The letter is done with before a form opens: it is not typed into its first field.
        key.consume();
        Platform.runLater(() -> {
            switch (key.getText()) {
                case "d" -> deeds.demo();
                case "w" -> deeds.walk();
                case "n" -> deeds.begin();
                case "o" -> deeds.choose();
                default -> {
                    // Nothing is meant by it here.
                }
            }
        });
    }

    /// Shows what there is from before of the camp that could not be opened.
    public void offer(Region copies) {
        column.getChildren().add(2, copies);
    }

    /// Lays a form over the page. The letter that opened it has been typed before it is there.
    public void lay(Region opened) {
        leave();
        form = Optional.of(opened);
        getChildren().add(opened);
        opened.applyCss();
    }

    private void leave() {
        form.ifPresent(getChildren()::remove);
        form = Optional.empty();
    }

    /// The first button takes the keyboard. The page is on the scene by now and was perhaps never shown: what scrolls
    /// has its column only from its style on.
    public void begin() {
        applyCss();
        demo.requestFocus();
    }
}
