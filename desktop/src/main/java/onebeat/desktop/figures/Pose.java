package onebeat.desktop.figures;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Reach;
import onebeat.core.exchange.Side;
import onebeat.core.play.Beat;
import onebeat.core.play.Body;
import onebeat.core.play.Limb;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// A fighter seen from the side at one moment: where the joints are, in centimetres from a point on the
/// floor under the middle, forward toward the other and up.
///
/// @param hands the hands by limb
/// @param feet the feet by limb
/// @param turn of the body, -1 cocked to the rear to 1 to the lead
/// @param byJoint the limbs that strike with elbow or knee: there the point is the joint's
record Pose(
        Point hip,
        Point neck,
        Point head,
        Map<Limb, Point> hands,
        Map<Limb, Point> feet,
        double turn,
        Set<Limb> byJoint) {

    /// A point, forward and up, in centimetres.
    record Point(double x, double y) {

        Point toward(Point other, double share) {
            return new Point(x + share * (other.x - x), y + share * (other.y - y));
        }
    }

    /// How long before and after its contact a strike is on its way, in beats.
    private static final double REACH_BEATS = 0.45;

    private static final double SHOULDER = 0.82;
    private static final double HIP = 0.52;

    /// How much lower the hips are in a fighting stance than standing, and how much the height of the
    /// played body moves them, as shares of stature. Drawing only.
    private static final double STANCE_SINK = 0.045;

    private static final double BEND = 0.06;

    /// Half a head with some air: outside a hold no head comes nearer to the middle than this.
    private static final double HEAD_CM = 11.5;

    /// How far the hips follow a shoulder that goes with its strike. Drawing only.
    private static final double HIP_FOLLOWS = 0.5;

    /// The pose at a place in a way.
    ///
    /// @param beat in beats; before 0 both stand at guard
    static Pose at(PlayedWay way, Who who, double beat, double heightCm, double gapCm) {
        Frame frame = Frame.at(way, who, beat);
        double hipY = heightCm * (HIP - STANCE_SINK) + heightCm * BEND * frame.height;
        double hipX = 9 * frame.weight;
        double lean = 7 * frame.turn + 5 * frame.weight + 4;
        double push = frame.push(heightCm);
        Point hip = new Point(Math.max(hipX, push * HIP_FOLLOWS), hipY);
        Point neck = new Point(Math.max(hipX + lean, push), hipY + heightCm * (SHOULDER - HIP));
        Point head = new Point(neck.x + 3 + frame.slip * 9, neck.y + heightCm * 0.085 - Math.abs(frame.slip) * 8);
        Map<Limb, Point> hands = new EnumMap<>(Limb.class);
        Map<Limb, Point> feet = new EnumMap<>(Limb.class);
        double shoulder = 10 * frame.turn;
        hands.put(Limb.LEAD_ARM, new Point(neck.x + 26 - shoulder, neck.y - 2));
        hands.put(Limb.REAR_ARM, new Point(neck.x + 13 + shoulder, neck.y + 2));
        feet.put(Limb.LEAD_LEG, new Point(24, 0));
        feet.put(Limb.REAR_LEG, new Point(-27, 0));
        Set<Limb> byJoint = EnumSet.noneOf(Limb.class);
        for (Busy busy : frame.busy) {
            busy.reach(hands, feet, heightCm, gapCm);
            busy.joint().ifPresent(byJoint::add);
        }
        boolean holds = frame.busy.stream().anyMatch(Busy::isHold);
        double over = holds ? 0 : Math.max(0, head.x + HEAD_CM - gapCm / 2);
        return new Pose(
                hip,
                new Point(neck.x - over * 0.7, neck.y),
                new Point(head.x - over, head.y),
                hands,
                feet,
                frame.turn,
                byJoint);
    }

    /// An action under way.
    ///
    /// @param share how far it is, 1 at its contact
    private record Busy(Step step, double share) {

        void reach(Map<Limb, Point> hands, Map<Limb, Point> feet, double heightCm, double gapCm) {
            Side side = step.placed().side().orElse(Side.LEAD);
            boolean leg = step.placed().technique().part() == Part.LEG;
            Map<Limb, Point> limbs = leg ? feet : hands;
            Limb limb = leg ? Limb.leg(side) : Limb.arm(side);
            Point now = limbs.get(limb);
            if (now == null || step.placed().technique().part() == Part.TRUNK) {
                return;
            }
            double reach = step.placed().act().feint() ? share * 0.5 : share;
            if (step.placed().technique().isStrike()) {
                limbs.put(limb, now.toward(target(heightCm, gapCm), reach));
            } else if (step.placed().technique().isDefence()
                    && step.placed().technique().part() != Part.FEET) {
                limbs.put(limb, now.toward(guard(leg, now), reach));
            }
        }

        /// The limb that strikes with its elbow or knee.
        Optional<Limb> joint() {
            Side side = step.placed().side().orElse(Side.LEAD);
            return switch (step.placed().technique().family()) {
                case ELBOW -> Optional.of(Limb.arm(side));
                case KNEE -> Optional.of(Limb.leg(side));
                default -> Optional.empty();
            };
        }

        boolean isHold() {
            return step.placed().technique().family() == Family.CLINCH
                    || step.placed().technique().family() == Family.KNEE;
        }

        /// Where the engine says that it lands; a feint is drawn toward the same place.
        private Point target(double heightCm, double gapCm) {
            return step.landing()
                    .map(landing -> new Point(landing.forwardCm(), landing.heightCm()))
                    .orElseGet(() -> new Point(gapCm - FEINT_SHORT_CM, height(heightCm)));
        }

        private static final double FEINT_SHORT_CM = 12;

        private double height(double heightCm) {
            return new Build(heightCm, heightCm)
                    .targetHeightCm(step.placed().act().level());
        }

        /// A raised shin stands in front of the body, whichever leg it is.
        private static final double CHECKED_CM = 16;

        private static Point guard(boolean leg, Point now) {
            return leg ? new Point(CHECKED_CM, 44) : new Point(now.x + 8, now.y + 12);
        }
    }

    /// The body between two moments, and what is under way.
    private record Frame(double turn, double weight, double height, double slip, List<Busy> busy) {

        static Frame at(PlayedWay way, Who who, double beat) {
            Moment before = way.moments().getFirst();
            Optional<Moment> after = Optional.empty();
            for (Moment moment : way.moments()) {
                if (moment.beat().inBeats() <= beat) {
                    before = moment;
                } else if (after.isEmpty()) {
                    after = Optional.of(moment);
                }
            }
            Body from = before.of(who);
            double share = after.map(a -> between(beat, beforeBeat(way, beat), a.beat()))
                    .orElse(0.0);
            Body to = after.map(a -> a.of(who)).orElse(from);
            List<Busy> busy = way.of(who)
                    .filter(s -> Math.abs(s.beat().inBeats() - beat) < REACH_BEATS)
                    .map(s -> new Busy(s, 1 - Math.abs(s.beat().inBeats() - beat) / REACH_BEATS))
                    .toList();
            double slip = busy.stream()
                    .filter(b -> b.step.placed().technique().part() == Part.TRUNK
                            && b.step.placed().technique().isDefence())
                    .mapToDouble(b -> b.share * (b.step.placed().side().orElse(Side.REAR) == Side.REAR ? -1 : 1))
                    .sum();
            return new Frame(
                    mix(from.turn(), to.turn(), share),
                    mix(from.weight(), to.weight(), share),
                    mix(from.height(), to.height(), share),
                    slip,
                    busy);
        }

        /// How far in front of the axis the shoulder is taken by a strike that is under way.
        double push(double heightCm) {
            return busy.stream()
                    .filter(b -> b.step.placed().act().isStrike()
                            && b.step.placed().technique().part() == Part.ARM)
                    .mapToDouble(b -> b.share
                            * Reach.of(b.step.placed().technique())
                                    .map(r -> r.rootCm(new Build(heightCm, heightCm)))
                                    .orElse(0.0))
                    .max()
                    .orElse(0);
        }

        private static Beat beforeBeat(PlayedWay way, double beat) {
            Beat found = way.moments().getFirst().beat();
            for (Moment moment : way.moments()) {
                if (moment.beat().inBeats() <= beat) {
                    found = moment.beat();
                }
            }
            return found;
        }

        private static double between(double beat, Beat from, Beat to) {
            double whole = to.since(from);
            return whole <= 0 ? 0 : Math.clamp((beat - from.inBeats()) / whole, 0, 1);
        }

        private static double mix(double from, double to, double share) {
            return from + share * (to - from);
        }
    }
}
