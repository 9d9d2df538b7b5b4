package onebeat.desktop.rope;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Bands;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.notation.Notation;
import onebeat.core.play.Beat;
import onebeat.core.play.Body;
import onebeat.core.play.Grade;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Finding;
import onebeat.core.timing.Timing;
import onebeat.desktop.desk.Texts;
import onebeat.desktop.rope.Curve.Point;
import org.jspecify.annotations.Nullable;

/// Draws one way through a line as a rope.
///
/// The strands' gap is the distance by range band; each strand has a thread for head, body and legs. A strike is a
/// stroke that ends on the thread it hits, a defence a short bar across the thread it covers. Two contacts on one beat
/// are tied by a knot, the brightest mark. Under each strike stands its grade.
public final class RopeView extends Pane {

    /// What is drawn.
    ///
    /// @param findings the findings of the line, so that a doubled side can be marked at its strike
    public record Picture(PlayedWay way, String athlete, String partner, List<Finding> findings) {

        public Picture {
            findings = List.copyOf(findings);
        }
    }

    private static final double FULL_WIDTH = 9;
    private static final double NORMAL_WIDTH = 6.5;
    private static final double LIGHT_WIDTH = 3;

    /// The next wider band is drawn too where it lies so near, in centimetres.
    private static final double BAND_ROOM_CM = 20;

    /// Below this height the bands have no names: there is no room for them.
    private static final double NAMES_FROM = 235;

    /// How wide a character of the small text is, in pixels.
    private static final double SMALL_CHARACTER = 6.2;

    /// How far before its contact a stroke leaves the strand, in beats.
    private static final double LEAD_IN = 0.36;

    private final DoubleProperty scrub = new SimpleDoubleProperty(-0.35);
    private @Nullable Picture picture;
    private double drawnWidth;
    private double drawnHeight;
    private final Line scrubLine = new Line();
    private final Polygon scrubGrip = new Polygon(-7, 0, 7, 0, 0, 9);

    public RopeView() {
        getStyleClass().add("rope");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        scrubLine.getStyleClass().setAll("scrub");
        scrubGrip.getStyleClass().setAll("scrub-grip");
        scrub.addListener((_, _, _) -> placeScrub());
        setOnMousePressed(e -> scrubTo(e.getX()));
        setOnMouseDragged(e -> scrubTo(e.getX()));
    }

    /// Where along the rope one looks, in beats.
    public DoubleProperty scrubProperty() {
        return scrub;
    }

    /// How many beats are drawn; 0 while there is nothing.
    public int beats() {
        return picture == null ? 0 : picture.way().way().beats();
    }

    /// Draws this, or nothing.
    public void show(@Nullable Picture now) {
        picture = now;
        draw();
    }

    private void scrubTo(double x) {
        if (picture != null) {
            scrub.set(Math.clamp(scale().beatAt(x), -0.5, beats()));
        }
    }

    private RopeScale scale() {
        double widest = picture == null
                ? 0
                : picture.way().moments().stream()
                        .mapToDouble(Moment::gapCm)
                        .max()
                        .orElse(0);
        return new RopeScale(getWidth(), getHeight(), Math.max(1, beats()), widest + BAND_ROOM_CM);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        if (getWidth() != drawnWidth || getHeight() != drawnHeight) {
            draw();
        }
    }

    private void draw() {
        drawnWidth = getWidth();
        drawnHeight = getHeight();
        if (picture == null || drawnWidth < 50 || drawnHeight < 50) {
            getChildren().clear();
            setAccessibleText(Texts.of("rope.empty"));
            return;
        }
        Picture now = picture;
        RopeScale scale = scale();
        List<Node> nodes = new ArrayList<>();
        bands(nodes, scale, now.way());
        beatLines(nodes, scale, now.way());
        strand(nodes, scale, now.way(), Who.PARTNER);
        strand(nodes, scale, now.way(), Who.ATHLETE);
        names(nodes, scale, now);
        now.way().steps().forEach(step -> mark(nodes, scale, now.way(), step));
        knots(nodes, scale, now.way());
        labels(nodes, scale, now);
        nodes.add(scrubLine);
        nodes.add(scrubGrip);
        getChildren().setAll(nodes);
        placeScrub();
        setAccessibleText(spoken(now));
    }

    private static <N extends Node> N styled(N node, String... styles) {
        node.getStyleClass().setAll(styles);
        return node;
    }

