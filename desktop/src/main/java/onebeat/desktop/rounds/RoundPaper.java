package onebeat.desktop.rounds;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Turns;
import onebeat.core.holding.Guessing;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rope.RopeView;
import onebeat.desktop.text.Texts;

/// One round of tonight: whose it is, its line, its numbers, and what was drawn for it.
final class RoundPaper extends VBox {

    /// So many drawn repetitions are shown.
    private static final int SHOWN_TURNS = 24;

    private static final double LEAST_ROPE = 96;

    private final RopeView rope = new RopeView();

    RoundPaper() {
        super(6);
        VBox.setVgrow(rope, Priority.ALWAYS);
        rope.setMinHeight(LEAST_ROPE);
    }

    /// Shows the chosen round.
    void show(RoundsPicture picture) {
        Optional<Stretch> here = picture.here();
        int number = picture.round() + 1;
        if (here.isEmpty()) {
            getChildren().setAll(Nodes.flow(Nodes.text(Texts.of("rounds.round.empty"), "soft")));
            return;
        }
        Stretch stretch = here.get();
        RoundPlan plan = stretch.part().plan();
        FlowPane numbers = new FlowPane(
                26,
                4,
                number("" + plan.bpm(), Texts.of("tempo.unit")),
                number("" + stretch.repetitions(), Texts.of("rounds.number.reps")),
                number(gap(plan), Texts.of("rounds.number.gap")));
        Camp camp = picture.camp();
        String worker = Turns.worker(camp, plan);
        String holder = Turns.holder(camp, plan);
        drawRope(camp, stretch);
        getChildren()
                .setAll(
                        Nodes.flow(Nodes.text(number + "  " + stretch.part().name(), "strong")),
                        numbers,
                        Nodes.flow(Nodes.text(
                                Texts.of("rounds.step", plan.rung().id()) + " " + limit(stretch) + bursts(plan),
                                "small")));
        if (camp.partner().isPresent() || !plan.isAthletes()) {
            getChildren()
                    .add(
                            1,
                            Nodes.flow(Nodes.text(
                                    Texts.of("rounds.worker", worker, holder), plan.isAthletes() ? "soft" : "strong")));
        }
        more(camp, stretch, picture.reason());
    }

    private void drawRope(Camp camp, Stretch stretch) {
        RoundPlan plan = stretch.part().plan();
        rope.show(Turns.workedBy(camp, plan.worker())
                .map(at -> at.context().at(plan.bpm()).on(plan.rung()))
                .flatMap(context -> drawn(stretch.part().text(), context))
                .map(review ->
                        new RopeView.Picture(review, 0, Turns.worker(camp, plan), Turns.holder(camp, plan), false))
                .orElse(null));
    }

    private static Optional<Review> drawn(String line, Context context) {
        return Notation.read(line, context.vocabulary()) instanceof Read read
                ? Optional.of(Review.withoutMends(read, context))
                : Optional.empty();
    }

    /// How the tempo stands to what the body can do.
    private static String limit(Stretch stretch) {
        double ceiling = stretch.part().played().ways().stream()
                .flatMap(w -> Timing.ceiling(w).stream())
                .mapToDouble(Link::ceilingBpm)
                .min()
                .orElse(RoundPlan.MOST_BPM);
        if (stretch.part().plan().bpm() > ceiling) {
            return Texts.of("rounds.over", Math.floor(ceiling));
        }
        return ceiling < RoundPlan.MOST_BPM
                ? Texts.of("rounds.under", Math.floor(ceiling))
                : Texts.of("tempo.open", RoundPlan.MOST_BPM);
    }

    /// The line where it is a stage of its own, why it is there, and what was drawn.
    private void more(Camp camp, Stretch stretch, String reason) {
        if (!drilledItself(camp, stretch)) {
            getChildren().add(Nodes.flow(Nodes.text(stretch.part().text(), "mono-strong")));
        }
        if (!reason.isEmpty()) {
            getChildren().add(Nodes.flow(Nodes.text(reason, "soft")));
        }
        if (stretch.part().drawn().isEmpty()) {
            getChildren().add(rope);
        } else {
            drawn(stretch);
        }
    }

    private static String bursts(RoundPlan plan) {
        return plan.bursts() == 0 ? "" : " " + Texts.of("rounds.bursts", plan.bursts());
    }

    /// Whether the round drills the camp's line as it is and not a stage of its ladder.
    private static boolean drilledItself(Camp camp, Stretch stretch) {
        return camp.drills()
                .get(stretch.part().plan().drillId())
                .map(d -> d.line().equals(stretch.part().text()))
                .orElse(true);
    }

    /// The gap, with what may be added to it.
    private static String gap(RoundPlan plan) {
        return plan.draw().gapSpread() == 0
                ? "" + plan.gapBeats()
                : plan.gapBeats() + "–" + (plan.gapBeats() + plan.draw().gapSpread());
    }

    /// What was drawn for the round, and how well it could be guessed.
    private void drawn(Stretch stretch) {
        String first = IntStream.range(0, Math.min(SHOWN_TURNS, stretch.repetitions()))
                .mapToObj(r -> stretch.part().turn(r).choices())
                .collect(Collectors.joining("  |  "));
        getChildren().add(Nodes.flow(Nodes.text(Texts.of("rounds.drawn", first), "small", "of-partner")));
        for (Guessing guessing : stretch.part().guessing(stretch.repetitions())) {
            List<String> counts = new ArrayList<>();
            for (int i = 0; i < guessing.choice().options(); i++) {
                counts.add(Texts.of(
                        "rounds.drawn.count",
                        guessing.choice().words(i),
                        guessing.drawn().get(i)));
            }
            getChildren()
                    .add(Nodes.flow(Nodes.text(
                            Texts.of(
                                    "rounds.guess",
                                    String.join(", ", counts),
                                    guessing.bits(),
                                    guessing.hits(),
                                    guessing.draws(),
                                    guessing.often()),
                            "soft")));
        }
    }

    private static VBox number(String number, String unit) {
        VBox box = new VBox(0, Nodes.text(number, "figure-number"), Nodes.text(unit, "soft"));
        box.setAlignment(Pos.BOTTOM_LEFT);
        return box;
    }
}
