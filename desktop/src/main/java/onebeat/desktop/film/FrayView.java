package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// Habits as ropes that fray into what the opponent does next: a strand is as wide as its share, and beside it stand
/// the count and the 95 % interval. One strand is at hand; where there are more habits than fit, those
/// above it give way.
final class FrayView extends DrawnPane {

    private static final double ROOT_WIDTH = 22;
    private static final double LEAST_ROW = 28;
    private static final double MOST_ROW = 42;
    private static final double BETWEEN = 16;

    /// So many responses to a stimulus are drawn.
    static final int MOST_RESPONSES = 3;

    private final BiConsumer<String, String> choose;
    private final UnaryOperator<String> words;
    private final LetterMeasure measure = new LetterMeasure(this);
    private List<After> habits = List.of();
    private Optional<String> stimulus = Optional.empty();
    private Optional<String> response = Optional.empty();
    private double row = LEAST_ROW;

    /// @param choose is told the stimulus and the response that were pressed
    /// @param words a line in words; nothing where the shorthand comes first
    FrayView(BiConsumer<String, String> choose, UnaryOperator<String> words) {
        this.choose = choose;
        this.words = words;
        setAccessibleRole(AccessibleRole.PARENT);
    }

    void show(List<After> now, Optional<String> chosenStimulus, Optional<String> chosenResponse) {
        habits = now;
        stimulus = chosenStimulus;
        response = chosenResponse;
        redraw();
    }

    /// Where the columns lie: what was done, the root, the strands, what followed, how often.
    ///
    /// @param fork where the strands end and the words of what followed begin
    private record Columns(
            double rootFrom, double rootTo, double fork, double barFrom, double barTo, double countFrom) {

        double words() {
            return barFrom - fork - 2 * GAP;
        }
    }

    private static final double GAP = 12;

    /// The words of what was done have at most this share of the width.
    private static final double MOST_WORDS = 0.3;

    /// Where the root and the strands end, as shares of what is left.
    private static final double ROOT = 0.1;

    private static final double STRANDS = 0.28;

    /// An interval narrower than this says nothing; the count stands alone then.
    private static final double LEAST_BAR = 36;

    private Columns columns() {
        double most = getWidth() * MOST_WORDS;
        double heads = 0;
        double follows = 0;
        double counts = 0;
        for (After after : habits) {
            heads = Math.max(heads, Math.max(headWidth(after), measure.width(seen(after), "soft")));
            for (FollowUp follow : shown(after)) {
                follows = Math.max(follows, measure.width(followed(follow.response()), followStyle()));
                counts = Math.max(counts, measure.width(count(follow), "small"));
            }
        }
        double rootFrom = Math.min(heads, most) + GAP;
        double countFrom = getWidth() - counts - GAP / 2;
        double left = countFrom - rootFrom;
        double fork = rootFrom + left * STRANDS;
        double barFrom = Math.min(fork + follows + 2 * GAP, countFrom - GAP);
        return new Columns(rootFrom, rootFrom + left * ROOT, fork, barFrom, countFrom - GAP, countFrom);
    }

    private double headWidth(After after) {
        return measure.width(said(after), "strong");
    }

    private static List<FollowUp> shown(After after) {
        return after.responses()
                .subList(0, Math.min(MOST_RESPONSES, after.responses().size()));
    }

    /// What was done, in words where they come first.
    private String said(After after) {
        String said = words.apply(after.stimulus());
        return said.isEmpty() ? after.stimulus() : said;
    }

    private String seen(After after) {
        return words.apply(after.stimulus()).isEmpty()
                ? Texts.of("film.seen", after.seen())
                : Texts.of("film.seen.short", after.stimulus(), after.seen());
    }

    /// What followed, in words where they come first.
    private String followed(String followed) {
        String said = words.apply("(" + followed + ")");
        return said.isEmpty() ? followed : said;
    }

    private String followStyle() {
        return words.apply("1").isEmpty() ? "mono-strong" : "strong";
    }

    private static String count(FollowUp follow) {
        return Texts.of("film.of", follow.share().n(), follow.share().of());
    }

    /// The first habit that is drawn, so that the one at hand still fits below.
    private int first() {
        int at = stimulus.map(s -> habits.stream().map(After::stimulus).toList().indexOf(s))
                .orElse(0);
        double left = getHeight() - 8;
        int first = Math.max(0, at);
        for (int i = first; i >= 0; i--) {
            left -= height(habits.get(i)) + BETWEEN;
            if (left < 0) {
                break;
            }
            first = i;
        }
        return first;
    }

    private double height(After after) {
        return Math.max(row * shown(after).size(), LEAST_ROW * measure.larger() + 12);
    }

