package onebeat.desktop.figures;

import java.util.List;
import java.util.Map;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import onebeat.core.exchange.Fighter;
import onebeat.core.play.Limb;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.desktop.figures.Pose.Point;
import onebeat.desktop.nodes.ShapePool;
import org.jspecify.annotations.Nullable;

/// Draws the two fighters as figures, the athlete on the left.
public final class FigureView extends Pane {

    private static final double ARM_CM = 31;
    private static final double LEG_CM = 46;
    private static final double ROOM_CM = 205;

    private final ShapePool marks = new ShapePool(this);
    private @Nullable PlayedWay way;
    private Setting setting = Setting.usual();
    private double beat;

    public FigureView() {
        getStyleClass().add("figures");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        widthProperty().addListener((_, _, _) -> draw());
        heightProperty().addListener((_, _, _) -> draw());
    }

    /// Shows these two at a place in a way; nothing without a way.
    public void show(@Nullable PlayedWay now, Setting who, double atBeat) {
        way = now;
        setting = who;
        beat = atBeat;
        draw();
    }

    private void draw() {
        marks.begin();
        if (way == null || getWidth() < 20 || getHeight() < 20) {
            marks.end();
            return;
        }
        double scale = (getHeight() - 24) / ROOM_CM;
        double floor = getHeight() - 14;
        double gap = gapAt(way, beat);
        marks.line(
                10,
                floor + 4,
                getWidth() - 10,
                floor + 4,
                getStyleClass().contains("on-screen") ? "screen-line" : "floor-line");
        double middle = getWidth() / 2;
        Drawing athlete = new Drawing(marks, middle - gap / 2 * scale, floor, scale, 1, "figure-athlete");
        Drawing partner = new Drawing(marks, middle + gap / 2 * scale, floor, scale, -1, "figure-partner");
        partner.figure(pose(way, Who.PARTNER, setting.partner(), gap), setting.partner());
        athlete.figure(pose(way, Who.ATHLETE, setting.athlete(), gap), setting.athlete());
        marks.end();
    }

    private Pose pose(PlayedWay now, Who who, Fighter fighter, double gap) {
        return Pose.at(now, who, beat, fighter.heightCm(), gap);
    }

    private static double gapAt(PlayedWay way, double beat) {
        Moment before = way.moments().getFirst();
        for (Moment moment : way.moments()) {
            if (moment.beat().inBeats() > beat) {
                double whole = moment.beat().since(before.beat());
                double share = Math.clamp((beat - before.beat().inBeats()) / whole, 0, 1);
                return before.gapCm() + share * (moment.gapCm() - before.gapCm());
            }
            before = moment;
        }
        return before.gapCm();
    }

    /// Draws in one fighter's own centimetres: forward is toward the other man.
    private record Drawing(ShapePool marks, double x, double floor, double scale, int facing, String style) {

        void figure(Pose pose, Fighter fighter) {
            double leg = LEG_CM * fighter.heightCm() / 175;
            double arm = ARM_CM * fighter.spanCm() / 178;
            limb(pose.hip(), at(pose.feet(), Limb.REAR_LEG), leg, 1, "figure-back");
            Point shoulder = new Point(pose.neck().x(), pose.neck().y() - 6);
            limb(shoulder, at(pose.hands(), Limb.REAR_ARM), arm, -1, "figure-back");
            line(pose.hip(), pose.neck());
            line(pose.neck(), pose.neck().toward(pose.head(), 0.3));
            limb(pose.hip(), at(pose.feet(), Limb.LEAD_LEG), leg, 1, "");
            limb(shoulder, at(pose.hands(), Limb.LEAD_ARM), arm, -1, "");
            marks.circle(px(pose.head()), py(pose.head()), 11 * scale, style);
        }

        private static Point at(Map<Limb, Point> points, Limb limb) {
            Point point = points.get(limb);
            return point == null ? new Point(0, 0) : point;
        }

        /// A limb of two equal bones: the joint lies off the straight line by what is left of their length, a knee
        /// forward (`bend` +1), an elbow down (-1).
        private void limb(Point from, Point to, double bone, int bend, String extra) {
            double dx = to.x() - from.x();
            double dy = to.y() - from.y();
            double length = Math.hypot(dx, dy);
            double off = length == 0 ? 0 : Math.sqrt(Math.max(0, bone * bone - length * length / 4)) * bend / length;
            Point joint = new Point(from.x() + dx / 2 - dy * off, from.y() + dy / 2 + dx * off);
            List<Double> points = List.of(px(from), py(from), px(joint), py(joint), px(to), py(to));
            if (extra.isEmpty()) {
                marks.polyline(points, style);
            } else {
                marks.polyline(points, style, extra);
            }
        }

        private void line(Point from, Point to) {
            marks.polyline(List.of(px(from), py(from), px(to), py(to)), style);
        }

        private double px(Point point) {
            return x + facing * point.x() * scale;
        }

        private double py(Point point) {
            return floor - point.y() * scale;
        }
    }
}
