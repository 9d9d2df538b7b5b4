package onebeat.core.play;

import static onebeat.core.Lines.ALL_SETTINGS;
import static onebeat.core.Lines.OPEN;
import static onebeat.core.Lines.SAME;
import static onebeat.core.Lines.codes;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import onebeat.core.Lines;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Ranges;
import onebeat.core.exchange.Segment;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.RuleSet;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Facts of distance, feet and stance: F8 to F10, F12, F13, F15 to F18. All are common practice.
class FactsOfFloorTest {

    private static final Fighter TALL = new Fighter("tall", Stance.SOUTHPAW, 190, 196);
    private static final Fighter SHORT = new Fighter("short", Stance.ORTHODOX, 168, 170);

    private static Review muayThai(String line, Setting setting) {
        return Review.of(
                Lines.read(line),
                Context.of(setting).with(RuleSet.of("muaythai").orElseThrow()));
    }

    @ParameterizedTest
    @CsvSource({
        "@long 2, true",
        "@out 2, false",
        "@out 3, false",
        "@mid 3, true",
        "@out leaphook, true",
        "@out rmid, true",
        "@out in 1, true",
        "@long 1 2 3, true",
        "@kick 5, false",
        "@kick upjab, true"
    })
    @DisplayName("F8: range picks the weapon; out of range only leaping strikes, kicks and steps reach")
    void rangePicksTheWeapon(String line, boolean reaches) {
        for (Setting setting : ALL_SETTINGS) {
            assertThat(codes(line, setting).contains(Code.OUT_OF_REACH))
                    .as(line)
                    .isEqualTo(!reaches);
        }
    }

    @Test
    @DisplayName("F8: after 1-2 too far for the lead hook, the up-jab still reaches")
    void tooFarForTheHook() {
        assertThat(codes("1 2 (retreat) 3")).contains(Code.OUT_OF_REACH);
        assertThat(codes("1 2 (retreat) upjab")).doesNotContain(Code.OUT_OF_REACH);
    }

    @ParameterizedTest
    @ValueSource(strings = {"@long elbow", "@long tie", "@kick knee"})
    @DisplayName("F8: elbows, knees and ties need clinch range or something that carries in")
    void elbowsNeedAnEntry(String line) {
        for (Setting setting : ALL_SETTINGS) {
            String closer = line.startsWith("@kick") ? "@mid knee" : line.replace("@long", "@close");
            boolean found = muayThai(line, setting).findings(Code.NO_ENTRY).isEmpty();
            assertThat(found).as(line).isEqualTo(line.endsWith("tie"));
            assertThat(muayThai(closer, setting).findings(Code.NO_ENTRY))
                    .as(closer)
                    .isEmpty();
        }
    }

    @Test
    @DisplayName(
            "F9: there is a band in which only the taller can hit; within it the shorter one's straight falls short")
    void onlyTheTallerHits() {
        Setting setting = new Setting(SHORT, TALL);
        Ranges own = setting.ranges(Who.ATHLETE);
        Ranges theirs = setting.ranges(Who.PARTNER);
        assertThat(theirs.longerByCm(own)).isBetween(5.0, 25.0);
        assertThat(theirs.longerKickByCm(own)).isPositive();
        double between = (own.farCm(Band.LONG) + theirs.farCm(Band.LONG)) / 2;
        assertThat(own.at(between)).isEqualTo(Band.KICK);
        assertThat(theirs.at(between)).isEqualTo(Band.LONG);
    }

    @Test
    @DisplayName("F9: the body is nearer than the head of a taller opponent")
    void theBodyIsNearer() {
        Ranges own = new Setting(SHORT, TALL).ranges(Who.ATHLETE);
        var cross = onebeat.core.exchange.Catalogue.standard().get("2");
        assertThat(own.reachCm(cross, Level.BODY))
                .get()
                .satisfies(body -> assertThat(body)
                        .isGreaterThan(own.reachCm(cross, Level.HEAD).orElseThrow()));
    }

    @ParameterizedTest
    @CsvSource({"circle-rear, circle-lead"})
    @DisplayName("F10: exits go away from the power side and change the facing; the other way goes into it")
    void exits(String rear, String lead) {
        for (Setting setting : ALL_SETTINGS) {
            boolean same = setting.pairing() == Pairing.SAME;
            String safe = "1 2 " + (same ? rear : lead);
            String wrong = "1 2 " + (same ? lead : rear);
            assertThat(codes(safe, setting)).doesNotContain(Code.INTO_POWER, Code.NO_EXIT, Code.STRAIGHT_RETREAT);
            assertThat(codes(wrong, setting)).contains(Code.INTO_POWER);
            assertThat(codes("1 2 out", setting)).contains(Code.STRAIGHT_RETREAT);
            assertThat(offLine(safe, setting)).isNegative();
            assertThat(offLine(wrong, setting)).isPositive();
            assertThat(Lines.exposure(safe, setting)).isLessThan(Lines.exposure(wrong, setting));
            assertThat(offLine("1 2 off", setting)).isNegative();
            assertThat(offLine("1 2 piv", setting)).isNegative();
        }
    }

