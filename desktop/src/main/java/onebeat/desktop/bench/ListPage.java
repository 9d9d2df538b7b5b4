package onebeat.desktop.bench;

import java.util.function.UnaryOperator;
import javafx.scene.layout.Region;
import onebeat.desktop.nodes.ListPaper;

/// A page of the bench that is a list.
abstract class ListPage extends ListPaper implements Page {

    ListPage(String key, double spacing, UnaryOperator<String> words) {
        super(key, spacing, words);
    }

    @Override
    public Region view() {
        return this;
    }
}
