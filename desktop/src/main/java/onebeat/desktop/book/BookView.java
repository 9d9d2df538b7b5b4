package onebeat.desktop.book;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.book.OneBeatGap;
import onebeat.core.camp.Filling;
import onebeat.desktop.book.BookAction.Choose;
import onebeat.desktop.nodes.ChosenRows;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.GapWords;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// Draws the book: one strand for each drill across the days, above them what is proposed.
final class BookView extends VBox {

    private final Consumer<BookAction> dispatch;
    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final VBox next = new VBox(3);
    private final ChosenRows rows = new ChosenRows(6);
    private @Nullable BookPicture shown;

    BookView(Consumer<BookAction> dispatch) {
        super(10);
        this.dispatch = dispatch;
        getStyleClass().add("paper");
        VBox.setVgrow(rows.view(), Priority.ALWAYS);
        next.getStyleClass().add("next-session");
        getChildren()
                .setAll(title, under, next, rows.view(), Nodes.flow(Nodes.text(Texts.of("caution.book"), "caution")));
    }

    void render(BookPicture picture) {
        boolean onlyChosen = shown != null && shown.at(picture.row()).equals(picture);
        if (onlyChosen) {
            rows.choose(picture.row());
        } else {
            lay(picture);
        }
        shown = picture;
    }

    private void lay(BookPicture picture) {
        title.setText(Texts.of("book.title", picture.camp().card().athlete().name()));
        String summed = Texts.of("book.under", picture.entries().size(), picture.judged(), picture.minutes());
        under.setText(heard(picture).map(words -> summed + " \u00b7 " + words).orElse(summed));
        if (picture.entries().isEmpty()) {
            rows.none(Texts.of(picture.search().isBlank() ? "book.empty" : "book.notfound", picture.search()));
        } else {
            rows.lay(picture.entries().size(), picture.row(), place -> row(picture, place));
        }
        showNext(picture);
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
