package onebeat.desktop.bench;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import onebeat.core.review.Severity;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// One thing that the corner says: its shape, its head, the reason, and the mend with its key. A row is filled anew
/// rather than made anew, since it changes with every key that is typed.
final class CornerRow extends HBox {

    /// How a row is marked. A block for stop, a wedge for warn, a ring for note, a disc for good: told apart without
    /// colour.
    enum Mark {
        STOP,
        WARN,
        NOTE,
        GOOD;

        static Mark of(Severity severity) {
            return switch (severity) {
                case STOP -> STOP;
                case WARN -> WARN;
                case NOTE -> NOTE;
            };
        }

        private Shape shape() {
            Shape shape = switch (this) {
                case STOP -> new Rectangle(14, 14);
                case WARN -> new Polygon(0, 13, 15, 13, 7.5, 0);
                case NOTE -> new Circle(6);
                case GOOD -> new Circle(7);
            };
            String word = name().toLowerCase(Locale.ROOT);
            shape.getStyleClass().setAll("mark-" + word);
            shape.setAccessibleText(Texts.of("severity." + word));
            return shape;
        }
    }

    private final Map<Mark, Shape> marks = new EnumMap<>(Mark.class);
    private final Text head = Nodes.text("", "strong");
    private final Text why = Nodes.text("", "small");
    private final Label key = Nodes.key("");
    private final Text mended = new Text();
    private final HBox mend;

    CornerRow() {
        super(10);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        StackPane holder = new StackPane();
        for (Mark mark : Mark.values()) {
            marks.put(mark, mark.shape());
        }
        holder.getChildren().setAll(marks.values());
        holder.setAlignment(Pos.TOP_CENTER);
        holder.setMinWidth(20);
        holder.setPadding(new Insets(3, 0, 0, 0));
        mended.getStyleClass().setAll("mend");
        TextFlow line = Nodes.flow(mended);
        HBox.setHgrow(line, Priority.ALWAYS);
        mend = new HBox(8, key, line);
        mend.setAlignment(Pos.TOP_LEFT);
        VBox words = new VBox(3, Nodes.flow(head), Nodes.flow(why), mend);
        HBox.setHgrow(words, Priority.ALWAYS);
        getChildren().setAll(holder, words);
    }

    /// @param keyName the key that takes the mend; empty where there is none
    CornerRow fill(Mark mark, String title, String reason, String keyName, String mendedLine) {
        marks.forEach((m, shape) -> shape.setVisible(m == mark));
        head.setText(title);
        why.setText(reason);
        key.setText(keyName);
        mended.setText(mendedLine);
        mend.setVisible(!keyName.isEmpty());
        mend.setManaged(!keyName.isEmpty());
        Nodes.givesKey(mend, keyName);
        setAccessibleText(Texts.of(
                keyName.isEmpty() ? "corner.spoken" : "corner.spoken.mend",
                Texts.of("severity." + mark.name().toLowerCase(Locale.ROOT)),
                title,
                reason,
                keyName,
                mendedLine));
        setOnMousePressed(null);
        return this;
    }

    /// @param action done where the row is pressed; a press of the mend takes the mend
    void pressed(Runnable action) {
        setOnMousePressed(_ -> action.run());
    }
}
