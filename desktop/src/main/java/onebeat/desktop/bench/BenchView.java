package onebeat.desktop.bench;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.animation.PauseTransition;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.util.Duration;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Mastery;
import onebeat.core.exchange.Pairing;
import onebeat.core.film.FollowUps;
import onebeat.core.film.Learned;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.desktop.bench.BenchAction.ChooseDrill;
import onebeat.desktop.bench.BenchAction.Look;
import onebeat.desktop.bench.BenchEffect.SidePage;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.figures.FeetView;
import onebeat.desktop.figures.FigureView;
import onebeat.desktop.nodes.ChosenRows;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rope.RopeView;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// Draws the bench: the rope of what is typed, what stands below it, and what lies beside it.
final class BenchView extends GridPane {

    private static final Duration FRAME = Duration.millis(20);

    private final Consumer<BenchAction> dispatch;
    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final RopeView rope = new RopeView();
    private final SidePanel side;
    private final TempoCord tempo = new TempoCord();
    private final FigureView figures = new FigureView();
    private final FeetView feet = new FeetView();
    private final ChosenRows lines = new ChosenRows(2);
    private List<Drill> listed = List.of();
    private @Nullable Shown shown;
    private LineWatch.@Nullable Seen corner;

    /// The rope is drawn at once, what stands below it a frame later and the corner one after that, so that no key
    /// holds the window up for all of them.
    private final PauseTransition below = new PauseTransition(FRAME);

    private final PauseTransition besideLater = new PauseTransition(FRAME.multiply(2));

    /// What is shown.
    ///
    /// @param context what the line is held against
    /// @param typed the line as it stands in the call line now, which may be newer than the one last looked at
    record Shown(BenchState state, Camp camp, Context context, Learned learned, String typed) {

        Setting setting() {
            return state.setting(camp);
        }
    }

    /// @param failed told in a sentence where something that was asked for has no answer
    /// @param words a line in words; nothing where the shorthand comes first
    BenchView(Consumer<BenchAction> dispatch, Consumer<String> failed, UnaryOperator<String> words) {
        super(12, 12);
        this.dispatch = dispatch;
        this.side = new SidePanel(dispatch, failed, words);
        build();
        below.setOnFinished(_ -> showBelow());
        besideLater.setOnFinished(_ -> showSide());
        rope.onMarked(there -> dispatch.accept(new Look(there)));
    }

    private void build() {
        VBox ropePaper = new VBox(4, title, under, rope);
        ropePaper.getStyleClass().add("paper");
        VBox.setVgrow(rope, Priority.ALWAYS);
        VBox linesPaper = paper("bench.lines", lines.view());
        VBox feetPaper = paper("bench.feet", feet);
        VBox figurePaper = paper("bench.figures", figures);
        VBox tempoPaper = paper("bench.tempo", Nodes.scroll(tempo));
        add(ropePaper, 0, 0, 4, 1);
        add(linesPaper, 0, 1);
        add(feetPaper, 1, 1);
        add(figurePaper, 2, 1);
        add(tempoPaper, 3, 1);
        add(side, 4, 0, 1, 2);
        getColumnConstraints().setAll(column(19), column(19), column(19), column(17), column(26));
        getRowConstraints().setAll(row(ROPE_SHARE), row(100 - ROPE_SHARE));
        for (Region paper : List.of(ropePaper, linesPaper, feetPaper, figurePaper, tempoPaper, side)) {
            paper.setMinSize(0, 0);
        }
    }

    private static VBox paper(String title, Region content) {
        VBox paper = new VBox(4, Nodes.label(Texts.of(title), "heading"), content);
        paper.getStyleClass().add("paper");
        VBox.setVgrow(content, Priority.ALWAYS);
        return paper;
    }

    /// How much of the height the rope has; what stands below it has the rest.
    private static final double ROPE_SHARE = 62;

    private static RowConstraints row(double percent) {
        RowConstraints row = new RowConstraints();
        row.setPercentHeight(percent);
        return row;
    }

