package onebeat.desktop.bench;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Texts;

/// A page with a title, a word on what it is, and rows under it.
abstract class ListPage extends VBox implements Page {

    private final VBox rows;

    /// @param key the texts `key.title` and `key.under` stand above
    ListPage(String key, double spacing) {
        super(10);
        rows = new VBox(spacing);
        getStyleClass().add("paper");
        Region scroll = Look.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .setAll(
                        Look.text(Texts.of(key + ".title"), "title"),
                        Look.flow(Look.text(Texts.of(key + ".under"), "soft")),
                        scroll);
    }

    @Override
    public Region view() {
        return this;
    }

    final void rows(List<Node> nodes) {
        rows.getChildren().setAll(nodes);
    }
}
