package onebeat.desktop.bench;

import javafx.scene.layout.Region;
import onebeat.desktop.nodes.ListPaper;

/// A page of the bench that is a list.
abstract class ListPage extends ListPaper implements Page {

    ListPage(String key, double spacing) {
        super(key, spacing);
    }

    @Override
    public Region view() {
        return this;
    }
}