    /// Every edge is drawn above and below the middle; the names take turns there, or they would stand in each other.
    private static void bands(List<Node> nodes, RopeScale scale, PlayedWay way) {
        double widest = way.moments().stream().mapToDouble(Moment::gapCm).max().orElse(0);
        double from = RopeScale.LEFT - 22;
        double to = scale.width() - RopeScale.RIGHT + 12;
        boolean below = true;
        for (Band band : Band.values()) {
            double edge = Bands.middleCm(band);
            below = !below;
            if (edge > widest + BAND_ROOM_CM) {
                continue;
            }
            double half = edge / 2 * scale.pixelsPerCm() + RopeScale.THREAD;
            nodes.add(styled(new Rectangle(from, scale.middle() - half, to - from, 2 * half), "band"));
            for (double y : new double[] {scale.middle() - half, scale.middle() + half}) {
                nodes.add(styled(new Line(from, y, to, y), "band-edge"));
            }
            String words = Texts.of("band." + band.word()) + " " + Math.round(edge);
            Text name = styled(new Text(words), "text", "band-name");
            name.setX(to + 6);
            name.setVisible(scale.height() >= NAMES_FROM);
            name.setY((below ? scale.middle() + half : scale.middle() - half) + 4);
            nodes.add(name);
        }
    }

    private static void beatLines(List<Node> nodes, RopeScale scale, PlayedWay way) {
        for (int b = 0; b < way.way().beats(); b++) {
            nodes.add(styled(
                    new Line(scale.x(b), RopeScale.TOP - 4, scale.x(b), scale.height() - RopeScale.BOTTOM + 6),
                    "beat-line"));
        }
    }

    private static void strand(List<Node> nodes, RopeScale scale, PlayedWay way, Who who) {
        String name = who == Who.ATHLETE ? "athlete" : "partner";
        List<Point> middle = new ArrayList<>();
        List<Point> core = new ArrayList<>();
        List<Point> turn = new ArrayList<>();
        int inward = who == Who.ATHLETE ? -1 : 1;
        for (Moment moment : way.moments()) {
            double x = moment.beat().halves() < 0
                    ? RopeScale.LEFT - 18
                    : scale.x(moment.beat().inBeats());
            double y = scale.strand(who, moment.gapCm());
            Body body = moment.of(who);
            middle.add(new Point(x, y));
            double sway = y + inward * body.weight() * RopeScale.THREAD * 1.3;
            core.add(new Point(x, sway));
            turn.add(new Point(x, sway + body.turn() * RopeScale.THREAD));
        }
        Point last = middle.getLast();
        middle.add(new Point(scale.width() - RopeScale.RIGHT + 12, last.y()));
        for (Level level : List.of(Level.HEAD, Level.BODY, Level.LEG)) {
            List<Point> thread = middle.stream()
                    .map(p -> new Point(p.x(), p.y() + RopeScale.thread(level)))
                    .toList();
            nodes.add(Curve.through(thread, "strand-" + name + "-body"));
            nodes.add(Curve.through(thread, "strand-" + name));
        }
        nodes.add(Curve.through(turn, "turn-line"));
        nodes.add(Curve.through(core, "core-line"));
    }

    private static void names(List<Node> nodes, RopeScale scale, Picture now) {
        Moment start = now.way().moments().getFirst();
        for (Who who : Who.values()) {
            String said = who == Who.ATHLETE ? now.athlete() : now.partner();
            Text name = styled(
                    new Text(said.toUpperCase(Locale.ROOT)),
                    "text",
                    "narrow",
                    who == Who.ATHLETE ? "of-athlete" : "of-partner");
            name.setX(2);
            name.setY(scale.strand(who, start.gapCm()) + 6);
            nodes.add(name);
        }
    }

    private static void mark(List<Node> nodes, RopeScale scale, PlayedWay way, Step step) {
        double x = scale.x(step.beat().inBeats());
        double gap = way.at(step.beat()).gapCm();
        if (step.placed().technique().isStrike()) {
            stroke(nodes, scale, step, x, gap);
        } else if (step.placed().technique().isDefence()
                && step.placed().technique().family() != Family.FEET) {
            bar(nodes, scale, way, step, x, gap);
        }
        if (step.placed().technique().stance() == StanceEffect.CHANGE
                && !step.placed().act().feint()) {
            crossing(nodes, x, scale.strand(step.who(), gap));
        }
    }

