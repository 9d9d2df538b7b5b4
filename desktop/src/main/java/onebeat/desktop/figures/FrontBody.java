package onebeat.desktop.figures;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Side;
import onebeat.core.play.Limb;
import onebeat.desktop.figures.Pose.Point;

/// Draws a fighter from the front, as whoever holds for them sees them: the lead side nearer and therefore larger.
///
/// @param pose where everything is, seen from the side; how far forward it is makes it larger here
/// @param leadSide 1 where the lead side lies to the right of the picture, -1 where it lies to the left
/// @param gapCm how far off the eye is
record FrontBody(BodyShapes shapes, Pose pose, int leadSide, double gapCm) {

    private static final double SHOULDER = 19;
    private static final double HIP = 10;
    private static final double STANCE = 17;
    private static final double GUARD = 10;

    /// How much larger a hand looks that has come all the way. Drawing only.
    private static final double NEAR = 1.1;

    private static final String BODY = "body-athlete-near";
    private static final String FAR = "body-athlete-far";

    void draw() {
        leg(Side.REAR, FAR, "shorts-far");
        leg(Side.LEAD, BODY, "shorts-near");
        trunk();
        head();
        arm(Side.REAR, FAR, "glove-athlete-far");
        arm(Side.LEAD, BODY, "glove-athlete-near");
    }

    private double across(Side side, double cm) {
        return (side == Side.LEAD ? leadSide : -leadSide) * cm;
    }

    private void leg(Side side, String style, String shorts) {
        Point foot = pose.feet().getOrDefault(Limb.leg(side), new Point(0, 0));
        Point hip = new Point(across(side, HIP), pose.hip().y());
        Point sole = new Point(across(side, STANCE), foot.y() - foot.x() * 0.14 + 5);
        Point knee = new Point(across(side, STANCE - 1), (hip.y() + sole.y()) / 2 + 3);
        shapes.capsule(hip, 9.6, knee, 6.6, style);
        shapes.capsule(knee, 6.6, sole, 4.6, style);
        shapes.capsule(hip, 10.6, hip.toward(knee, 0.45), 9, shorts);
    }

    private void trunk() {
        double shoulders = pose.neck().y() - 6;
        Point waist = new Point(0, pose.hip().y() + 12);
        shapes.capsule(new Point(-SHOULDER + 7, shoulders - 4), 9, new Point(SHOULDER - 7, shoulders - 4), 9, BODY);
        shapes.capsule(new Point(0, shoulders - 14), 16, waist, 12.5, BODY);
        shapes.capsule(
                new Point(-4, pose.hip().y()), 11, new Point(4, pose.hip().y()), 11, "shorts-near");
    }

    private void head() {
        Point head = new Point(0, pose.head().y());
        shapes.capsule(new Point(0, pose.neck().y() - 3), 6, head, 5.4, BODY);
        shapes.shape(oval(head, 9, 12, 0, 1), BODY);
        shapes.shape(oval(head, 9.4, 12.6, 0.06, 0.44), "hair-athlete");
        for (int eye : new int[] {-1, 1}) {
            shapes.shape(oval(new Point(eye * 3.6, head.y() - 0.5), 1.1, 0.9, 0, 1), "hair-athlete");
        }
    }

    /// A part of an oval, from and to as shares of a turn, begun at the right.
    private static List<Point> oval(Point middle, double wide, double high, double from, double to) {
        List<Point> outline = new ArrayList<>();
        for (int i = 0; i <= 24; i++) {
            double angle = 2 * Math.PI * (from + (to - from) * i / 24);
            outline.add(new Point(middle.x() + wide * Math.cos(angle), middle.y() + high * Math.sin(angle)));
        }
        return outline;
    }

    /// A hand that comes grows, and goes from its own side to the middle.
    private void arm(Side side, String style, String glove) {
        Point hand = pose.hands().getOrDefault(Limb.arm(side), new Point(0, 0));
        double near = near(side);
        Point shoulder = new Point(across(side, SHOULDER - 3), pose.neck().y() - 8);
        Point fist = new Point(across(side, GUARD * (1 - near)), hand.y());
        Point elbow = new Point(
                (shoulder.x() + fist.x()) / 2 + across(side, 7 * (1 - near)),
                Math.min(shoulder.y(), fist.y()) - 15 * (1 - near) - 4);
        shapes.capsule(shoulder, 6.8, elbow, 5.2, style);
        shapes.capsule(elbow, 5.2, fist, 4.4, style);
        double size = 6.6 * (1 + NEAR * near);
        shapes.capsule(
                new Point(fist.x(), fist.y() - size * 0.4), size * 0.9, new Point(fist.x(), fist.y() + 1), size, glove);
    }

    /// How far a hand has come, from 0 at its guard to 1.
    private double near(Side side) {
        Point hand = pose.hands().getOrDefault(Limb.arm(side), new Point(0, 0));
        return Math.clamp((hand.x() - 25) / Math.max(1, gapCm - 25), 0, 1);
    }
}
