package onebeat.desktop.film;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import onebeat.core.holding.Odds;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Texts;

/// A page of lines, each with the key that takes it to the bench.
abstract class LinesPage extends VBox {

    /// The key of the first line; the next ones follow it.
    private static final int FIRST_KEY = 2;

    private final VBox rows = new VBox(12);

    /// A line that can be taken to the bench.
    record Taken(String name, String line, Odds odds) {}

    private List<Taken> lines = List.of();

    /// @param key the texts `key.title` and `key.under` stand above
    LinesPage(String key) {
        super(6);
        getStyleClass().add("paper");
        Region scroll = Look.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .setAll(
                        Look.text(Texts.of(key + ".title"), "title"),
                        Look.flow(Look.text(Texts.of(key + ".under"), "soft")),
                        scroll);
    }

    final void fill(List<Taken> now, List<Node> nodes) {
        lines = List.copyOf(now);
        rows.getChildren().setAll(nodes);
    }

    /// The line of a function key.
    final Optional<Taken> line(int functionKey) {
        int at = functionKey - FIRST_KEY;
        return at >= 0 && at < lines.size() ? Optional.of(lines.get(at)) : Optional.empty();
    }

    /// A call line with its key before it.
    static Node keyed(int at, String line) {
        Text text = new Text(line);
        text.getStyleClass().setAll("mend");
        TextFlow flow = Look.flow(text);
        HBox.setHgrow(flow, Priority.ALWAYS);
        return new HBox(8, Look.key("F" + (FIRST_KEY + at)), flow);
    }

    static Node said(String words, String... styles) {
        return Look.flow(Look.text(words, styles));
    }
}