    private static ColumnConstraints column(double percent) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(percent);
        return column;
    }

    /// Shows this; the rope at once, the rest in the next frames.
    void render(Shown now) {
        if (shown != null && Objects.equals(shown.camp, now.camp) && shown.state.isSameButMark(now.state)) {
            shown = now;
            look(now);
            return;
        }
        if (shown == null || !shown.state.seen().equals(now.state.seen())) {
            corner = now.state.seen();
        }
        shown = now;
        showTitle();
        showLines(now);
        showRope();
        rope.mark(now.state.mark());
        below.play();
        besideLater.play();
    }

    /// Only the mark is elsewhere.
    private void look(Shown now) {
        rope.mark(now.state.mark());
        showFigures();
        showMark();
        side.at(now.state.mark().beat());
    }

    /// What was put off is shown now.
    void settle() {
        below.stop();
        besideLater.stop();
        showBelow();
        showSide();
    }

    private void showTitle() {
        if (shown == null) {
            return;
        }
        BenchState state = shown.state;
        title.setText(state.drill(shown.camp)
                .map(d -> state.isChanged(d) ? Texts.of("bench.changed", d.name()) : d.name())
                .orElse(Texts.of("bench.untitled")));
        String pairing = shown.setting().pairing() == Pairing.SAME ? "bench.same" : "bench.open";
        String ways = state.review()
                .filter(r -> r.played().ways().size() > 1)
                .map(r -> Texts.of(
                        "bench.way",
                        state.shownWay() + 1,
                        r.played().ways().size(),
                        r.played().ways().get(state.shownWay()).way().branch()))
                .orElse("");
        String turned = state.mirrored() ? Texts.of("bench.mirrored") : "";
        under.setText(Texts.of(pairing, shown.camp.across().name()) + turned + ways);
    }

    private void showLines(Shown now) {
        List<Drill> drills = List.copyOf(now.camp.drills().all());
        int chosen = now.state.drill(now.camp).map(drills::indexOf).orElse(-1);
        if (drills.isEmpty()) {
            lines.none(Texts.of("bench.lines.empty"));
        } else if (drills.equals(listed)) {
            lines.choose(chosen);
        } else {
            lines.lay(drills.size(), chosen, place -> row(drills.get(place)));
        }
        listed = drills;
    }

    private VBox row(Drill drill) {
        VBox row = new VBox(1, Nodes.label(drill.name(), "row-name"), Nodes.label(drill.line(), "row-line"));
        Nodes.row(row, Texts.of("line.spoken", drill.name(), drill.line()), false);
        row.setOnMousePressed(_ -> dispatch.accept(new ChooseDrill(drill.id())));
        return row;
    }

    private void showRope() {
        Shown now = shown;
        rope.show(
                now == null
                        ? null
                        : now.state
                                .review()
                                .map(r -> new RopeView.Picture(
                                        r,
                                        now.state.shownWay(),
                                        now.camp.card().athlete().name(),
                                        now.camp.across().name(),
                                        true))
                                .orElse(null));
    }

    private void showBelow() {
        if (shown != null) {
            tempo.show(shown.state.bpm(), shown.state.played().orElse(null));
            showFigures();
        }
    }

    private void showFigures() {
        if (shown != null) {
            double beat = shown.state.mark().beat();
            figures.show(shown.state.played().orElse(null), shown.setting(), beat);
            feet.show(shown.state.played().orElse(null), shown.setting(), beat);
        }
    }

    private void showSide() {
        if (corner != null) {
            side.show(corner);
            corner = null;
        }
        showMark();
        if (shown != null) {
            side.show(line(shown));
        }
    }

    private void showMark() {
        Shown now = shown;
        if (now != null) {
            side.show(
                    now.state.review().flatMap(r -> AtMark.at(r, now.state.shownWay(), now.state.mark(), now.learned)));
        }
    }

    private static SidePanel.Line line(Shown now) {
        return new SidePanel.Line(
                now.state.review(),
                now.state.shownWay(),
                now.typed,
                now.context,
                now.camp.partner(),
                now.state.odds(now.camp),
                () -> Mastery.of(now.camp),
                () -> FollowUps.of(now.camp.studied(), Who.PARTNER, now.camp.vocabulary()));
    }

    /// Turns to a page beside the rope, or back to the corner.
    ///
    /// @param typed the line as it stands now
    void turn(SidePage page, String typed) {
        if (shown != null) {
            shown = new Shown(shown.state, shown.camp, shown.context, shown.learned, typed);
            side.turnTo(page, line(shown));
        }
    }

    /// The line that a function key takes.
    Optional<String> lineOf(int functionKey) {
        settle();
        return side.line(functionKey);
    }

    /// Whether a line taken is a fix of the corner's.
    boolean takesFixes() {
        return side.isCorner();
    }

    void close() {
        below.stop();
        besideLater.stop();
        side.close();
    }
}