    private static double offLine(String line, Setting setting) {
        Moment end = Lines.play(line, setting).ways().getFirst().moments().getLast();
        return end.athleteFeet().offLineOf(end.partnerFeet());
    }

    @Test
    @DisplayName(
            "F12: in open pairing a step across puts the lead foot outside the other's, a circle to the rear side inside")
    void theOutsideLeadFoot() {
        assertThat(outside("across 2")).isGreaterThan(10);
        assertThat(outside("1 circle-rear 2")).isNegative();
        assertThat(codes("across 2", OPEN)).doesNotContain(Code.WRONG_FOOT);
        assertThat(codes("1 circle-rear 2", OPEN)).contains(Code.WRONG_FOOT);
    }

    private static double outside(String line) {
        PlayedWay way = Lines.play(line, OPEN).ways().getFirst();
        Step last = way.steps().getLast();
        Moment before = way.at(new Beat(last.beat().halves() - 1));
        return before.athleteFeet().leadFootOutsideCm(before.partnerFeet());
    }

    @Test
    @DisplayName("F13: before a rear low kick the lead foot steps across and out; stepping straight is the wrong line")
    void acrossBeforeTheLowKick() {
        for (Setting setting : ALL_SETTINGS) {
            assertThat(codes("1 across rlow", setting)).doesNotContain(Code.WRONG_FOOT, Code.LEG_LOADED);
            assertThat(codes("1 in rlow", setting)).contains(Code.WRONG_FOOT);
            Review review = Lines.review("1 in rlow", setting);
            assertThat(review.findings(Code.WRONG_FOOT).getFirst().mended()).contains("1 across rlow");
        }
    }

    @Test
    @DisplayName(
            "F13: the kick meets the outside of the other's lead leg in the same stance and the inside in open pairing")
    void whereTheLowKickLands() {
        assertThat(zone("rlow", SAME)).isEqualTo("LEAD_THIGH_OUT");
        assertThat(zone("rlow", OPEN)).isEqualTo("LEAD_THIGH_IN");
    }

    private static String zone(String line, Setting setting) {
        return Lines.review(line, setting)
                .openings()
                .getFirst()
                .byStep()
                .get(0)
                .zone()
                .name();
    }

    @Test
    @DisplayName("F15, F33: the overhand takes the weight over the lead knee and not past it; the other hand stays up")
    void theOverhand() {
        Step overhand = Lines.step("overhand", 0);
        assertThat(overhand.after().weight()).isBetween(0.3, 0.7);
        assertThat(overhand.after().height()).isNegative();
        assertThat(overhand.after().doing(Limb.LEAD_ARM)).isEmpty();
    }

