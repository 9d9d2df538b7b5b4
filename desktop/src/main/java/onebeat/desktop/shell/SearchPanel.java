package onebeat.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.shell.SearchResults.Result;
import onebeat.desktop.text.Texts;

/// What was found for the words behind `?`, over the call line. Up and down choose, Enter or a click does it.
final class SearchPanel extends VBox {

    private static final double KIND_WIDTH = 90;

    private final Consumer<Result> take;
    private List<Result> results = List.of();
    private int chosen;

    SearchPanel(Consumer<Result> take) {
        super(1);
        this.take = take;
        setId("search");
        getStyleClass().addAll("paper", "preview");
        setMaxHeight(USE_PREF_SIZE);
        hide();
    }

    boolean isOpen() {
        return isVisible();
    }

    void hide() {
        setVisible(false);
        setManaged(false);
        results = List.of();
    }

    void show(List<Result> found) {
        results = List.copyOf(found);
        chosen = 0;
        setVisible(true);
        setManaged(true);
        draw();
    }

    void choose(int step) {
        if (!results.isEmpty()) {
            chosen = Math.floorMod(chosen + step, results.size());
            draw();
        }
    }

    Optional<Result> chosen() {
        return results.stream().skip(chosen).findFirst();
    }

    private void draw() {
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < results.size(); i++) {
            Result result = results.get(i);
            Text kind = Nodes.text(result.kind(), "soft");
            HBox kindBox = new HBox(kind);
            kindBox.setMinWidth(KIND_WIDTH);
            HBox row = Nodes.beside(10, kindBox, Nodes.text(result.words(), "small", "strong"), Nodes.spring());
            if (!result.aside().isEmpty()) {
                row.getChildren().add(Nodes.text(Texts.shortened(result.aside(), 48), "mono-tight"));
            }
            Nodes.row(row, result.kind() + ": " + result.words(), i == chosen);
            row.setOnMouseClicked(_ -> take.accept(result));
            rows.add(row);
        }
        if (rows.isEmpty()) {
            rows.add(Nodes.flow(Nodes.text(Texts.of("search.nothing"), "soft")));
        }
        rows.add(Nodes.flow(Nodes.text(Texts.of("search.how"), "soft")));
        getChildren().setAll(rows);
    }
}
