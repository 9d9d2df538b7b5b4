package onebeat.core.holding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import onebeat.core.Lines;
import onebeat.core.RandomLines;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Limits;
import onebeat.core.review.Review;
import onebeat.core.timing.Timing;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The holder's plan against the physical rules: one hand in one place, travel time, height, side.
class HoldingTest {

    private static final Set<Gear> MITTS = EnumSet.of(Gear.MITTS, Gear.GUARDS, Gear.BELLY);
    private static final Set<Gear> PADS = EnumSet.of(Gear.KICKPADS, Gear.GUARDS, Gear.BELLY);
    private static final double BPM = 60;

    private static PlayedWay way(String line, Setting setting) {
        return Lines.play(line, setting).ways().getFirst();
    }

    private static PadPlan plan(String line, Setting setting, Set<Gear> gear, JabSchool jab) {
        return Holding.plan(way(line, setting), setting, new Holder(gear, jab), BPM);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "(1) rparry 1",
                "(1) catch+1",
                "(1) catch+2",
                "(1b) lparry 2",
                "(2b) rparry 3",
                "(3) block 3",
                "(3) block+3",
                "(overhand) lshield 2",
                "(4) lshield 2",
                "(3b) tuck 6",
                "(3b) tuck 5",
                "(4b) tuck 5",
                "(3b 4b) tuck tuck 6 3 2",
                "(2) slip-in 5 2 3",
                "(1 1) catch slip-out 2 3",
                "(2) lparry+2 3b",
                "(2b) block 6",
                "(1) slip-out 3",
                "(3) block 3b",
                "(1) shield elbow relbow knee",
                "(1 2) shield wedge elbow relbow knee",
                "1 2 3 rlow",
                "1 6 3 rmid",
                "1 3 rlow 1 2",
                "1 2b 3",
                "2 3b 3 2 5 6 elbow relbow",
                "[snap]*2 1 2",
                "sw-mid sw-mid",
                "1 3 tie knee",
                "inlow rcalf 1 2"
            })
    @DisplayName("F1 to F32: every counter and combination has a pad plan with mitts or with kick pads")
    void everyCounterCanBeHeld(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            if (Lines.codes(line, setting).contains(Code.SAME_HAND)) {
                continue;
            }
            for (JabSchool jab : JabSchool.values()) {
                PadPlan mitts = plan(line, setting, MITTS, jab);
                PadPlan pads = plan(line, setting, PADS, jab);
                PadPlan plan = mitts.missing().isEmpty() && mitts.clash().isEmpty() ? mitts : pads;
                assertThat(plan.missing()).as(line + " " + setting).isEmpty();
                assertThat(plan.clash()).as(line + " " + setting + " " + jab).isEmpty();
                obeys(way(line, setting), setting, plan);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"1 2 3 rlow", "1 2b 3", "1 3 tie knee", "(1) catch+2 rmid", "sw-mid sw-mid", "2 elbow relbow"})
    @DisplayName("what has a target is told as the plan tells it, with mitts, with kick pads, with shields alone")
    void whatHasATargetIsToldWithoutThePlan(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            for (Set<Gear> gear : List.of(MITTS, PADS, EnumSet.of(Gear.BELLY), EnumSet.of(Gear.MITTS))) {
                Holder holder = new Holder(gear, JabSchool.STRAIGHT);
                PadPlan plan = Holding.plan(way(line, setting), setting, holder, BPM);
                if (plan.clash().isEmpty()) {
                    assertThat(Holding.hasTargets(way(line, setting), holder))
                            .as(line + " " + gear)
                            .isEqualTo(plan.missing().isEmpty());
                }
            }
        }
    }

    @Test
    @DisplayName("a strike without a target is missed too where the hands are late before it")
    void whatComesAfterTooLateAHandIsLookedAtToo() {
        Holder mitts = new Holder(EnumSet.of(Gear.MITTS), JabSchool.STRAIGHT);
        PadPlan late = Holding.plan(way("[1 2]*4 rlow", Lines.SAME), Lines.SAME, mitts, 2_000);
        assertThat(late.clash()).as("the hands are late").isPresent();
        assertThat(late.missing()).as("and the plan ends there").isEmpty();
        assertThat(Holding.hasTargets(way("[1 2]*4 rlow", Lines.SAME), mitts)).isFalse();
        assertThat(Holding.hasTargets(way("[1 2]*4", Lines.SAME), mitts)).isTrue();
    }

    /// The rules, checked without the planner: one kind of hand gear, each hand home from its feed and moved in time.
    private static void obeys(PlayedWay way, Setting setting, PadPlan plan) {
        assertThat(plan.pads().stream()
                        .map(Pad::gear)
                        .filter(Gear::takesHands)
                        .distinct()
                        .count())
                .isLessThanOrEqualTo(1);
        Map<Side, Double> free = new EnumMap<>(Side.class);
        List<Step> order = way.steps().stream()
                .filter(s -> s.placed().act().isStrike())
                .sorted(java.util.Comparator.comparing(Step::beat).thenComparing(Step::who, (a, b) -> b.compareTo(a)))
                .toList();
        for (Step step : order) {
            double ms = Timing.atMs(step.beat(), BPM);
            if (step.who() == Who.PARTNER) {
                if (step.placed().technique().part() == onebeat.core.exchange.Part.ARM) {
                    free.put(
                            step.placed().side().orElseThrow(),
                            ms + step.placed().technique().motion().homeMs());
                }
                continue;
            }
            Pad pad = plan.of(step.index()).orElseThrow();
            assertThat(pad.heightCm())
                    .isEqualTo(setting.ranges(Who.ATHLETE)
                            .other()
                            .targetHeightCm(step.placed().act().level()));
            assertThat(pad.showMs()).isLessThanOrEqualTo(Math.max(0, ms));
            for (Side side : pad.hand().sides()) {
                assertThat(free.getOrDefault(side, -1e9)).as("the hand is home").isLessThanOrEqualTo(ms);
                free.put(side, ms);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"1, REAR, LEAD", "2, LEAD, LEAD", "3, REAR, REAR"})
    @DisplayName("Two schools hold the jab on different hands; all else stays")
    void schools(String strike, Hand straight, Hand crossing) {
        assertThat(plan(strike, Lines.SAME, MITTS, JabSchool.STRAIGHT)
                        .pads()
                        .getFirst()
                        .hand())
                .isEqualTo(straight);
        assertThat(plan(strike, Lines.SAME, MITTS, JabSchool.CROSSING)
                        .pads()
                        .getFirst()
                        .hand())
                .isEqualTo(crossing);
    }

    @Test
    void theSchoolsGiveTheSameReviews() {
        for (String line : List.of("1 2 3 off", "1 1 2 off", "(2) parry 1 2 off")) {
            Context usual = Context.of(Lines.SAME);
            Review one = Review.of(Lines.read(line), usual.with(new Holder(MITTS, JabSchool.STRAIGHT)));
            Review other = Review.of(Lines.read(line), usual.with(new Holder(MITTS, JabSchool.CROSSING)));
            assertThat(other.findings()).isEqualTo(one.findings());
        }
    }

    @Test
    @DisplayName("A hand that feeds cannot be a target before it can be there")
    void aFeedingHandIsNoTarget() {
        PlayedWay way = way("(1)+4", Lines.SAME);
        PadPlan plan = Holding.plan(way, Lines.SAME, new Holder(MITTS, JabSchool.STRAIGHT), BPM);
        PadPlan.Clash clash = plan.clash().orElseThrow();
        assertThat(clash.keeper()).isZero();
        assertThat(clash.step()).isEqualTo(1);
        assertThat(clash.shortMs()).isPositive();
        assertThat(plan("(1) catch+1", Lines.SAME, MITTS, JabSchool.STRAIGHT).clash())
                .isEmpty();
        assertThat(plan("(1) catch+1", Lines.SAME, MITTS, JabSchool.CROSSING)
                        .pads()
                        .getFirst()
                        .hand())
                .as("the crossing mitt is the one that feeds, so the other one takes the jab")
                .isEqualTo(Hand.REAR);
    }

    @Test
    void aClashIsFoundWithTheTwoBeatsAndMended() {
        assertThat(Lines.review("(2) lparry+2 off").findings(Code.PAD_CLASH)).isEmpty();
        Review found = Lines.review("(1) slip-out+4 off");
        assertThat(found.findings(Code.PAD_CLASH)).hasSize(1);
        assertThat(found.findings(Code.PAD_CLASH).getFirst().text())
                .contains("jab")
                .contains("beat 1")
                .contains(" ms ");
        assertThat(found.findings(Code.PAD_CLASH).getFirst().mended()).isPresent();
    }

    @Test
    void whatNothingTakesIsTouchedOnly() {
        Review review = Lines.review("1 2 3 rmid off");
        assertThat(review.findings(Code.PAD_MISSING)).hasSize(1);
        assertThat(review.findings(Code.PAD_MISSING).getFirst().text()).contains("kick pads");
        assertThat(review.findings(Code.PAD_MISSING).getFirst().mended()).contains("1 2 3 rmid' off");
        Review held = Review.of(
                Lines.read("1 2 3 rmid off"), Context.of(Lines.SAME).with(new Holder(PADS, JabSchool.STRAIGHT)));
        assertThat(held.findings(Code.PAD_MISSING)).isEmpty();
    }

    @Test
    @DisplayName("The plan has the least travel of all, against trying every way of choosing")
    void leastTravel() {
        Random random = new Random(31);
        for (int i = 0; i < 200; i++) {
            String line = RandomLines.chain(random, 1 + random.nextInt(6));
            PlayedWay way = way(line, Lines.SAME);
            for (Gear hands : List.of(Gear.MITTS, Gear.KICKPADS, Gear.SHIELD)) {
                Set<Gear> gear = EnumSet.of(hands, Gear.BELLY, Gear.GUARDS);
                PadPlan plan = Holding.plan(way, Lines.SAME, new Holder(gear, JabSchool.STRAIGHT), BPM);
                if (plan.clash().isEmpty()) {
                    double least = BruteForce.leastTravel(way, Lines.SAME, gear);
                    assertThat(plan.travelCm())
                            .as(line + " " + hands)
                            .isCloseTo(least, org.assertj.core.api.Assertions.within(1e-9));
                }
            }
        }
    }

    @Test
    void touchesAreCountedAndLimitsAreTheCoachs() {
        PlayedWay way = way("(1 2) parry parry 1 2 rhigh", Lines.SAME);
        Contact contact = Contact.of(way, Holding.plan(way, Lines.SAME, Holder.usual(), BPM));
        assertThat(contact.pads()).isEqualTo(2);
        assertThat(contact.partner()).containsEntry(Level.HEAD, 1);
        assertThat(contact.athlete()).containsEntry(Level.HEAD, 2);
        assertThat(contact.onHeads()).isEqualTo(3);
        Limits limits = Limits.none()
                .with(Limits.Of.HEAD, Limits.In.REPETITION, 2)
                .with(Limits.Of.PARTNER, Limits.In.REPETITION, 0);
        Review review = Review.of(
                Lines.read("(1 2) parry parry 1 2 rhigh off"),
                Context.of(Lines.SAME).with(limits));
        assertThat(review.findings(Code.HEAD_LOAD)).hasSize(1);
        assertThat(review.findings(Code.PARTNER_LOAD).getFirst().text())
                .contains("1 touches")
                .contains("allow 0");
        assertThat(review.hasStop()).isTrue();
        assertThat(Lines.review("(1 2) parry parry 1 2 rhigh off").findings(Code.HEAD_LOAD))
                .isEmpty();
    }

    @Test
    void everyStrikeHasSomeGearOrIsSaidToHaveNone() {
        List<String> none = new ArrayList<>();
        for (var technique : onebeat.core.exchange.Catalogue.standard().all()) {
            for (Level level : technique.isStrike() ? technique.levels().keySet() : Set.<Level>of()) {
                if (HoldOptions.gearFor(technique, level).isEmpty()) {
                    none.add(technique.code() + " " + level);
                }
            }
        }
        assertThat(none).isEmpty();
    }

    @Test
    @DisplayName("J14: a mitt on one hand and a shield on the other take hands and kicks of one line")
    void gearIsPerHand() {
        Set<Gear> both = EnumSet.of(Gear.MITTS, Gear.SHIELD);
        PadPlan mixed = plan("1 2 rmid", Lines.SAME, both, JabSchool.STRAIGHT);
        assertThat(mixed.missing()).isEmpty();
        assertThat(mixed.pads()).extracting(Pad::gear).containsExactly(Gear.MITTS, Gear.MITTS, Gear.SHIELD);
        assertThat(plan("1 2 rmid", Lines.SAME, EnumSet.of(Gear.MITTS), JabSchool.STRAIGHT)
                        .missing())
                .hasSize(1);
        assertThat(plan("1 2 3", Lines.SAME, both, JabSchool.STRAIGHT).pads())
                .as("two mitts where nothing asks for more")
                .extracting(Pad::gear)
                .containsOnly(Gear.MITTS);
    }

    @Test
    @DisplayName("J14: showing another target at the flinch takes its motion time: at a fast tempo there is none")
    void theFlinchTakesTime() {
        Holder holder = new Holder(EnumSet.of(Gear.MITTS), JabSchool.STRAIGHT);
        PlayedWay way = way("2 (high) 3b", Lines.SAME);
        assertThat(Holding.plan(way, Lines.SAME, holder, 60).clash()).isEmpty();
        assertThat(Holding.plan(way, Lines.SAME, holder, 200).clash()).isPresent();
    }
}