    @Test
    @DisplayName("F33: a jab does not rise, so that the athlete can still roll")
    void theJabDoesNotRise() {
        assertThat(Lines.step("1", 0).after().height()).isLessThanOrEqualTo(0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1 3 tie knee break", "1 overhand tie knee break"})
    @DisplayName("F16: clinch entry behind the lead hook or the overhand")
    void clinchEntries(String line) {
        for (Setting setting : ALL_SETTINGS) {
            Review review = Lines.review(line, setting);
            assertThat(review.hasStop()).as(line).isFalse();
            assertThat(review.findings(Code.NO_ENTRY)).as(line).isEmpty();
            assertThat(muayThai("@kick tie knee", setting).findings(Code.NO_ENTRY))
                    .isNotEmpty();
        }
    }

    @Test
    @DisplayName("F17: on the run every step is a punch, the stance changes at each and each has the whole turn")
    void runningBlast() {
        for (Setting setting : ALL_SETTINGS) {
            PlayedWay way = Lines.play("2 (retreat) through+2 (retreat) through+2 (retreat) through+2 tie", setting)
                    .ways()
                    .getFirst();
            var strikes = way.strikesOf(Who.ATHLETE).toList();
            for (Step strike : strikes.subList(1, strikes.size())) {
                assertThat(strike.impact().orElseThrow().grade()).isEqualTo(Grade.FULL);
            }
            assertThat(strikes.get(1).after().stance())
                    .isNotEqualTo(strikes.get(2).after().stance());
            assertThat(codes(
                            "2 (retreat) through+2 (retreat) through+2 (retreat) through+2 (retreat) through tie",
                            setting))
                    .doesNotContain(Code.RELOAD, Code.ARM_ONLY, Code.OUT_OF_REACH, Code.SAME_HAND, Code.STANCE_LOST);
        }
    }

    @Test
    @DisplayName("F18: the mirror run flows, and over an even count it is home again")
    void mirrorRun() {
        String run = "[2 3b 3 2 5 6 elbow relbow switch]*";
        for (Setting setting : ALL_SETTINGS) {
            Review even = muayThai(run + "2 circle-" + (setting.pairing() == Pairing.SAME ? "rear" : "lead"), setting);
            assertThat(even.hasStop()).isFalse();
            assertThat(even.findings(Code.STANCE_LOST)).isEmpty();
            assertThat(even.findings(Code.RELOAD)).isEmpty();
            assertThat(even.findings(Code.NO_ENTRY)).isEmpty();
            assertThat(muayThai(run + "3", setting).findings(Code.STANCE_LOST)).hasSize(1);
        }
    }

    @Test
    @DisplayName("Body segments follow Drillis and Contini (1966), as drawn in Winter; from memory")
    void bodySegments() {
        assertThat(Segment.HIP.share()).isEqualTo(0.530);
        assertThat(Segment.SHOULDER.share()).isEqualTo(0.818);
        assertThat(Segment.UPPER_ARM.share() + Segment.FOREARM.share() + Segment.HAND.share())
                .isCloseTo(0.440, within(1e-9));
        // Winter's worked total: from hip to knee 0.245, from knee to ankle 0.246 of stature.
        assertThat(Segment.HIP.share() - Segment.KNEE.share()).isCloseTo(0.245, within(1e-9));
        assertThat(Segment.KNEE.share() - Segment.ANKLE.share()).isCloseTo(0.246, within(1e-9));
        Build build = new Build(180, 184);
        assertThat(build.legCm()).isCloseTo(180 * 0.491, within(1e-9));
        double fingers = build.armCm() + Segment.HAND.share() / 2 * build.armCm() / (0.186 + 0.146 + 0.054);
        double shoulders = Segment.HALF_SHOULDERS.share() * build.armCm() / (0.186 + 0.146 + 0.054);
        assertThat(2 * (fingers + shoulders))
                .as("both arms and the shoulders are the span")
                .isCloseTo(184, within(1e-9));
    }

    @Test
    @DisplayName("An own longer reach never shrinks the own bands")
    void longerReachNeverShrinksTheBands() {
        for (double span = 160; span < 210; span += 5) {
            Ranges one = Ranges.of(new Fighter("a", Stance.ORTHODOX, 175, span), SHORT);
            Ranges longer = Ranges.of(new Fighter("a", Stance.ORTHODOX, 175, span + 5), SHORT);
            for (Band band : Band.values()) {
                assertThat(longer.farCm(band)).as(band + " at " + span).isGreaterThanOrEqualTo(one.farCm(band));
            }
        }
    }

    @Test
    void bandsGetNearerAndTheirMiddlesAreTheirOwn() {
        for (Setting setting : new Setting[] {SAME, new Setting(SHORT, TALL), new Setting(TALL, SHORT)}) {
            Ranges ranges = setting.ranges(Who.ATHLETE);
            double last = Double.MAX_VALUE;
            for (Band band : Band.values()) {
                assertThat(ranges.middleCm(band)).as(band + " " + setting).isLessThan(last);
                assertThat(ranges.at(ranges.middleCm(band))).isEqualTo(band);
                last = ranges.middleCm(band);
            }
        }
    }

    @Test
    @DisplayName("Kicks want room: too near their power drops")
    void kicksWantRoom() {
        double far = Lines.step("rmid", 0).impact().orElseThrow().power();
        double near = Lines.step("@clinch rmid", 0).impact().orElseThrow().power();
        assertThat(near).isLessThan(far * 0.8);
        assertThat(codes("@clinch rmid")).contains(Code.ARM_ONLY);
    }

    @Test
    void whoWalksForwardComesNearerAndWhoBacksUpGoesAway() {
        assertThat(Lines.way("1 (chase)").at(Beat.START).gapCm())
                .isLessThan(Lines.way("1").at(Beat.START).gapCm());
        assertThat(Lines.way("1 (retreat)").at(Beat.START).gapCm())
                .isGreaterThan(Lines.way("1").at(Beat.START).gapCm());
    }

    @Test
    void thePartnerTurnsBackWhenWalkedAround() {
        PlayedWay way = Lines.way("1 circle-rear _ _ 1");
        double atOnce = Math.abs(off(way, 1));
        double later = Math.abs(off(way, 3));
        assertThat(later).isLessThan(atOnce);
        assertThat(way.at(Beat.whole(1))
                        .athleteFeet()
                        .offLineOf(way.at(Beat.whole(1)).partnerFeet()))
                .isNegative();
    }

    private static double off(PlayedWay way, int beat) {
        Moment moment = way.at(Beat.whole(beat));
        return moment.athleteFeet().offLineOf(moment.partnerFeet());
    }

    @Test
    void theFeetStandApart() {
        Footing feet = Lines.way("1").at(Beat.START).athleteFeet();
        assertThat(feet.leadFoot().distanceTo(feet.rearFoot())).isBetween(40.0, 65.0);
        assertThat(feet.around(Lines.way("1").at(Beat.START).partnerFeet(), 90, Side.LEAD)
                        .axis()
                        .y())
                .isPositive();
    }
}
