package onebeat.desktop.rope;

import java.util.ArrayList;
import java.util.List;
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

/// The ground of the rope: the reach bands, the beats, and both strands of every way that is drawn.
record RopeStrands(ShapePool marks, RopeScale scale, Picture picture, Forks forks) {

    void draw() {
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
    }

    private double left() {
        return scale.left() - 22;
    }

    private double right() {
        return right(scale);
    }

    /// Where the strands end.
    static double right(RopeScale scale) {
        return scale.width() - scale.right() + 12;
    }

    /// The bands of the athlete's own reach, each shaded to its far edge; where the partner's straight
    /// reaches farther or less far has a line of their own.
    private void bands(Forks forks) {
        if (forks.lanes() > 1) {
            return;
        }
        Setting setting = picture.review().context().setting();
        Ranges own = setting.ranges(Who.ATHLETE);
        double widest = widest(forks.ways().getFirst());
        for (Band band : Band.values()) {
            double edge = own.farCm(band);
            if (edge > widest + RopeView.BAND_ROOM_CM) {
                continue;
            }
            double half = half(edge);
            marks.rectangle(left(), scale.middle(0) - half, right() - left(), 2 * half, "band");
            edges(half, "band-edge");
        }
        double theirs = setting.ranges(Who.PARTNER).farCm(Band.LONG);
        if (Math.abs(theirs - own.farCm(Band.LONG)) > 1 && theirs <= widest + RopeView.BAND_ROOM_CM) {
            edges(half(theirs), "reach-partner");
        }
    }

    private double half(double cm) {
        return scale.half(cm);
    }

    private void edges(double half, String style) {
        for (double y : new double[] {scale.middle(0) - half, scale.middle(0) + half}) {
            marks.line(left(), y, right(), y, style);
        }
    }

    static double widest(PlayedWay way) {
        return way.moments().stream().mapToDouble(Moment::gapCm).max().orElse(0);
    }

    private void beatLines() {
        scale.stretch()
                .all()
                .forEach(b -> marks.line(scale.x(b), scale.top() - 4, scale.x(b), scale.bottom() + 6, "beat-line"));
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
        for (Moment moment : scale.stretch().moments(forks.ways().get(way))) {
            double beat = moment.beat().inBeats();
            double x = beat < scale.stretch().from() ? scale.left() - 18 : scale.x(beat);
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
}
