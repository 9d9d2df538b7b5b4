package onebeat.desktop.rounds;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.TransferMode;
import javafx.scene.shape.Line;
import javafx.scene.shape.Path;
import javafx.scene.text.Text;
import onebeat.core.rounds.Block;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Between;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rope.Curve;
import onebeat.desktop.rope.Curve.Point;
import onebeat.desktop.text.Texts;

/// The session as one rope: rounds thick, rests thin, and under each round what it costs.
final class HourRope extends DrawnPane {

    private static final double HEIGHT = 178;
    private static final double FROM_ABOVE = 66;
    private static final double SIDE = 26;

    /// What a round's name may take of the rests beside it, in pixels.
    private static final double BESIDE = 20;

    private final Hands hands;
    private Function<RoundPlan, String> whose = _ -> "";
    private Optional<Schedule> schedule = Optional.empty();
    private int chosen;
    private final LetterMeasure measure = new LetterMeasure(this);
    private double larger = 1;

    /// What the mouse does with the rope.
    ///
    /// @param choose is told the place of the round that was pressed
    /// @param move is told the place of a round that was pulled, and where to
    /// @param drop is told the place of a line that was pulled here
    record Hands(IntConsumer choose, BiConsumer<Integer, Integer> move, IntConsumer drop) {}

    private static final String ROUND = "round:";
    private static final String LINE = "line:";

    HourRope(Hands hands) {
        this.hands = hands;
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setMinHeight(HEIGHT);
        setOnDragOver(e -> {
            if (e.getDragboard().hasString()) {
                e.acceptTransferModes(TransferMode.COPY_OR_MOVE);
            }
        });
        setOnDragDropped(e -> {
            e.setDropCompleted(e.getDragboard().hasString());
            dropped(e.getDragboard().getString(), e.getX());
        });
    }

    private void dropped(String what, double x) {
        if (what.startsWith(LINE)) {
            hands.drop.accept(Integer.parseInt(what.substring(LINE.length())));
        } else if (what.startsWith(ROUND)) {
            int from = Integer.parseInt(what.substring(ROUND.length()));
            hands.move.accept(from, roundAt(x));
        }
    }

    /// The round that lies nearest to a place on the rope.
    private int roundAt(double x) {
        List<Stretch> rounds = schedule.map(Schedule::rounds).orElse(List.of());
        int nearest = 0;
        for (int i = 1; i < rounds.size(); i++) {
            if (Math.abs(middle(rounds.get(i)) - x) < Math.abs(middle(rounds.get(nearest)) - x)) {
                nearest = i;
            }
        }
        return nearest;
    }

    private double middle(Stretch stretch) {
        return (x(stretch.startMs()) + x(stretch.endMs())) / 2;
    }

    /// @param worker who works in a round; empty where nobody takes turns
    void show(Optional<Schedule> now, int round, Function<RoundPlan, String> worker) {
        schedule = now;
        whose = worker;
        chosen = round;
        redraw();
    }

    @Override
    protected void draw() {
        getChildren().clear();
        if (getWidth() < 100) {
            return;
        }
        larger = measure.larger();
        setMinHeight(HEIGHT * larger);
        List<Node> nodes = new ArrayList<>();
        if (schedule.isEmpty() || schedule.get().rounds().isEmpty()) {
            nodes.add(wave(SIDE, getWidth() - SIDE, "rest-rope"));
            Text empty = Nodes.text(Texts.of("rounds.empty"), "soft");
            empty.setX(SIDE);
            empty.setY(at(44));
            nodes.add(empty);
            getChildren().setAll(nodes);
            setAccessibleText(Texts.of("rounds.empty"));
            return;
        }
        List<Stretch> rounds = schedule.get().rounds();
        nodes.add(wave(SIDE, getWidth() - SIDE, "rest-rope"));
        for (int i = 0; i < rounds.size(); i++) {
            round(nodes, rounds.get(i), i);
        }
        schedule.get().between().stream()
                .filter(b -> b.block().kind() != Block.Kind.REST)
                .forEach(b -> block(nodes, b));
        getChildren().setAll(nodes);
        setAccessibleText(
                Texts.of("rounds.spoken", rounds.size(), schedule.get().lengthMs() / 60_000.0));
    }

