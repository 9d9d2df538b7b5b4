package onebeat.desktop.rounds;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Turns;
import onebeat.core.rounds.Scheme;
import onebeat.core.rounds.Session;
import onebeat.core.rounds.Template;
import onebeat.desktop.nodes.ChosenRows;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rounds.RoundsAction.ChooseLine;
import onebeat.desktop.rounds.RoundsAction.ChooseRound;
import onebeat.desktop.rounds.RoundsAction.Do;
import onebeat.desktop.rounds.RoundsAction.DropLine;
import onebeat.desktop.rounds.RoundsAction.DropRound;
import onebeat.desktop.text.Texts;

/// Draws Rounds: the hour as one rope, the camp's lines, the chosen round, what tonight costs.
final class RoundsView extends VBox {

    private final Consumer<RoundsAction> dispatch;
    private final UnaryOperator<String> words;
    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final HourRope hour;
    private final ChosenRows lines = new ChosenRows(2);
    private List<SaidLine> shown = List.of();
    private final RoundPaper round = new RoundPaper();
    private final CostPaper cost = new CostPaper();

    /// A line of the camp as a row tells it.
    private record SaidLine(Drill drill, String said) {}

    /// @param words a line in words; nothing where the shorthand comes first
    RoundsView(Consumer<RoundsAction> dispatch, UnaryOperator<String> words) {
        super(12);
        this.words = words;
        this.dispatch = dispatch;
        hour = new HourRope(new HourRope.Hands(
                place -> dispatch.accept(new ChooseRound(place)),
                (from, to) -> dispatch.accept(new DropRound(from, to)),
                place -> dispatch.accept(new DropLine(place))));
        VBox top = new VBox(2, title, Nodes.flow(under), hour);
        top.getStyleClass().add("paper");
        VBox left = paper("rounds.lines", lines.view());
        VBox middle = paper("rounds.round", filling(round));
        VBox right = paper("rounds.cost", filling(cost));
        VBox.setVgrow(lines.view(), Priority.ALWAYS);
        HBox low = new HBox(12, left, middle, right);
        left.prefWidthProperty().bind(low.widthProperty().multiply(0.38));
        middle.prefWidthProperty().bind(low.widthProperty().multiply(0.36));
        right.prefWidthProperty().bind(low.widthProperty().multiply(0.26));
        low.setMinHeight(0);
        VBox.setVgrow(low, Priority.ALWAYS);
        getChildren().setAll(top, low);
    }

    /// Fills the room there is, and scrolls where it needs more.
    private static ScrollPane filling(Region content) {
        ScrollPane scroll = Nodes.scroll(content);
        scroll.setFitToHeight(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        return scroll;
    }

    private static VBox paper(String title, Node content) {
        VBox paper = new VBox(8, Nodes.label(Texts.of(title), "heading"), content);
        paper.getStyleClass().add("paper");
        paper.setMinSize(0, 0);
        return paper;
    }

    void render(RoundsPicture picture) {
        Optional<Session> tonight = picture.session();
        title.setText(tonight.map(Session::name).orElse(Texts.of("rounds.none")));
        under.setText(tonight.map(s -> evening(picture, s)).orElse(Texts.of("rounds.none.under")));
        hour.show(
                picture.schedule(),
                picture.round(),
                plan -> picture.turns() ? firstName(Turns.worker(picture.camp(), plan)) : "");
        showLines(picture);
        round.show(picture);
        cost.show(picture);
    }

    /// What the scheme's rule book has otherwise than others, and that the commission says what holds.
    private static String differences(Scheme scheme) {
        Scheme.Differences differences = scheme.differences();
        return Texts.of(
                "rounds.differs",
                scheme.rounds(),
                Texts.of("rounds.allowed." + differences.downElbow()),
                Texts.of("rounds.allowed." + differences.jointKick()),
                Texts.of("rounds.allowed." + differences.headKnee()),
                differences.clinch());
    }

    private static String evening(RoundsPicture picture, Session s) {
        int over = picture.camp().roundsOf(s.id()).size() - Session.MOST_LAID_OUT;
        return Texts.of(
                        "rounds.scheme",
                        s.scheme().name(),
                        Texts.clock(s.scheme().workS()),
                        Texts.clock(s.scheme().restS()))
                + Texts.of("rounds.source", s.scheme().source())
                + differences(s.scheme())
                + Template.byId(s.template())
                        .map(t -> Texts.of("rounds.template", t.name()))
                        .orElse("")
                + (over > 0 ? Texts.of("rounds.leftout", over) : "")
                + (s.minutes() == 0 ? "" : Texts.of("rounds.minutes", s.minutes(), s.room()));
    }

    private static String firstName(String name) {
        return name.split(" ", -1)[0];
    }

    private void showLines(RoundsPicture picture) {
        List<SaidLine> said = picture.lines().stream()
                .map(drill -> new SaidLine(drill, words.apply(drill.line())))
                .toList();
        if (said.isEmpty()) {
            lines.none(Texts.of("bench.lines.empty"));
        } else if (said.equals(shown)) {
            lines.choose(picture.line());
        } else {
            lines.lay(said.size(), picture.line(), place -> row(said.get(place), place));
        }
        shown = said;
    }

    private VBox row(SaidLine line, int place) {
        Drill drill = line.drill;
        VBox row = new VBox(1, Nodes.label(drill.name(), "row-name"));
        if (!line.said.isEmpty()) {
            row.getChildren().add(Nodes.flow(Nodes.text(line.said, "small")));
        }
        row.getChildren().add(Nodes.label(drill.line(), "row-line"));
        Nodes.row(row, Texts.of("line.spoken", drill.name(), drill.line()), false);
        row.setOnMousePressed(_ -> dispatch.accept(new ChooseLine(place)));
        row.setOnMouseClicked(e -> {
            if (e.getClickCount() > 1) {
                dispatch.accept(Do.ADD);
            }
        });
        Nodes.pulled(row, "line:" + place);
        return row;
    }
}
