package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import javafx.scene.transform.Scale;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.rope.Curve;
import onebeat.desktop.rope.Curve.Point;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// Draws the floor: dark, huge, calm. It is laid out once for 1280 by 800 and scaled to the window as a whole.
final class FloorView extends Pane {

    /// Where the foot ends.
    private static final double FOOT = 783;

    /// What is told in so few letters is set so large that it can be read from afar.
    private static final int LARGE_TOLD = 72;

    private static final PseudoClass LAST_TEN = PseudoClass.getPseudoClass("last-ten");
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;
    private static final double LEFT = 48;
    private static final double RIGHT = 1232;
    private static final double ROPE = 388;
    private static final double BESIDE_CLOCK = 496;
    private static final double CALL_BASE = 548;
    private static final double MOST_CALL = 150;
    private static final double LEAST_CALL = 52;

    private final Group paper = new Group();
    private final Scale scale = new Scale(1, 1);
    private @Nullable Shown shown;

    private record Shown(FloorPicture picture, String told) {}

    FloorView() {
        getStyleClass().add("floor");
        setAccessibleRole(AccessibleRole.TEXT);
        paper.getTransforms().add(scale);
        paper.setManaged(false);
        getChildren().add(paper);
    }

    @Override
    protected void layoutChildren() {
        double share = Math.min(getWidth() / WIDTH, getHeight() / HEIGHT);
        scale.setX(share);
        scale.setY(share);
        paper.setLayoutX((getWidth() - WIDTH * share) / 2);
        paper.setLayoutY((getHeight() - HEIGHT * share) / 2);
    }

    /// Draws this, unless it is what is there already: the clock asks for each frame.
    ///
    /// @param told what is said to the coach right now, in place of the keys; may be empty
    void show(FloorPicture now, String told) {
        Shown next = new Shown(now, told);
        if (!next.equals(shown)) {
            shown = next;
            draw(now, told);
        }
    }

    private void draw(FloorPicture now, String told) {
        pseudoClassStateChanged(LAST_TEN, now.lastTen());
        List<Node> nodes = new ArrayList<>();
        nodes.add(at(LEFT, 66, now.head().toUpperCase(Locale.ROOT), "floor-head"));
        nodes.add(right(64, now.about(), "floor-say"));
        nodes.add(at(LEFT - 10, 330, now.clock(), "floor-clock"));
        if (now.lastTen()) {
            nodes.add(right(352, Texts.of("floor.last.ten").toUpperCase(Locale.ROOT), "floor-next"));
        }
        rope(nodes, now);
        level(nodes, now.level());
        nodes.add(at(BESIDE_CLOCK, 370, now.heard(), "floor-heard"));
        call(nodes, now.call());
        beats(nodes, now);
        nodes.add(right(236, now.count(), "floor-count"));
        if (now.cautions().isEmpty()) {
            nodes.add(right(296, now.tally().toUpperCase(Locale.ROOT), "floor-next"));
        } else {
            nodes.add(at(LEFT, 672, now.tally(), "floor-say"));
        }
        nodes.add(at(LEFT, 716, now.nextLabel(), "floor-say"));
        Text next = at(LEFT + 4 + width(now.nextLabel(), 25), 719, now.next().toUpperCase(Locale.ROOT), "floor-next");
        nodes.add(next);
        nodes.add(right(110, now.sound(), "floor-say"));
        if (!now.feeder().isEmpty()) {
            nodes.add(right(680, now.feeder(), "floor-feeder"));
        }
        boolean large = !told.isEmpty() && told.length() <= LARGE_TOLD;
        nodes.add(foot(told, large ? "floor-told" : "floor-foot"));
        if (!now.cautions().isEmpty()) {
            TextFlow cautions = Nodes.flow(Nodes.text(now.cautions(), "floor-say"));
            cautions.setPrefWidth(560);
            cautions.setLayoutX(RIGHT - 560);
            cautions.setLayoutY(140);
            nodes.add(cautions);
        }
        paper.getChildren().setAll(nodes);
        setAccessibleText(String.join(", ", now.head(), now.clock(), words(now.call()), now.tally()));
    }

    private static String words(List<FloorPicture.Word> call) {
        return String.join(" ", call.stream().map(FloorPicture.Word::text).toList());
    }

    private static double width(String words, double size) {
        return words.isEmpty() ? 0 : words.length() * size * 0.5 + 10;
    }

    private static Text at(double x, double y, String words, String style) {
        Text text = Nodes.text(words, style);
        text.setX(x);
        text.setY(y);
        return text;
    }

    /// What is told stands at the foot; what is longer than a line grows upwards.
    private static Text foot(String told, String style) {
        Text text = at(LEFT, FOOT, told, style);
        text.setTextOrigin(VPos.BOTTOM);
        text.setWrappingWidth(RIGHT - LEFT);
        return text;
    }

    private static Text right(double y, String words, String style) {
        Text text = at(0, y, words, style);
        text.layoutBoundsProperty().addListener((_, _, bounds) -> text.setX(RIGHT - bounds.getWidth()));
        return text;
    }

