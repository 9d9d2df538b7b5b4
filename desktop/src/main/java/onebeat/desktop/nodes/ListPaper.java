package onebeat.desktop.nodes;

import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import onebeat.desktop.text.Texts;

/// A paper with a title, a word on what it is, and rows under it that scroll.
public abstract class ListPaper extends VBox {

    private final UnaryOperator<String> words;
    private final VBox rows;
    private final ScrollPane scroll;

    /// @param key the texts `key.title` and `key.under` stand above
    /// @param words a line in words; nothing where the shorthand comes first
    /// @param spacing between two rows, in pixels
    @SuppressWarnings("this-escape") // What a box of this kind is given here it is given once, before anybody sees it.
    protected ListPaper(String key, double spacing, UnaryOperator<String> words) {
        super(8);
        this.words = words;
        rows = new VBox(spacing);
        scroll = Nodes.scroll(rows);
        getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .setAll(
                        Nodes.text(Texts.of(key + ".title"), "title"),
                        Nodes.flow(Nodes.text(Texts.of(key + ".under"), "soft")),
                        scroll);
    }

    protected final void rows(List<Node> nodes) {
        rows.getChildren().setAll(nodes);
    }

    /// Brings a row on screen, into its middle where there is room above and below.
    protected final void bring(Node row) {
        double over = rows.getHeight() - scroll.getViewportBounds().getHeight();
        if (over > 0) {
            double above = row.getBoundsInParent().getCenterY()
                    - scroll.getViewportBounds().getHeight() / 2;
            scroll.setVvalue(Math.clamp(above / over, 0, 1));
        }
    }

    /// A call line.
    protected static TextFlow line(String line) {
        Text text = new Text(line);
        text.getStyleClass().setAll("mend");
        TextFlow flow = Nodes.flow(text);
        HBox.setHgrow(flow, Priority.ALWAYS);
        return flow;
    }

    /// The last function key that takes a line; F10 opens the menu.
    private static final int LAST_KEY = 9;

    /// A call line with the function key before it that takes it: in words with its shorthand small under it, where the
    /// coach wants words first.
    protected final HBox keyed(int functionKey, String line) {
        String said = words.apply(line);
        HBox row = new HBox(8, said.isEmpty() ? line(line) : inWords(said, line));
        if (functionKey <= LAST_KEY) {
            row.getChildren().addFirst(Nodes.key("F" + functionKey));
            Nodes.givesKey(row, "F" + functionKey);
        }
        return row;
    }

    /// A line in words where the coach wants words first, else as it is written.
    protected final String inWords(String line) {
        String said = words.apply(line);
        return said.isEmpty() ? line : said;
    }

    private static VBox inWords(String said, String line) {
        VBox box = new VBox(
                1, Nodes.flow(Nodes.text(said, "small", "strong")), Nodes.flow(Nodes.text(line, "mono-tight")));
        HBox.setHgrow(box, Priority.ALWAYS);
        return box;
    }
}
