package onebeat.desktop.figures;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Limb;
import onebeat.desktop.figures.Pose.Point;

/// Draws one fighter from the side as a body: limbs that taper, a chest that turns, shorts, gloves, feet, a head with a
/// face. What is nearer to the eye is drawn last and lighter.
///
/// @param who `athlete` or `partner`, for the colours
record BodyDrawing(BodyShapes shapes, String who) {

    private static final double HEAD_WIDE = 9.5;
    private static final double HEAD_HIGH = 12;
    private static final double FOOT = 21;

    /// @param leadIsNear whether the lead side is on the side of the eye
    void draw(Skeleton body, boolean leadIsNear) {
        Limb farArm = leadIsNear ? Limb.REAR_ARM : Limb.LEAD_ARM;
        Limb farLeg = leadIsNear ? Limb.REAR_LEG : Limb.LEAD_LEG;
        Limb nearArm = leadIsNear ? Limb.LEAD_ARM : Limb.REAR_ARM;
        Limb nearLeg = leadIsNear ? Limb.LEAD_LEG : Limb.REAR_LEG;
        arm(body, farArm, "far");
        leg(body, farLeg, "far");
        trunk(body);
        head(body.pose());
        leg(body, nearLeg, "near");
        arm(body, nearArm, "near");
    }

    private void arm(Skeleton body, Limb arm, String depth) {
        Point shoulder = body.root(arm);
        Point elbow = body.joint(arm);
        Point hand = body.end(arm);
        capsule(shoulder, 6.6, elbow, 4.6, "body-" + who + "-" + depth);
        capsule(elbow, 4.6, hand, 3.6, "body-" + who + "-" + depth);
        glove(elbow, hand, depth);
    }

    /// A glove: a fist that is thicker than the wrist, with a cuff.
    private void glove(Point elbow, Point hand, String depth) {
        double dx = hand.x() - elbow.x();
        double dy = hand.y() - elbow.y();
        double length = Math.max(1, Math.hypot(dx, dy));
        Point wrist = new Point(hand.x() - dx / length * 9, hand.y() - dy / length * 9);
        Point knuckles = new Point(hand.x() - dx / length * 3.5, hand.y() - dy / length * 3.5);
        capsule(wrist, 4.4, knuckles, 6.6, "glove-" + who + "-" + depth);
    }

    private void leg(Skeleton body, Limb leg, String depth) {
        Point hip = body.root(leg);
        Point knee = body.joint(leg);
        Point ankle = raised(body.end(leg));
        capsule(hip, 9.2, knee, 6.2, "body-" + who + "-" + depth);
        capsule(knee, 6.4, ankle, 4, "body-" + who + "-" + depth);
        capsule(hip, 9.8, hip.toward(knee, 0.5), 8.6, "shorts-" + depth);
        foot(knee, ankle, depth);
    }

    /// The ankle over the sole.
    private static Point raised(Point sole) {
        return new Point(sole.x(), sole.y() + 6);
    }

    /// The foot points forward on the floor, and away from the shin in the air.
    private void foot(Point knee, Point ankle, String depth) {
        boolean stands = ankle.y() < 12;
        double dx = ankle.x() - knee.x();
        double dy = ankle.y() - knee.y();
        double length = Math.max(1, Math.hypot(dx, dy));
        Point toes = stands
                ? new Point(ankle.x() + FOOT * 0.72, 2.6)
                : new Point(
                        ankle.x() + (dx * 0.75 - dy * 0.5) / length * FOOT * 0.7,
                        ankle.y() + (dy * 0.75 + dx * 0.5) / length * FOOT * 0.7);
        Point heel = stands ? new Point(ankle.x() - 3, 3.2) : ankle;
        capsule(heel, 3.4, toes, 2.4, "body-" + who + "-" + depth);
    }

    /// Chest and waist. A chest that is turned shows more of its width.
    private void trunk(Skeleton body) {
        Pose pose = body.pose();
        double turned = Math.abs(pose.turn());
        Point chest = new Point(pose.neck().x(), pose.neck().y() - 17);
        Point waist = pose.hip().toward(pose.neck(), 0.2);
        capsule(chest, 14.5 + 2.5 * turned, waist, 10.5, "body-" + who + "-near");
        capsule(new Point(pose.neck().x(), pose.neck().y() - 4), 6, chest, 13 + 2 * turned, "body-" + who + "-near");
        capsule(pose.hip(), 10.4, waist, 9.8, "shorts-near");
    }

    private void head(Pose pose) {
        Point neck = new Point(pose.neck().x(), pose.neck().y() - 2);
        capsule(neck, 5.4, pose.head().toward(neck, 0.35), 5, "body-" + who + "-near");
        List<Point> skull = new ArrayList<>();
        for (int i = 0; i < 26; i++) {
            double angle = 2 * Math.PI * i / 26;
            double forward = Math.cos(angle);
            double up = Math.sin(angle);
            // The face is flatter than the back of the head, and the chin comes forward.
            double wide = forward > 0 ? HEAD_WIDE * (up < -0.2 ? 0.98 : 0.9) : HEAD_WIDE;
            double nose = Math.abs(up + 0.1) < 0.16 && forward > 0.5 ? 1.9 : 0;
            skull.add(new Point(
                    pose.head().x() + wide * forward + nose, pose.head().y() + HEAD_HIGH * up));
        }
        shapes.shape(skull, "body-" + who + "-near");
        List<Point> hair = new ArrayList<>();
        for (int i = 0; i <= 12; i++) {
            double angle = Math.PI * (0.22 + 0.98 * i / 12);
            hair.add(new Point(
                    pose.head().x() + HEAD_WIDE * 1.05 * Math.cos(angle),
                    pose.head().y() + HEAD_HIGH * 1.04 * Math.sin(angle)));
        }
        shapes.shape(hair, "hair-" + who);
    }

    private void capsule(Point from, double fromRadius, Point to, double toRadius, String style) {
        shapes.capsule(from, fromRadius, to, toRadius, style);
    }
}