    private static void rope(List<Node> nodes, FloorPicture now) {
        double used = LEFT + Math.clamp(now.used(), 0, 1) * (RIGHT - LEFT);
        double last = LEFT + Math.clamp(now.lastTenFrom(), 0, 1) * (RIGHT - LEFT);
        nodes.add(wave(LEFT, used, "floor-rope-done"));
        nodes.add(wave(used, RIGHT, "floor-rope"));
        nodes.add(wave(Math.max(last, used), RIGHT, "floor-rope-last"));
        for (FloorPicture.Whip whip : now.whips()) {
            double from = LEFT + whip.from() * (RIGHT - LEFT);
            double to = LEFT + whip.to() * (RIGHT - LEFT);
            nodes.add(wave(from, Math.max(from + 1, Math.min(to, used)), "floor-rope-done", "floor-whip"));
            if (to > used) {
                nodes.add(wave(Math.max(from, used), to, "floor-rope", "floor-whip"));
            }
        }
        Circle knot = new Circle(used, ROPE, 13);
        knot.getStyleClass().setAll("floor-rope-knot");
        nodes.add(knot);
    }

    /// How loud it is heard: a rope that swings as far as the sound is loud, on a scale of decibels from 60 under
    /// full scale.
    private static void level(List<Node> nodes, double level) {
        if (level < 0) {
            return;
        }
        double share = Math.clamp(1 + 20 * Math.log10(Math.max(1e-6, level)) / LEVEL_DB, 0, 1);
        double from = LEFT;
        double to = LEFT + LEVEL_WIDE;
        List<Point> points = new ArrayList<>();
        for (double x = from; x <= to; x += 4) {
            points.add(new Point(x, LEVEL_AT + (1 + 13 * share) * Math.sin((x - from) / 6)));
        }
        nodes.add(Curve.through(points, share > LOUD ? "floor-level-loud" : "floor-level"));
    }

    private static final double LEVEL_AT = 92;
    private static final double LEVEL_WIDE = 180;
    private static final double LEVEL_DB = 60;

    /// So near to full scale hits are cut off.
    private static final double LOUD = 0.97;

    private static Node wave(double from, double to, String... styles) {
        List<Point> points = new ArrayList<>();
        for (double x = from; x < to; x += 8) {
            points.add(new Point(x, y(x)));
        }
        points.add(new Point(to, y(to)));
        return Curve.through(points, styles);
    }

    private static double y(double x) {
        return ROPE + 4 * Math.sin((x - LEFT) / 8);
    }

    /// The call as large as it fits, over two rows where it is long; the partner's words in their colour.
    private static void call(List<Node> nodes, List<FloorPicture.Word> call) {
        if (call.isEmpty()) {
            return;
        }
        double size = MOST_CALL;
        List<List<FloorPicture.Word>> rows = rows(call, size);
        while (size > LEAST_CALL && rows.size() > (size > 92 ? 1 : 2)) {
            size -= 4;
            rows = rows(call, size);
        }
        double y = rows.size() == 1 ? CALL_BASE : CALL_BASE - size * 0.42;
        for (List<FloorPicture.Word> row : rows) {
            double x = LEFT;
            for (FloorPicture.Word word : row) {
                Text text = Nodes.text(
                        word.text().toUpperCase(Locale.ROOT),
                        "floor-call",
                        word.partner() ? "floor-partner" : "floor-own");
                text.setFont(font(size));
                text.setX(x);
                text.setY(y);
                nodes.add(text);
                x += text.getLayoutBounds().getWidth() + size * 0.24;
            }
            y += size * 0.9;
        }
    }

    private static Font font(double size) {
        return Font.font("Bebas Neue Bold", size);
    }

    private static List<List<FloorPicture.Word>> rows(List<FloorPicture.Word> call, double size) {
        List<List<FloorPicture.Word>> rows = new ArrayList<>();
        rows.add(new ArrayList<>());
        double x = 0;
        Text measure = new Text();
        measure.setFont(font(size));
        for (FloorPicture.Word word : call) {
            measure.setText(word.text().toUpperCase(Locale.ROOT));
            double wide = measure.getLayoutBounds().getWidth() + size * 0.24;
            if (x + wide > RIGHT - LEFT && !rows.getLast().isEmpty()) {
                rows.add(new ArrayList<>());
                x = 0;
            }
            rows.getLast().add(word);
            x += wide;
        }
        return rows;
    }

    private static void beats(List<Node> nodes, FloorPicture now) {
        double step = Math.min(44, (RIGHT - LEFT) / Math.max(1, now.beats()));
        for (int b = 0; b < now.beats(); b++) {
            boolean here = b == now.beat();
            Circle dot = new Circle(LEFT + 10 + b * step, 634, here ? 13 : 8);
            dot.getStyleClass().setAll(here ? "floor-beat-now" : b < now.beat() ? "floor-beat-on" : "floor-beat");
            nodes.add(dot);
        }
    }
}