    private static void stroke(List<Node> nodes, RopeScale scale, Step step, double x, double gap) {
        String whose = step.who() == Who.ATHLETE ? "athlete" : "partner";
        Level level = step.placed().act().level();
        double fromX = scale.x(step.beat().inBeats() - LEAD_IN);
        double fromY = scale.strand(step.who(), gap) + (step.who() == Who.ATHLETE ? -1 : 1) * RopeScale.THREAD;
        double toY = scale.strand(step.who().other(), gap) + RopeScale.thread(level);
        boolean feint = step.placed().act().feint();
        double reach = feint ? 0.5 : 1;
        double endX = fromX + reach * (x - fromX);
        double endY = fromY + reach * (toY - fromY);
        CubicCurve stroke = new CubicCurve(
                fromX,
                fromY,
                fromX + (endX - fromX) * 0.15,
                fromY + (endY - fromY) * 0.5,
                endX - (endX - fromX) * 0.1,
                fromY + (endY - fromY) * 0.6,
                endX,
                endY);
        stroke.setStrokeWidth(
                switch (step.placed().act().intent()) {
                    case FULL -> FULL_WIDTH;
                    case NORMAL -> NORMAL_WIDTH;
                    case LIGHT -> LIGHT_WIDTH;
                });
        stroke.setMouseTransparent(true);
        nodes.add(feint ? styled(stroke, "stroke-" + whose, "stroke-feint") : styled(stroke, "stroke-" + whose));
        if (!feint) {
            boolean arm = step.impact().map(i -> i.grade() == Grade.ARM).orElse(false)
                    && step.placed().act().intent() != Intent.LIGHT
                    && step.who() == Who.ATHLETE;
            nodes.add(styled(new Circle(x, toY, 6), arm ? "contact-arm" : "contact-" + whose));
        }
    }

    private static void bar(List<Node> nodes, RopeScale scale, PlayedWay way, Step step, double x, double gap) {
        Level covered = step.placed().meets().isPresent()
                ? way.steps()
                        .get(step.placed().meets().getAsInt())
                        .placed()
                        .act()
                        .level()
                : step.placed().technique().family() == Family.LEG ? Level.LEG : Level.HEAD;
        double y = scale.strand(step.who(), gap) + RopeScale.thread(covered);
        Rectangle bar = styled(
                new Rectangle(x - 5, y - 13, 10, 26),
                step.who() == Who.ATHLETE ? "defence-athlete" : "defence-partner");
        bar.setArcWidth(8);
        bar.setArcHeight(8);
        nodes.add(bar);
    }

    private static void crossing(List<Node> nodes, double x, double y) {
        double reach = RopeScale.THREAD * 1.2;
        nodes.add(styled(new Line(x - reach, y - reach, x + reach, y + reach), "crossing"));
        nodes.add(styled(new Line(x - reach, y + reach, x + reach, y - reach), "crossing"));
    }

    private static boolean isOneBeat(PlayedWay way, Step step) {
        return Timing.oneBeat(way, step).stream().anyMatch(beats -> beats == 0);
    }

    private static void knots(List<Node> nodes, RopeScale scale, PlayedWay way) {
        for (Step step : way.steps()) {
            if (isOneBeat(way, step)) {
                double x = scale.x(step.beat().inBeats());
                double gap = way.at(step.beat()).gapCm();
                double top = scale.strand(Who.PARTNER, gap) - RopeScale.THREAD;
                double bottom = scale.strand(Who.ATHLETE, gap) + RopeScale.THREAD;
                nodes.add(styled(new Ellipse(x, (top + bottom) / 2, 12, (bottom - top) / 2 + 12), "knot"));
                nodes.add(styled(new Circle(x, (top + bottom) / 2, 7), "knot-tie"));
            }
        }
    }

    private static void labels(List<Node> nodes, RopeScale scale, Picture now) {
        Map<Beat, List<Step>> byBeat = now.way().steps().stream()
                .collect(Collectors.groupingBy(Step::beat, TreeMap::new, Collectors.toList()));
        double room = scale.x(1) - scale.x(0) - 6;
        boolean low = false;
        for (Map.Entry<Beat, List<Step>> entry : byBeat.entrySet()) {
            double x = scale.x(entry.getKey().inBeats());
            String partner = words(entry.getValue(), Who.PARTNER);
            String athlete = words(entry.getValue(), Who.ATHLETE);
            if (!partner.isEmpty()) {
                nodes.add(label("(" + partner + ")", x, RopeScale.TOP - 12, room, "of-partner"));
            }
            double y = scale.height() - RopeScale.BOTTOM + 22;
            // Crowded labels take turns on two rows.
            low = scale.height() >= NAMES_FROM && athlete.length() * 8.4 > room && !low;
            if (!athlete.isEmpty()) {
                nodes.add(label(
                        athlete,
                        x,
                        low ? y - 16 : y,
                        scale.height() >= NAMES_FROM ? Math.max(room * 1.6, 60) : room,
                        "text"));
            }
            grade(entry.getValue(), now)
                    .ifPresent(
                            grade -> nodes.add(centred(grade.words, x, y + 17, SMALL_CHARACTER, "text", grade.style)));
        }
        for (int b = 0; b < now.way().way().beats(); b++) {
            nodes.add(centred("" + (b + 1), scale.x(b), scale.height() - 6, SMALL_CHARACTER, "text", "grade-soft"));
        }
    }

