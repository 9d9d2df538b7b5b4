package onebeat.desktop.book;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.book.OneBeatGap;
import onebeat.core.camp.Filling;
import onebeat.desktop.book.BookAction.Choose;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.nodes.PieceByPiece;
import onebeat.desktop.text.GapWords;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// Draws the book: one strand for each drill across the days, above them what is proposed.
final class BookView extends VBox {

    /// So many rows are there at once.
    private static final int FIRST_ROWS = 3;

    private final Consumer<BookAction> dispatch;
    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final VBox next = new VBox(3);
    private final VBox rows = new VBox(6);
    private final ScrollPane scroll = Nodes.scroll(rows);
    private @Nullable BookPicture shown;
    private @Nullable PieceByPiece following;

    BookView(Consumer<BookAction> dispatch) {
        super(10);
        this.dispatch = dispatch;
        getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        next.getStyleClass().add("next-session");
        getChildren().setAll(title, under, next, scroll, Nodes.flow(Nodes.text(Texts.of("caution.book"), "caution")));
    }

    void render(BookPicture picture) {
        boolean onlyChosen = shown != null && shown.at(picture.row()).equals(picture);
        if (!onlyChosen) {
            lay(picture);
        }
        shown = picture;
        choose();
    }

    private void lay(BookPicture picture) {
        title.setText(Texts.of("book.title", picture.camp().card().athlete().name()));
        String summed = Texts.of("book.under", picture.entries().size(), picture.judged(), picture.minutes());
        under.setText(heard(picture).map(words -> summed + " \u00b7 " + words).orElse(summed));
        rows.getChildren().clear();
        if (picture.entries().isEmpty()) {
            String key = picture.search().isBlank() ? "book.empty" : "book.notfound";
            rows.getChildren().add(Nodes.flow(Nodes.text(Texts.of(key, picture.search()), "soft")));
        }
        layRows(picture);
        showNext(picture);
    }

    /// The first rows up to the chosen one at once, the others behind them.
    private void layRows(BookPicture picture) {
        if (following != null) {
            following.stop();
        }
        int count = picture.entries().size();
        int first = Math.min(count, Math.max(FIRST_ROWS, picture.row() + 1));
        IntStream.range(0, first).forEach(place -> rows.getChildren().add(row(picture, place)));
        following = PieceByPiece.lay(IntStream.range(first, count)
                .<Runnable>mapToObj(place -> () -> {
                    rows.getChildren().add(row(picture, place));
                    choose();
                })
                .toList());
    }

    /// The chosen row is marked, and in sight.
    private void choose() {
        if (shown == null) {
            return;
        }
        int chosen = shown.row();
        int last = rows.getChildren().size() - 1;
        for (int place = 0; place <= last; place++) {
            rows.getChildren().get(place).pseudoClassStateChanged(Nodes.CHOSEN, place == chosen);
        }
        scroll.setVvalue(last < 1 ? 0 : (double) chosen / last);
    }

    /// How long after the feed answers were heard over all lines, on the last day that somebody listened.
    private static Optional<String> heard(BookPicture picture) {
        SortedMap<LocalDate, OneBeatGap> days = OneBeatGap.byDay(picture.camp().repetitionsOf(""));
        return days.isEmpty()
                ? Optional.empty()
                : Optional.of(GapWords.of(
                        "book.heard.all", days.lastKey(), days.lastEntry().getValue()));
    }

    private Node row(BookPicture picture, int place) {
        BookRow row = new BookRow(picture, place);
        row.setOnMousePressed(_ -> dispatch.accept(new Choose(place)));
        return row;
    }

    /// What is proposed for the next session, each line with its reason.
    private void showNext(BookPicture picture) {
        List<Node> nodes = new ArrayList<>();
        String head = picture.others()
                ? Texts.of("book.next.other", picture.camp().card().athlete().name())
                : Texts.of("book.next");
        nodes.add(Nodes.text(head, "small", "strong"));
        for (Filling.Choice choice : picture.next()) {
            nodes.add(Nodes.flow(
                    Nodes.text(choice.drill().name() + "  ", "small", "strong"), Nodes.text(choice.reason(), "soft")));
        }
        names(nodes, "book.solid", picture.solid());
        names(nodes, "book.fresh", picture.fresh());
        next.getChildren().setAll(nodes);
        next.setVisible(nodes.size() > 1 && picture.search().isBlank());
        next.setManaged(next.isVisible());
    }

    private static void names(List<Node> nodes, String key, List<String> names) {
        if (!names.isEmpty()) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of(key, String.join(", ", names)), "soft")));
        }
    }
}
