package onebeat.desktop.nodes;

import java.util.function.IntFunction;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/// Rows one above the other, of which one is chosen and in sight. The first are there at once, the others follow frame
/// by frame, so that a long list does not hold the interface up. Another row is chosen without drawing any.
public final class ChosenRows {

    /// So many rows are there at once.
    private static final int AT_ONCE = 3;

    private final VBox rows;
    private final ScrollPane scroll;
    private int chosen;
    private @Nullable PieceByPiece following;

    /// @param between the room between two rows, in pixels
    public ChosenRows(double between) {
        rows = new VBox(between);
        scroll = Nodes.scroll(rows);
    }

    /// What is put on a page.
    public ScrollPane view() {
        return scroll;
    }

    /// Shows other rows in place of those before: the first up to the chosen one at once, the others behind them.
    ///
    /// @param row draws a row, from 0
    public void lay(int count, int chosen, IntFunction<Node> row) {
        if (following != null) {
            following.stop();
        }
        rows.getChildren().clear();
        int first = Math.min(count, Math.max(AT_ONCE, chosen + 1));
        IntStream.range(0, first).forEach(place -> rows.getChildren().add(row.apply(place)));
        this.chosen = chosen;
        mark();
        following = PieceByPiece.lay(IntStream.range(first, count)
                .<Runnable>mapToObj(place -> () -> {
                    rows.getChildren().add(row.apply(place));
                    mark();
                })
                .toList());
    }

    /// Shows that there are no rows.
    public void none(String why) {
        lay(1, -1, _ -> Nodes.flow(Nodes.text(why, "soft")));
    }

    /// Marks another row and brings it into sight; where it is marked already, what is in sight stays.
    ///
    /// @param row from 0
    public void choose(int row) {
        if (row != chosen) {
            chosen = row;
            mark();
        }
    }

    private void mark() {
        int last = rows.getChildren().size() - 1;
        for (int place = 0; place <= last; place++) {
            rows.getChildren().get(place).pseudoClassStateChanged(Nodes.CHOSEN, place == chosen);
        }
        scroll.setVvalue(last < 1 ? 0 : Math.clamp((double) chosen / last, 0, 1));
    }
}