    /// Warm-up, feet, trunk and the like: a plain stretch of rope with its name.
    private void block(List<Node> nodes, Between between) {
        double from = x(between.startMs()) + 4;
        double to = Math.max(from + 4, x(between.endMs()) - 4);
        nodes.add(wave(from, to, "block-rope"));
        double middle = (from + to) / 2;
        nodes.add(under(Texts.of("block." + between.block().kind()), middle, at(-18), "small"));
        nodes.add(under(Texts.clock(between.block().seconds()), middle, at(26), "soft"));
    }

    private void round(List<Node> nodes, Stretch stretch, int index) {
        double from = x(stretch.startMs()) + 11;
        double to = Math.max(from + 4, x(stretch.endMs()) - 11);
        boolean here = index == chosen;
        String style = stretch.part().plan().isAthletes() ? "round-rope" : "round-rope-partner";
        Path rope = wave(from, to, here ? style : style + "-other");
        rope.setMouseTransparent(false);
        rope.setOnMousePressed(_ -> hands.choose.accept(index));
        Nodes.pulled(rope, ROUND + index);
        rope.setAccessibleRole(AccessibleRole.LIST_ITEM);
        rope.setAccessibleText(Texts.of(
                "rounds.round.spoken",
                index + 1,
                stretch.part().name(),
                stretch.repetitions(),
                stretch.part().plan().bpm()));
        nodes.add(rope);
        for (double x = from + 5; x < to - 2; x += 13) {
            Line groove = new Line(x, middle() + 8, x + 8, middle() - 8);
            groove.getStyleClass().setAll("round-groove");
            groove.setMouseTransparent(true);
            nodes.add(groove);
        }
        double middle = (from + to) / 2;
        Text number = Nodes.text("" + (index + 1), "round-number");
        number.setX(middle - measure.width(number.getText(), "round-number") / 2);
        number.setY(at(-32));
        nodes.add(number);
        double room = to - from + (2 * BESIDE);
        String letters = here ? "strong" : "small";
        nodes.add(under(measure.fitted(stretch.part().name(), room, letters), middle, at(42), letters));
        nodes.add(under(Texts.of("rounds.reps", stretch.repetitions()), middle, at(62), "small"));
        nodes.add(under(Texts.of("rounds.at", stretch.part().plan().bpm()), middle, at(80), "soft"));
        String clock = Texts.clock(stretch.lengthMs() / 1000.0);
        String worker = whose.apply(stretch.part().plan());
        String last = worker.isEmpty() ? clock : Texts.of("rounds.whose", clock, worker);
        nodes.add(under(measure.fitted(last, room, "soft"), middle, at(98), "soft"));
    }

    /// So far below the middle of the rope, in usual letters.
    private double at(double below) {
        return middle() + below * larger;
    }

    private double middle() {
        return FROM_ABOVE * larger;
    }

    private Text under(String words, double middle, double y, String style) {
        Text text = Nodes.text(words, style);
        double width = measure.width(words, style);
        text.setY(y);
        text.setX(Math.clamp(middle - width / 2, 0, Math.max(0, getWidth() - width)));
        text.setMouseTransparent(true);
        return text;
    }

    private Path wave(double from, double to, String style) {
        List<Point> points = new ArrayList<>();
        int side = 1;
        points.add(new Point(from, middle()));
        for (double x = from + 18; x < to - 9; x += 18) {
            points.add(new Point(x, middle() + side * 3));
            side = -side;
        }
        points.add(new Point(to, middle()));
        return Curve.through(points, style);
    }

    private double x(long ms) {
        long from = Schedule.READY_MS;
        double whole = Math.max(1, schedule.map(Schedule::lengthMs).orElse(1L) - from);
        return SIDE + (ms - from) / whole * (getWidth() - 2 * SIDE);
    }
}
