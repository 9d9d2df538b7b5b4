package onebeat.desktop.figures;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import onebeat.core.exchange.Fighter;
import onebeat.core.play.Limb;
import onebeat.desktop.figures.Pose.Point;

/// The joints of a fighter in a pose: two bones to each limb, knees forward and elbows down. Lengths follow the
/// fighter's height and span; shares of stature as commonly drawn.
///
/// @param roots shoulders and hips, by limb
/// @param joints elbows and knees, by limb
/// @param ends hands and feet, by limb
record Skeleton(Pose pose, Map<Limb, Point> roots, Map<Limb, Point> joints, Map<Limb, Point> ends) {

    private static final double ARM_BONE_CM = 31;
    private static final double LEG_BONE_CM = 46;
    private static final double USUAL_HEIGHT = 175;
    private static final double USUAL_SPAN = 178;

    /// How far a shoulder lies before or behind the neck when the body is square, and how much the turn moves it.
    private static final double SHOULDER_CM = 7;

    private static final double TURN_CM = 6;
    private static final double HIP_CM = 5;

    private static final List<Limb> DRAWN = List.of(Limb.LEAD_ARM, Limb.REAR_ARM, Limb.LEAD_LEG, Limb.REAR_LEG);

    static Skeleton of(Pose pose, Fighter fighter) {
        double arm = ARM_BONE_CM * fighter.spanCm() / USUAL_SPAN;
        double leg = LEG_BONE_CM * fighter.heightCm() / USUAL_HEIGHT;
        Map<Limb, Point> roots = new EnumMap<>(Limb.class);
        Map<Limb, Point> joints = new EnumMap<>(Limb.class);
        Map<Limb, Point> ends = new EnumMap<>(Limb.class);
        for (Limb limb : DRAWN) {
            boolean isLeg = limb == Limb.LEAD_LEG || limb == Limb.REAR_LEG;
            boolean lead = limb == Limb.LEAD_LEG || limb == Limb.LEAD_ARM;
            Point root = isLeg
                    ? new Point(
                            pose.hip().x() + (lead ? HIP_CM : -HIP_CM),
                            pose.hip().y())
                    : new Point(
                            pose.neck().x() + (lead ? 1 : -1) * (SHOULDER_CM - TURN_CM * pose.turn()),
                            pose.neck().y() - 7);
            Point end = (isLeg ? pose.feet() : pose.hands()).getOrDefault(limb, root);
            roots.put(limb, root);
            if (pose.byJoint().contains(limb)) {
                joints.put(limb, end);
                ends.put(limb, isLeg ? tuckedFoot(root, end, leg) : foldedHand(root, end, arm));
            } else {
                joints.put(limb, joint(root, end, isLeg ? leg : arm, isLeg ? 1 : -1));
                ends.put(limb, end);
            }
        }
        return new Skeleton(pose, roots, joints, ends);
    }

    /// The joint of two equal bones: off the straight line by what is left of their length, a knee forward (`bend` +1),
    /// an elbow down (-1).
    static Point joint(Point from, Point to, double bone, int bend) {
        double dx = to.x() - from.x();
        double dy = to.y() - from.y();
        double length = Math.hypot(dx, dy);
        double off = length == 0 ? 0 : Math.sqrt(Math.max(0, bone * bone - length * length / 4)) * bend / length;
        Point joint = new Point(from.x() + dx / 2 - dy * off, from.y() + dy / 2 + dx * off);
        // A hand over its shoulder would turn the elbow up: it stays under the line.
        boolean wrong = bend < 0 && joint.y() > from.y() + dy / 2 + 1;
        return wrong ? new Point(from.x() + dx / 2 + dy * off, from.y() + dy / 2 - dx * off) : joint;
    }

    /// Behind an elbow that strikes the forearm folds back to the chest.
    private static Point foldedHand(Point shoulder, Point elbow, double bone) {
        double dx = shoulder.x() - elbow.x();
        double dy = shoulder.y() + 6 - elbow.y();
        double length = Math.max(1, Math.hypot(dx, dy));
        return new Point(elbow.x() + dx / length * bone * 0.8, elbow.y() + dy / length * bone * 0.8 + 4);
    }

    /// Under a knee that strikes the shin hangs, heel toward the seat.
    private static Point tuckedFoot(Point hip, Point knee, double bone) {
        double back = knee.x() > hip.x() ? -0.45 : -0.2;
        return new Point(knee.x() + back * bone, knee.y() - 0.86 * bone);
    }

    Point root(Limb limb) {
        return roots.getOrDefault(limb, pose.hip());
    }

    Point joint(Limb limb) {
        return joints.getOrDefault(limb, pose.hip());
    }

    Point end(Limb limb) {
        return ends.getOrDefault(limb, pose.hip());
    }
}