    @Override
    protected void draw() {
        List<Node> nodes = new ArrayList<>();
        row = rowHeight();
        Columns columns = columns();
        double y = 8;
        for (After after : habits.isEmpty() ? habits : habits.subList(first(), habits.size())) {
            double height = height(after);
            if (y + height > getHeight()) {
                break;
            }
            habit(nodes, after, columns, y, height);
            y += height + BETWEEN;
        }
        getChildren().setAll(nodes);
    }

    /// Few habits are given more room, many less.
    private double rowHeight() {
        double larger = measure.larger();
        int rows = habits.stream()
                .mapToInt(h -> Math.clamp(h.responses().size(), 1, MOST_RESPONSES))
                .sum();
        return Math.clamp(
                (getHeight() - 20.0 * habits.size()) / Math.max(1, rows + 1), LEAST_ROW * larger, MOST_ROW * larger);
    }

    private void habit(List<Node> nodes, After after, Columns columns, double top, double height) {
        double middle = top + height / 2;
        double room = columns.rootFrom - GAP;
        nodes.add(text(measure.fitted(said(after), room, "strong"), 0, middle - 2, "strong"));
        nodes.add(text(seen(after), 0, middle + 15 * measure.larger(), "soft"));
        Line root = new Line(columns.rootFrom, middle, columns.rootTo, middle);
        root.setStrokeWidth(ROOT_WIDTH);
        root.getStyleClass().setAll("fray-root");
        nodes.add(root);
        List<FollowUp> strands = shown(after);
        double offset = -ROOT_WIDTH / 2;
        for (int i = strands.size() - 1; i >= 0; i--) {
            FollowUp follow = strands.get(i);
            double y = top + (height - row * strands.size()) / 2 + row * (i + 0.5);
            double width = Math.max(2, follow.share().share() * ROOT_WIDTH);
            double start = middle + ROOT_WIDTH / 2 - (offset + ROOT_WIDTH / 2) - width / 2;
            nodes.add(strand(columns, start, y, width, i == 0));
            offset += width;
            if (stimulus.equals(Optional.of(after.stimulus())) && response.equals(Optional.of(follow.response()))) {
                Rectangle here = new Rectangle(
                        columns.fork + GAP / 2, y - row / 2 + 1, getWidth() - columns.fork - GAP / 2, row - 2);
                here.getStyleClass().setAll("fray-here");
                nodes.add(here);
            }
            nodes.add(word(after, follow, columns, y));
            interval(nodes, follow, y, columns);
        }
    }

    private static CubicCurve strand(Columns columns, double start, double end, double width, boolean most) {
        double length = columns.fork - columns.rootTo;
        CubicCurve strand = new CubicCurve(
                columns.rootTo - 2,
                start,
                columns.rootTo + length / 2,
                start,
                columns.fork - length / 2,
                end,
                columns.fork,
                end);
        strand.setStrokeWidth(width);
        strand.getStyleClass().setAll(most ? "fray-most" : "fray");
        return strand;
    }

    /// What followed: a press of it takes it to hand, and it is heard with its count.
    private Text word(After after, FollowUp follow, Columns columns, double y) {
        String whole = followed(follow.response());
        Text word = text(
                measure.fitted(whole, columns.words(), followStyle()),
                columns.fork + GAP,
                y + 5 * measure.larger(),
                followStyle());
        word.setOnMousePressed(_ -> choose.accept(after.stimulus(), follow.response()));
        word.setAccessibleRole(AccessibleRole.LIST_ITEM);
        word.setAccessibleText(Texts.of(
                "film.habit.spoken", said(after), whole, count(follow), HabitDetails.interval(follow.share())));
        if (!word.getText().equals(whole)) {
            Tooltip.install(word, new Tooltip(whole));
        }
        return word;
    }

    private static Text text(String words, double x, double y, String style) {
        Text text = Nodes.text(words, style);
        text.setX(x);
        text.setY(y);
        return text;
    }

    private void interval(List<Node> nodes, FollowUp follow, double y, Columns columns) {
        double from = columns.barFrom;
        double width = columns.barTo - from;
        Text count = text(count(follow), columns.countFrom, y + 5 * measure.larger(), "small");
        nodes.add(count);
        if (width < LEAST_BAR) {
            return;
        }
        Line rule = new Line(from, y, columns.barTo, y);
        rule.getStyleClass().setAll("interval-rule");
        Line bar = new Line(
                from + follow.share().low() * width, y, from + follow.share().high() * width, y);
        bar.getStyleClass().setAll("interval");
        Circle dot = new Circle(from + follow.share().share() * width, y, 5);
        dot.getStyleClass().setAll("interval-dot");
        nodes.addAll(List.of(rule, bar, dot));
    }
}
