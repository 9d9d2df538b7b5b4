package onebeat.desktop.rope;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Ranges;
import onebeat.core.play.Body;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.desktop.nodes.ShapePool;
import onebeat.desktop.rope.Curve.Point;
import onebeat.desktop.rope.RopeView.Picture;
import onebeat.desktop.text.Texts;

/// The ground of the rope: the reach bands, the beats, and both strands of every way that is drawn.
record RopeStrands(ShapePool marks, RopeScale scale, Picture picture) {

    void draw() {
        Forks forks = picture.forks();
        bands(forks);
        beatLines();
        for (int way = 0; way < forks.lanes(); way++) {
            boolean chosen = forks.numbers().get(way) == picture.way() || forks.lanes() == 1;
            if (!chosen) {
                strands(forks, way, "strand-faint");
            }
        }
        for (int way = 0; way < forks.lanes(); way++) {
            if (forks.numbers().get(way) == picture.way() || forks.lanes() == 1) {
                strands(forks, way, "");
            }
        }
        names(forks);
    }

    private double left() {
        return RopeScale.LEFT - 22;
    }

    private double right() {
        return scale.width() - scale.right() + 12;
    }

    /// The bands of the athlete's own reach, each shaded to its far edge; where the other man's straight
    /// reaches farther or less far has a line of their own.
    private void bands(Forks forks) {
        if (forks.lanes() > 1) {
            return;
        }
        Setting setting = picture.review().context().setting();
        Ranges own = setting.ranges(Who.ATHLETE);
        double widest = widest(forks.ways().getFirst());
        List<Label> labels = new ArrayList<>();
        for (Band band : Band.values()) {
            double edge = own.farCm(band);
            if (edge > widest + RopeView.BAND_ROOM_CM) {
                continue;
            }
            double half = half(edge);
            marks.rectangle(left(), scale.middle(0) - half, right() - left(), 2 * half, "band");
            edges(half, "band-edge");
            labels.add(new Label(Texts.of("band." + band.word()) + " " + Math.round(edge), half, "band-name"));
        }
        double theirs = setting.ranges(Who.PARTNER).farCm(Band.LONG);
        if (Math.abs(theirs - own.farCm(Band.LONG)) > 1 && theirs <= widest + RopeView.BAND_ROOM_CM) {
            edges(half(theirs), "reach-partner");
            labels.add(new Label(
                    Texts.of("rope.reach", picture.partner(), Math.round(theirs)), half(theirs), "reach-name"));
        }
        labels(labels);
    }

    private record Label(String words, double half, String style) {}

    private double half(double cm) {
        return cm / 2 * scale.pixelsPerCm() + scale.threadGap();
    }

    private void edges(double half, String style) {
        for (double y : new double[] {scale.middle(0) - half, scale.middle(0) + half}) {
            marks.line(left(), y, right(), y, style);
        }
    }

    /// Each name stands at its edge above the middle, or below it where another one stands there already.
    private void labels(List<Label> labels) {
        if (scale.height() < RopeScale.NAMES_FROM) {
            return;
        }
        List<Double> taken = new ArrayList<>();
        for (Label label : labels) {
            double above = scale.middle(0) - label.half + 4;
            double below = scale.middle(0) + label.half + 4;
            double y = isFree(above, taken) ? above : below;
            if (isFree(y, taken)) {
                taken.add(y);
                marks.text(label.words, right() + 6, y, "text", label.style);
            }
        }
    }

    private static boolean isFree(double y, List<Double> taken) {
        return taken.stream().noneMatch(other -> Math.abs(other - y) < 13);
    }

    private static double widest(PlayedWay way) {
        return way.moments().stream().mapToDouble(Moment::gapCm).max().orElse(0);
    }

    private void beatLines() {
        for (int b = 0; b < picture.review().played().beats(); b++) {
            marks.line(scale.x(b), RopeScale.TOP - 4, scale.x(b), scale.height() - RopeScale.BOTTOM + 6, "beat-line");
        }
    }

    private void strands(Forks forks, int way, String extra) {
        for (Who who : Who.values()) {
            strand(forks, way, who, extra);
        }
    }

    private void strand(Forks forks, int way, Who who, String extra) {
        String name = who == Who.ATHLETE ? "athlete" : "partner";
        List<Point> middle = new ArrayList<>();
        List<Point> core = new ArrayList<>();
        List<Point> turn = new ArrayList<>();
        int inward = who == Who.ATHLETE ? -1 : 1;
        for (Moment moment : forks.ways().get(way).moments()) {
            double beat = moment.beat().inBeats();
            double x = beat < 0 ? RopeScale.LEFT - 18 : scale.x(beat);
            double y = scale.strand(who, moment.gapCm(), forks.lane(way, beat));
            Body body = moment.of(who);
            middle.add(new Point(x, y));
            double sway = y + inward * body.weight() * scale.threadGap() * 1.3;
            core.add(new Point(x, sway));
            turn.add(new Point(x, sway + body.turn() * scale.threadGap()));
        }
        Point last = middle.getLast();
        middle.add(new Point(Math.min(right(), last.x() + 30), last.y()));
        for (Level level : List.of(Level.HEAD, Level.BODY, Level.LEG)) {
            List<Point> thread = middle.stream()
                    .map(p -> new Point(p.x(), p.y() + scale.thread(level)))
                    .toList();
            if (extra.isEmpty() && scale.lanes() == 1) {
                marks.path(Curve.elements(thread), "strand-" + name + "-body");
            }
            marks.path(Curve.elements(thread), styles("strand-" + name, extra));
        }
        if (extra.isEmpty()) {
            marks.path(Curve.elements(turn), "turn-line");
            marks.path(Curve.elements(core), "core-line");
        }
    }

    private static String[] styles(String style, String extra) {
        return extra.isEmpty() ? new String[] {style} : new String[] {style, extra};
    }

    private void names(Forks forks) {
        Moment start = forks.ways().getFirst().moments().getFirst();
        double lane = forks.lane(0, -1);
        for (Who who : Who.values()) {
            marks.text(
                    picture.name(who).toUpperCase(Locale.ROOT),
                    2,
                    scale.strand(who, start.gapCm(), lane) + 6,
                    "text",
                    "narrow",
                    who == Who.ATHLETE ? "of-athlete" : "of-partner");
        }
    }
}
