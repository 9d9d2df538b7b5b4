package onebeat.desktop.weeks;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanProblems;
import onebeat.core.plan.SolvedPlan;
import onebeat.desktop.app.Situation;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import onebeat.desktop.weeks.WeeksState.Offer;

/// Draws the camp's weeks: the cord with its strands, the chosen day beside it, what changes under it.
final class WeeksView extends VBox {

    private static final double DAY_SHARE = 0.29;
    private static final double PERCENT = 100;

    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final WeeksRope rope;
    private final DayPaper day = new DayPaper();
    private final MovesPaper moves = new MovesPaper();
    private final DonePaper done = new DonePaper();

    WeeksView(Consumer<WeeksAction> dispatch) {
        super(10);
        rope = new WeeksRope(dispatch);
        ScrollPane strands = Nodes.scroll(rope);
        strands.setFitToWidth(true);
        VBox.setVgrow(strands, Priority.ALWAYS);
        VBox left = new VBox(6, title, Nodes.flow(under), strands);
        left.getStyleClass().add("paper");
        left.setMinSize(0, 0);
        ScrollPane scroll = Nodes.scroll(new VBox(14, moves, day, done));
        scroll.setFitToWidth(true);
        VBox right = new VBox(scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        right.getStyleClass().add("paper");
        right.setMinSize(0, 0);
        HBox both = new HBox(12, left, right);
        right.prefWidthProperty().bind(both.widthProperty().multiply(DAY_SHARE));
        right.minWidthProperty().bind(right.prefWidthProperty());
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox.setVgrow(both, Priority.ALWAYS);
        both.setMinHeight(0);
        getChildren().setAll(both, Nodes.flow(Nodes.text(Texts.of("weeks.caution"), "caution")));
    }

    void render(Situation<WeeksState> here) {
        WeeksState state = here.state();
        title.setText(Texts.of("weeks.title"));
        Optional<PlanProblem> problem = state.problem();
        if (problem.isEmpty()) {
            under.setText(Texts.of("weeks.wait"));
            return;
        }
        if (problem.get().days().isEmpty()) {
            under.setText(Texts.of("weeks.over"));
            return;
        }
        String most = problem.get().days().size() < PlanProblems.MOST_DAYS
                ? ""
                : Texts.of("weeks.most", PlanProblems.MOST_DAYS);
        under.setText(told(state) + most);
        WeeksPicture picture = WeeksPicture.of(here, problem.get());
        rope.show(picture);
        day.show(picture);
        moves.show(picture);
        done.show(picture);
    }

    private static String told(WeeksState state) {
        Optional<Offer> offer = state.offer();
        if (offer.isEmpty()) {
            int rounds = state.plan().rounds().size();
            return rounds == 0 ? Texts.of("weeks.none") : Texts.of("weeks.kept", rounds);
        }
        if (offer.get().solved().isEmpty()) {
            return Texts.of("weeks.looking.first");
        }
        SolvedPlan solved = offer.get().solved().get();
        String proof = proof(solved);
        return offer.get().looking() ? Texts.of("weeks.looking", proof) : Texts.of("weeks.offered", proof);
    }

    private static String proof(SolvedPlan solved) {
        if (solved.isProven()) {
            return Texts.of("weeks.proven", solved.value());
        }
        return solved.gap().isPresent()
                ? Texts.of(
                        "weeks.gap",
                        solved.value(),
                        String.format(
                                Locale.ROOT, "%.1f", PERCENT * solved.gap().getAsDouble()))
                : Texts.of("weeks.points", solved.value());
    }
}
