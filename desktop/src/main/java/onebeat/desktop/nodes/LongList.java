package onebeat.desktop.nodes;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/// Rows that scroll, of which only those on screen are made: a list of a hundred opens as fast as one of ten. The
/// arrow keys go from row to row.
///
/// @param <T> what a row is about
public final class LongList<T> extends ListView<T> {

    /// @param spoken a row in words, for a screen reader
    /// @param drawn a row as it is seen
    public LongList(List<T> rows, Function<T, String> spoken, Function<T, Node> drawn) {
        getStyleClass().setAll("long-list");
        setCellFactory(_ -> new Row<>(spoken, drawn));
        getItems().setAll(rows);
    }

    /// What Enter and another key do with the row that is chosen.
    public void onKey(KeyCode key, Consumer<T> done) {
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            T row = getSelectionModel().getSelectedItem();
            if (e.getCode() == key && row != null) {
                done.accept(row);
                e.consume();
            }
        });
    }

    private static final class Row<T> extends ListCell<T> {

        private final Function<T, String> spoken;
        private final Function<T, Node> drawn;

        private Row(Function<T, String> spoken, Function<T, Node> drawn) {
            this.spoken = spoken;
            this.drawn = drawn;
            // As wide as the list and no wider, so that it never scrolls sideways.
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(T item, boolean empty) {
            super.updateItem(item, empty);
            boolean nothing = empty || item == null;
            setGraphic(nothing ? null : drawn.apply(item));
            setAccessibleText(nothing ? "" : spoken.apply(item));
        }
    }
}
