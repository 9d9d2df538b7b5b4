package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// Habits as ropes that fray into what the opponent does next: a strand is as wide as its share, and beside it stand
/// the count and the 95 % interval. One figure is at hand; where there are more habits than fit, those
/// above it give way.
final class FrayView extends Pane {

    private static final double ROOT_WIDTH = 22;
    private static final double ROOT_FROM = 92;
    private static final double ROOT_TO = 150;
    private static final double LEAST_ROW = 28;
    private static final double MOST_ROW = 42;
    /// So many responses to a stimulus are drawn.
    static final int MOST_RESPONSES = 3;

    private final BiConsumer<String, String> choose;
    private List<After> habits = List.of();
    private Optional<String> stimulus = Optional.empty();
    private Optional<String> response = Optional.empty();
    private double row = LEAST_ROW;

    /// @param choose is told the stimulus and the response that were pressed
    FrayView(BiConsumer<String, String> choose) {
        this.choose = choose;
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        widthProperty().addListener((_, _, _) -> draw());
        heightProperty().addListener((_, _, _) -> draw());
    }

    void show(List<After> now, Optional<String> chosenStimulus, Optional<String> chosenResponse) {
        habits = now;
        stimulus = chosenStimulus;
        response = chosenResponse;
        draw();
    }

    /// The first habit that is drawn, so that the one at hand still fits below.
    private int first() {
        int at = stimulus.map(s -> habits.stream().map(After::stimulus).toList().indexOf(s))
                .orElse(0);
        double left = getHeight() - 8;
        int first = Math.max(0, at);
        for (int i = first; i >= 0; i--) {
            left -= height(habits.get(i)) + 16;
            if (left < 0) {
                break;
            }
            first = i;
        }
        return first;
    }

    private double height(After after) {
        return Math.max(row * Math.min(MOST_RESPONSES, after.responses().size()), row + 12);
    }

    private void draw() {
        List<Node> nodes = new ArrayList<>();
        StringBuilder spoken = new StringBuilder();
        double y = 8;
        row = rowHeight();
        for (After after : habits.isEmpty() ? habits : habits.subList(first(), habits.size())) {
            int rows = Math.min(MOST_RESPONSES, after.responses().size());
            double height = height(after);
            if (y + height > getHeight()) {
                break;
            }
            habit(nodes, after, y, rows, height);
            spoken.append(Texts.of("film.habit.spoken", after.stimulus(), after.seen()));
            y += height + 16;
        }
        getChildren().setAll(nodes);
        setAccessibleText(spoken.toString());
    }

    /// Few habits are given more room, many less.
    private double rowHeight() {
        int rows = habits.stream()
                .mapToInt(h -> Math.clamp(h.responses().size(), 1, MOST_RESPONSES))
                .sum();
        return Math.clamp((getHeight() - 20.0 * habits.size()) / Math.max(1, rows + 1), LEAST_ROW, MOST_ROW);
    }

    private void habit(List<Node> nodes, After after, double top, int rows, double height) {
        double middle = top + height / 2;
        Text head = Nodes.text(after.stimulus(), "mono-strong");
        head.setX(0);
        head.setY(middle - 2);
        Text seen = Nodes.text(Texts.of("film.seen", after.seen()), "soft");
        seen.setX(0);
        seen.setY(middle + 15);
        nodes.add(head);
        nodes.add(seen);
        Line root = new Line(ROOT_FROM, middle, ROOT_TO, middle);
        root.setStrokeWidth(ROOT_WIDTH);
        root.getStyleClass().setAll("fray-root");
        nodes.add(root);
        double fork = ROOT_TO + 96;
        double wordAt = fork + 14;
        double barFrom = Math.max(wordAt + 92, getWidth() - 170);
        double barTo = getWidth() - 56;
        double offset = -ROOT_WIDTH / 2;
        for (int i = rows - 1; i >= 0; i--) {
            FollowUp follow = after.responses().get(i);
            double y = top + (height - row * rows) / 2 + row * (i + 0.5);
            double width = Math.max(2, follow.share().share() * ROOT_WIDTH);
            double start = middle + ROOT_WIDTH / 2 - (offset + ROOT_WIDTH / 2) - width / 2;
            CubicCurve strand = new CubicCurve(ROOT_TO - 2, start, ROOT_TO + 45, start, fork - 50, y, fork, y);
            strand.setStrokeWidth(width);
            strand.getStyleClass().setAll(i == 0 ? "fray-most" : "fray");
            nodes.add(strand);
            offset += width;
            boolean here =
                    stimulus.equals(Optional.of(after.stimulus())) && response.equals(Optional.of(follow.response()));
            if (here) {
                Rectangle at = new Rectangle(fork + 6, y - row / 2 + 1, getWidth() - fork - 6, row - 2);
                at.getStyleClass().setAll("fray-here");
                nodes.add(at);
            }
            Text word = Nodes.text(follow.response(), i == 0 ? "mono-strong" : "mono");
            word.setOnMouseClicked(_ -> choose.accept(after.stimulus(), follow.response()));
            word.setX(wordAt);
            word.setY(y + 5);
            nodes.add(word);
            interval(nodes, follow, y, barFrom, barTo);
        }
    }

    private void interval(List<Node> nodes, FollowUp follow, double y, double from, double to) {
        Line rule = new Line(from, y, to, y);
        rule.getStyleClass().setAll("interval-rule");
        double width = to - from;
        Line bar = new Line(
                from + follow.share().low() * width, y, from + follow.share().high() * width, y);
        bar.getStyleClass().setAll("interval");
        Circle dot = new Circle(from + follow.share().share() * width, y, 5);
        dot.getStyleClass().setAll("interval-dot");
        Text count = Nodes.text(
                Texts.of("film.of", follow.share().n(), follow.share().of()), "small");
        count.setX(to + 10);
        count.setY(y + 5);
        nodes.addAll(List.of(rule, bar, dot, count));
    }
}