    private static String words(List<Step> steps, Who who) {
        return steps.stream()
                .filter(s -> s.who() == who)
                .map(s -> Notation.print(s.placed().act()))
                .collect(Collectors.joining("+"));
    }

    private record GradeWord(String words, String style) {}

    private static Optional<GradeWord> grade(List<Step> steps, Picture now) {
        Optional<Step> strike = steps.stream()
                .filter(s -> s.who() == Who.ATHLETE && s.placed().technique().isStrike())
                .reduce((_, last) -> last);
        if (strike.isEmpty()) {
            return Optional.empty();
        }
        Step step = strike.get();
        if (isOneBeat(now.way(), step)) {
            return Optional.of(new GradeWord(Texts.of("grade.onebeat"), "grade-knot"));
        }
        if (step.placed().act().feint()) {
            return Optional.of(new GradeWord(Texts.of("grade.feint"), "grade-soft"));
        }
        if (step.placed().act().intent() == Intent.LIGHT) {
            return Optional.of(new GradeWord(Texts.of("grade.light"), "grade-soft"));
        }
        boolean doubled = now.findings().stream()
                .filter(f -> f.code() == Code.RELOAD)
                .anyMatch(f -> f.spans().getFirst().equals(step.placed().span()));
        if (doubled) {
            return Optional.of(new GradeWord(Texts.of("grade.reload"), "grade-arm"));
        }
        return step.impact().map(impact -> switch (impact.grade()) {
            case FULL -> new GradeWord(Texts.of("grade.full"), "grade-full");
            case PART -> new GradeWord(Texts.of("grade.part"), "grade-part");
            case ARM -> new GradeWord(Texts.of("grade.arm"), "grade-arm");
        });
    }

    /// Sizes a call can be set in, with the width of one character in pixels.
    private enum Setting {
        USUAL("mono-strong", 8.4),
        TIGHT("mono-tight", 6.9),
        TINY("mono-tiny", 5.7);

        private final String style;
        private final double character;

        Setting(String style, double character) {
            this.style = style;
            this.character = character;
        }

        static Setting thatFits(String words, double room) {
            for (Setting setting : values()) {
                if (words.length() * setting.character <= room) {
                    return setting;
                }
            }
            return TINY;
        }
    }

    /// A call at its beat, set smaller where the beat is narrow.
    private static Text label(String words, double x, double y, double room, String style) {
        Setting setting = Setting.thatFits(words, room);
        return centred(words, x, y, setting.character, style, setting.style);
    }

    private static Text centred(String words, double x, double y, double character, String... styles) {
        Text text = styled(new Text(words), styles);
        text.setTextOrigin(VPos.BASELINE);
        text.setX(x - words.length() * character / 2);
        text.setY(y);
        text.setMouseTransparent(true);
        return text;
    }

    private void placeScrub() {
        boolean visible = picture != null;
        scrubLine.setVisible(visible);
        scrubGrip.setVisible(visible);
        if (visible) {
            RopeScale scale = scale();
            double x = scale.x(scrub.get());
            scrubLine.setStartX(x);
            scrubLine.setEndX(x);
            scrubLine.setStartY(RopeScale.TOP - 2);
            scrubLine.setEndY(scale.height() - RopeScale.BOTTOM + 6);
            scrubGrip.setTranslateX(x);
            scrubGrip.setTranslateY(RopeScale.TOP - 10);
        }
    }

    /// The rope in words, for those who hear it.
    private static String spoken(Picture now) {
        return now.way().steps().stream()
                .map(s -> Texts.of(
                        "rope.step",
                        s.beat().inBeats() + 1,
                        s.who() == Who.ATHLETE ? now.athlete() : now.partner(),
                        s.placed().technique().name()))
                .collect(Collectors.joining("; "));
    }
}
