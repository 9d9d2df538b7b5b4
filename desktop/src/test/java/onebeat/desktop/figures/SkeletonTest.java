package onebeat.desktop.figures;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Limb;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.desktop.figures.Pose.Point;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/// The figures' joints, in every strike and defence of the catalogue and in both stances.
class SkeletonTest {

    private static final double HEAD_CM = 20;

    private static final Fighter ILKA = new Fighter("a", Stance.ORTHODOX, 168, 170);

    private static Setting setting(Stance across) {
        return new Setting(ILKA, new Fighter("b", across, 184, 190));
    }

    private static PlayedWay way(Technique technique, Stance across) {
        Read read = (Read) Notation.read("_ " + technique.code() + " _ _");
        return Play.of(read.line(), setting(across)).ways().getFirst();
    }

    private static List<Technique> drawn() {
        return Catalogue.standard().all().stream().filter(t -> !t.isReaction()).toList();
    }

    private static Skeleton skeleton(PlayedWay way, double beat) {
        Step step = way.steps().getFirst();
        Pose pose = Pose.at(
                way, Who.ATHLETE, beat, ILKA.heightCm(), way.at(step.beat()).gapCm());
        return Skeleton.of(pose, ILKA);
    }

    @ParameterizedTest
    @EnumSource(Stance.class)
    void kneesBendForwardAndElbowsDown(Stance across) {
        for (Technique technique : drawn()) {
            PlayedWay way = way(technique, across);
            double contact = way.steps().getFirst().beat().inBeats();
            for (double beat : new double[] {contact - 0.3, contact, contact + 0.3}) {
                Skeleton body = skeleton(way, beat);
                for (Limb limb : List.of(Limb.LEAD_ARM, Limb.REAR_ARM, Limb.LEAD_LEG, Limb.REAR_LEG)) {
                    if (body.pose().byJoint().contains(limb)) {
                        continue;
                    }
                    Point middle = body.root(limb).toward(body.end(limb), 0.5);
                    Point joint = body.joint(limb);
                    String what = technique.code() + " " + limb + " at " + beat;
                    if (limb == Limb.LEAD_ARM || limb == Limb.REAR_ARM) {
                        assertThat(joint.y()).as(what).isLessThanOrEqualTo(middle.y() + 2);
                    } else {
                        // In front of the line from hip to foot, whichever way the leg points.
                        double dx = body.end(limb).x() - body.root(limb).x();
                        double dy = body.end(limb).y() - body.root(limb).y();
                        double before = dx * (joint.y() - middle.y()) - dy * (joint.x() - middle.x());
                        assertThat(before / Math.hypot(dx, dy)).as(what).isGreaterThanOrEqualTo(-2);
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Stance.class)
    void elbowsAndKneesStrikeWithTheJoint(Stance across) {
        for (Technique technique : drawn()) {
            if (technique.family() != Family.ELBOW && technique.family() != Family.KNEE) {
                continue;
            }
            PlayedWay way = way(technique, across);
            Step step = way.steps().getFirst();
            Skeleton body = skeleton(way, step.beat().inBeats());
            Point landed = new Point(
                    step.landing().orElseThrow().forwardCm(),
                    step.landing().orElseThrow().heightCm());
            assertThat(body.pose().byJoint()).as(technique.code()).hasSize(1);
            Point joint = body.joint(body.pose().byJoint().iterator().next());
            assertThat(Math.hypot(joint.x() - landed.x(), joint.y() - landed.y()))
                    .as(technique.code())
                    .isLessThan(5);
        }
    }

    @ParameterizedTest
    @EnumSource(Stance.class)
    void headsDoNotOverlapOutsideAHold(Stance across) {
        for (Technique technique : drawn()) {
            if (technique.family() == Family.CLINCH || technique.family() == Family.KNEE) {
                continue;
            }
            PlayedWay way = way(technique, across);
            Step step = way.steps().getFirst();
            double gap = way.at(step.beat()).gapCm();
            double beat = step.beat().inBeats();
            Point own = Pose.at(way, Who.ATHLETE, beat, ILKA.heightCm(), gap).head();
            Point other = Pose.at(way, Who.PARTNER, beat, 184, gap).head();
            double apart = Math.hypot(gap - own.x() - other.x(), own.y() - other.y());
            assertThat(apart).as(technique.code()).isGreaterThanOrEqualTo(HEAD_CM);
        }
    }
}
