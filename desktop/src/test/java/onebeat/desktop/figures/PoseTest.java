package onebeat.desktop.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Span;
import onebeat.core.play.Landing;
import onebeat.core.play.Limb;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.desktop.figures.Pose.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PoseTest {

    private static final double HEIGHT = 175;

    private static PlayedWay way(String line) {
        return Play.of(((Read) Notation.read(line)).line(), Setting.usual())
                .ways()
                .getFirst();
    }

    private static Pose pose(String line, double beat) {
        PlayedWay way = way(line);
        return Pose.at(way, Who.ATHLETE, beat, HEIGHT, 100);
    }

    private static Point hand(Pose pose, Limb limb) {
        Point point = pose.hands().get(limb);
        assertThat(point).isNotNull();
        return point == null ? new Point(0, 0) : point;
    }

    private static Point foot(Pose pose, Limb limb) {
        Point point = pose.feet().get(limb);
        assertThat(point).isNotNull();
        return point == null ? new Point(0, 0) : point;
    }

    @Test
    void atGuardTheFeetAreOnTheFloorAndTheLeadOneInFront() {
        Pose guard = pose("_ _ 1", 0);
        assertThat(foot(guard, Limb.LEAD_LEG).y()).isZero();
        assertThat(foot(guard, Limb.REAR_LEG).y()).isZero();
        assertThat(foot(guard, Limb.LEAD_LEG).x())
                .isGreaterThan(foot(guard, Limb.REAR_LEG).x());
        assertThat(hand(guard, Limb.LEAD_ARM).x())
                .isGreaterThan(hand(guard, Limb.REAR_ARM).x());
    }

    @Test
    void atItsContactAPunchIsAtTheOther() {
        Pose jab = pose("1 _ _", 0);
        Landing landing = way("1 _ _").steps().getFirst().landing().orElseThrow();
        assertThat(hand(jab, Limb.LEAD_ARM).x()).isCloseTo(landing.forwardCm(), within(5.0));
        assertThat(hand(jab, Limb.LEAD_ARM).y()).isGreaterThan(HEIGHT * 0.85);
        Pose body = pose("2b _ _", 0);
        assertThat(hand(body, Limb.REAR_ARM).y()).isBetween(HEIGHT * 0.55, HEIGHT * 0.75);
    }

    /// The figures' hands and feet at a contact are where the engine says that it lands.
    @ParameterizedTest
    @EnumSource(Stance.class)
    void atItsContactEveryLimbIsWithinFiveCentimetresOfTheEngine(Stance partner) {
        Setting setting = new Setting(new Fighter("a", Stance.ORTHODOX, 168, 170), new Fighter("b", partner, 184, 190));
        for (Technique strike : Catalogue.standard().all()) {
            if (!strike.isStrike()) {
                continue;
            }
            for (Level level : strike.levels().keySet()) {
                Act act = new Act(false, strike, level, Intent.NORMAL, new Span(0, 1));
                String line = "_ " + Notation.print(act) + " _ _";
                PlayedWay played = Play.of(((Read) Notation.read(line)).line(), setting)
                        .ways()
                        .getFirst();
                Step step = played.steps().getFirst();
                double beat = step.beat().inBeats();
                Pose drawn = Pose.at(
                        played, Who.ATHLETE, beat, 168, played.at(step.beat()).gapCm());
                Side side = step.placed().side().orElseThrow();
                Point limb = strike.part() == Part.LEG ? foot(drawn, Limb.leg(side)) : hand(drawn, Limb.arm(side));
                Landing landing = step.landing().orElseThrow();
                double off = Math.hypot(limb.x() - landing.forwardCm(), limb.y() - landing.heightCm());
                assertThat(off).as(line).isLessThan(5);
            }
        }
    }

    @Test
    void aKickLiftsItsOwnFootOnly() {
        Pose kick = pose("rlow _ _", 0);
        assertThat(foot(kick, Limb.REAR_LEG).y()).isGreaterThan(40);
        assertThat(foot(kick, Limb.LEAD_LEG).y()).isZero();
        Pose calf = pose("lcalf _ _", 0);
        assertThat(foot(calf, Limb.LEAD_LEG).y())
                .isLessThan(foot(kick, Limb.REAR_LEG).y());
    }

    @Test
    void betweenBeatsTheHandIsOnItsWayAndThenHome() {
        double start = hand(pose("_ 1 _ _", 0), Limb.LEAD_ARM).x();
        double under = hand(pose("_ 1 _ _", 0.8), Limb.LEAD_ARM).x();
        double contact = hand(pose("_ 1 _ _", 1), Limb.LEAD_ARM).x();
        double home = hand(pose("_ 1 _ _", 2), Limb.LEAD_ARM).x();
        assertThat(under).isBetween(start, contact);
        assertThat(home).isLessThan(contact - 20);
    }

    @Test
    void aFeintGoesHalfTheWay() {
        double feint = hand(pose("~2 _", 0), Limb.REAR_ARM).x();
        double real = hand(pose("2 _", 0), Limb.REAR_ARM).x();
        assertThat(feint).isLessThan(real - 15);
    }

    @Test
    void weightAndHeightMoveTheHips() {
        assertThat(pose("2 _", 0).hip().x())
                .isGreaterThan(pose("pull _", 0).hip().x());
        assertThat(pose("dip _", 0).hip().y()).isLessThan(pose("1 _", 0).hip().y());
    }

    @Test
    void aPointIsMixed() {
        assertThat(new Point(0, 10).toward(new Point(10, 0), 0.5)).isEqualTo(new Point(5, 5));
    }
}
