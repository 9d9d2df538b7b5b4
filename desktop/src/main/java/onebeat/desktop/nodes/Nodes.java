package onebeat.desktop.nodes;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import javafx.util.StringConverter;

/// Small pieces that all stations are made of.
public final class Nodes {

    /// The pseudo-class of a row that is chosen.
    public static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private Nodes() {}

    /// Gives a scene the program's own look.
    public static void dress(Scene scene) {
        dress(scene, 100);
    }

    /// The same with letters of another size.
    ///
    /// @param percent of the usual size, from 100
    public static void dress(Scene scene, int percent) {
        scene.getStylesheets().setAll(percent == 100 ? usual() : LargerLetters.of(usual(), percent));
    }

    static String usual() {
        return String.valueOf(Nodes.class.getResource("/onebeat/desktop/one-beat.css"));
    }

    /// A text with these style classes.
    public static Text text(String words, String... styles) {
        Text text = new Text(words);
        text.getStyleClass().setAll("text");
        text.getStyleClass().addAll(styles);
        return text;
    }

    /// A text that breaks into lines.
    public static TextFlow flow(Text... texts) {
        TextFlow flow = new TextFlow(texts);
        flow.setMinHeight(Region.USE_PREF_SIZE);
        return flow;
    }

    /// A row of words that gives way with three dots where the window is narrow.
    public static Label label(String style) {
        Label label = new Label();
        label.getStyleClass().setAll("label", style);
        return label;
    }

    /// The same, with these words.
    public static Label label(String words, String style) {
        Label label = label(style);
        label.setText(words);
        label.setMinWidth(0);
        return label;
    }

    /// The property of a node that does with the mouse what a key does: the key, as it is written.
    public static final String GIVES_KEY = "gives-key";

    /// A click on the node does what a key does.
    public static <T extends Node> T givesKey(T node, String key) {
        node.getProperties().put(GIVES_KEY, key);
        return node;
    }

    /// Things beside each other, each in its share of the width, so that those of all rows stand under each other.
    ///
    /// @param percents of the width, one for each thing
    public static GridPane columns(List<Double> percents, Node... things) {
        GridPane row = new GridPane(12, 0);
        for (double percent : percents) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(percent);
            row.getColumnConstraints().add(column);
        }
        row.addRow(0, things);
        return row;
    }

    /// A small cap with a key's name.
    public static Label key(String name) {
        Label label = new Label(name);
        label.getStyleClass().setAll("key");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /// The button that a form is filled in for: Enter presses it from any field that does not need Enter itself.
    public static Button mainButton(String words, Runnable does) {
        Button button = new Button(words);
        button.setDefaultButton(true);
        button.setOnAction(_ -> does.run());
        return button;
    }

    /// A choice of a few things, each by its own words.
    public static <T> ChoiceBox<T> choices(T[] things, Function<T, String> words) {
        ChoiceBox<T> box = new ChoiceBox<>();
        box.getItems().setAll(things);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T thing) {
                return thing == null ? "" : words.apply(thing);
            }

            @Override
            public T fromString(String written) {
                return Arrays.stream(things)
                        .filter(t -> words.apply(t).equals(written))
                        .findFirst()
                        .orElseThrow();
            }
        });
        return box;
    }

    /// Makes a row of a list of a node: it says what it is to a screen reader, and whether it is the chosen one.
    public static void row(Node node, String spoken, boolean chosen) {
        node.getStyleClass().setAll("row");
        node.pseudoClassStateChanged(CHOSEN, chosen);
        node.setAccessibleRole(AccessibleRole.LIST_ITEM);
        node.setAccessibleText(spoken);
    }

    /// The node can be pulled elsewhere with the mouse; what is pulled is told by these words.
    public static void pulled(Node node, String what) {
        node.setOnDragDetected(e -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(what);
            node.startDragAndDrop(TransferMode.COPY_OR_MOVE).setContent(content);
            e.consume();
        });
    }

    /// Things beside each other on one line, for example a word and its field.
    public static HBox beside(double gap, Node... things) {
        HBox row = new HBox(gap, things);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /// Takes up the room between two things in a row.
    public static Region spring() {
        Region spring = new Region();
        HBox.setHgrow(spring, Priority.ALWAYS);
        return spring;
    }

    /// A quiet scroll pane that is as wide as it may be.
    public static ScrollPane scroll(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("plain-scroll");
        scroll.setFocusTraversable(false);
        return scroll;
    }

    /// The field goes on where it was left. Without this all of it is selected whenever the window gets the
    /// keyboard back, and the next letter would take its place.
    public static void goesOn(TextField field) {
        field.focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                Platform.runLater(() -> {
                    if (field.getSelection().getLength() == field.getLength()) {
                        field.end();
                    }
                });
            }
        });
    }
}
