package onebeat.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.Test;

/// What a plan may not do, and what it is worth. Two lines, two partners, two weeks before an invented fight.
class PlanRulesTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 10, 5);
    private static final int DAYS = 28;
    private static final int ROOM = 8;

    private static PlanLine line(String id, int plan, boolean begun, Set<Integer> after, Map<Integer, Integer> until) {
        return new PlanLine(
                id,
                plan,
                Rung.WHOLE,
                LadderPace.ends(Rung.WHOLE, 2),
                begun,
                after,
                until,
                id.equals("fed") ? 10 : 0,
                0,
                id.equals("fed"));
    }

    private static final Map<Integer, Integer> BOTH = Map.of(0, Integer.MAX_VALUE, 1, Integer.MAX_VALUE);

    private static PlanProblem problem(PlanRules rules) {
        List<TrainingDay> days = new ArrayList<>();
        for (int day = 0; day < DAYS; day++) {
            days.add(new TrainingDay(MONDAY.plusDays(day), 60, day == 3 ? Set.of("bryn") : Set.of("bryn", "tomas")));
        }
        return new PlanProblem(
                MONDAY.plusDays(DAYS),
                days,
                days.stream().map(_ -> ROOM).toList(),
                new PlanProblem.RoundClock(180, 60),
                List.of(
                        line("fed", 1, true, Set.of(), BOTH),
                        line("pads", 2, true, Set.of(), BOTH),
                        line("new", 0, false, Set.of(1), Map.of(0, 2)),
                        line("newer", 0, false, Set.of(), BOTH)),
                List.of("bryn", "tomas"),
                rules,
                Map.of(),
                CampPlan.EMPTY,
                Set.of());
    }

    private static final PlanProblem USUAL = problem(PlanRules.usual());

    private static PlannedRound round(int day, int line, int partner) {
        return new PlannedRound(day, line, partner);
    }

    private static Set<HardRule> broken(PlanProblem problem, PlannedRound... rounds) {
        return RuleBreaks.of(problem, new CampPlan(List.of(rounds)));
    }

    private static PlannedRound[] times(int n, PlannedRound round) {
        return IntStream.range(0, n).mapToObj(_ -> round).toArray(PlannedRound[]::new);
    }

    private static PlannedRound[] hardDays(int... days) {
        return IntStream.of(days)
                .boxed()
                .flatMap(day -> IntStream.range(0, 6).mapToObj(i -> round(day, i % 2, i % 2)))
                .toArray(PlannedRound[]::new);
    }

    @Test
    void eachRuleIsBrokenByWhatItForbids() {
        assertThat(broken(USUAL, round(0, 0, 0), round(0, 1, 1))).isEmpty();
        PlanProblem wide = USUAL.with(PlanRules.usual()
                .withValue(HardRule.LINE_ROUNDS, 99)
                .withValue(HardRule.PARTNER_ROUNDS, 99)
                .withValue(HardRule.HEAD, 999));
        assertThat(broken(wide, times(9, round(0, 1, 0)))).containsExactly(HardRule.TIME);
        assertThat(broken(USUAL, round(3, 0, 1))).as("Tomas is not there").containsExactly(HardRule.PARTNER);
        assertThat(broken(USUAL, round(0, 2, 0))).as("before what stands in it").containsExactly(HardRule.PREREQUISITE);
        assertThat(broken(USUAL, times(3, round(0, 1, 0)))).containsExactly(HardRule.LINE_ROUNDS);
        assertThat(broken(wide.with(wide.rules().withValue(HardRule.HEAD, 20)), times(3, round(0, 0, 0))))
                .containsExactly(HardRule.HEAD);
        assertThat(broken(wide.with(wide.rules().withValue(HardRule.PARTNER_ROUNDS, 2)), times(3, round(0, 1, 0))))
                .containsExactly(HardRule.PARTNER_ROUNDS);
        assertThat(broken(wide, hardDays(0, 1))).isEmpty();
        assertThat(broken(wide, hardDays(0, 1, 2))).containsExactly(HardRule.HARD_DAYS);
        assertThat(broken(
                        USUAL,
                        IntStream.of(0, 1, 2, 3, 4, 5)
                                .mapToObj(day -> round(day, 1, 0))
                                .toArray(PlannedRound[]::new)))
                .containsExactly(HardRule.REST_DAYS);
        assertThat(broken(USUAL, round(DAYS - 5, 0, 0))).containsExactly(HardRule.NO_CONTACT);
        assertThat(broken(USUAL, round(DAYS - 5, 1, 0))).isEmpty();
        PlanProblem two = USUAL.without(HardRule.PREREQUISITE);
        assertThat(broken(two, round(0, 2, 0), round(0, 3, 0))).containsExactly(HardRule.NEW_LINES);
    }

    @Test
    void aPartnerHoldsALineOnlyUpToTheirStep() {
        PlanProblem free = USUAL.without(HardRule.PREREQUISITE);
        assertThat(broken(free, round(0, 2, 0), round(1, 2, 0))).isEmpty();
        assertThat(broken(free, round(0, 2, 0), round(1, 2, 0), round(4, 2, 0))).containsExactly(HardRule.PARTNER);
        assertThat(broken(free, round(0, 2, 1))).as("Tomas cannot hold it").containsExactly(HardRule.PARTNER);
    }

    @Test
    void whatACoachDemandsIsMissedOrKept() {
        PlanRules pinned = PlanRules.usual().with(new Pin(MONDAY.plusDays(1), "pads", true));
        assertThat(broken(problem(pinned))).containsExactly(HardRule.PINNED);
        assertThat(broken(problem(pinned), round(1, 1, 0))).isEmpty();
        PlanRules forbidden = PlanRules.usual().with(new Pin(MONDAY.plusDays(1), "pads", false));
        assertThat(broken(problem(forbidden), round(1, 1, 0))).containsExactly(HardRule.FORBIDDEN);
        assertThat(broken(problem(PlanRules.usual().withMustBeReady(Set.of("pads")))))
                .containsExactly(HardRule.MUST_BE_READY);
        assertThat(broken(problem(PlanRules.usual().withValue(HardRule.LEAST_DAYS, 1))))
                .containsExactly(HardRule.LEAST_DAYS);
    }

    @Test
    void volumeComesDownByHalfInTheLastTwoWeeks() {
        // Bosquet et al. 2007 (from memory): two weeks, 41 to 60 % less.
        double before = USUAL.target(0);
        double taper = USUAL.target(3);
        assertThat(1 - taper / before).isBetween(0.41, 0.60);
        assertThat(USUAL.target(1)).isEqualTo(USUAL.target(0));
    }

    @Test
    void whatARoundIsWorthIsTheDifferenceThatItMakes() {
        Random random = new Random(5);
        PlanProblem problem = problem(PlanRules.usual()).after(new CampPlan(List.of(round(2, 0, 1), round(9, 1, 0))));
        PlanCounts counts = new PlanCounts(problem, CampPlan.EMPTY);
        for (int i = 0; i < 300; i++) {
            PlannedRound one = round(random.nextInt(DAYS), random.nextInt(4), random.nextInt(2));
            int whole = PlanValue.of(counts).sum();
            int near = PlanValue.near(counts, one);
            counts.add(one, 1);
            assertThat(PlanValue.near(counts, one) - near)
                    .as(one.toString())
                    .isEqualTo(PlanValue.of(counts).sum() - whole);
        }
    }

    @Test
    void eachSoftRuleCountsWhatItSays() {
        CampPlan plan = new CampPlan(List.of(round(0, 1, 0), round(0, 1, 0), round(1, 1, 1)));
        PlanValue value = PlanValue.of(USUAL, plan);
        PlanRules usual = PlanRules.usual();
        assertThat(value.of(SoftRule.READY)).isEqualTo(3 * 6 * usual.weight(SoftRule.READY));
        assertThat(value.of(SoftRule.KEEP)).isEqualTo(usual.weight(SoftRule.KEEP));
        assertThat(value.of(SoftRule.SPACING)).as("two days in a row").isEqualTo(-usual.weight(SoftRule.SPACING));
        assertThat(value.of(SoftRule.VARIETY)).as("twice on a day").isEqualTo(-usual.weight(SoftRule.VARIETY));
        assertThat(value.of(SoftRule.BALANCE)).isEqualTo(usual.weight(SoftRule.BALANCE));
        int missing = IntStream.range(0, 4).map(USUAL::target).sum() - 3;
        assertThat(value.of(SoftRule.CURVE)).isEqualTo(-missing * usual.weight(SoftRule.CURVE));
        PlanValue late = PlanValue.of(USUAL, new CampPlan(List.of(round(DAYS - 7, 3, 0))));
        assertThat(late.of(SoftRule.LATE_NEW)).isEqualTo(-usual.weight(SoftRule.LATE_NEW));
        PlanValue moved = PlanValue.of(USUAL.after(plan), new CampPlan(List.of(round(0, 1, 0))));
        assertThat(moved.of(SoftRule.STEADY)).isEqualTo(-2 * usual.weight(SoftRule.STEADY));
        PlanValue swapped =
                PlanValue.of(USUAL.after(plan), new CampPlan(List.of(round(0, 1, 0), round(0, 1, 1), round(1, 1, 1))));
        assertThat(swapped.of(SoftRule.STEADY))
                .as("somebody else holds one of them")
                .isEqualTo(-usual.weight(SoftRule.STEADY));
    }

    @Test
    void theFillingBreaksNothingThatOnlyKeepsOut() {
        CampPlan plan = PlanFilling.of(USUAL);
        assertThat(RuleBreaks.of(USUAL, plan)).isEmpty();
        assertThat(PlanValue.of(USUAL, plan).sum()).isPositive();
        CampPlan left = PlanFilling.keeping(USUAL.with(PlanRules.usual().withValue(HardRule.NO_CONTACT, 20)), plan);
        assertThat(left.rounds()).hasSizeLessThan(plan.rounds().size()).isNotEmpty();
    }

    @Test
    void whatIsLeftOfAPlanHasWhatIsPinnedNowAndAllThatNeedNotGo() {
        PlannedRound pulled = round(1, 1, 1);
        List<PlannedRound> stay =
                List.of(round(0, 0, 1), round(0, 1, 0), round(1, 0, 0), round(4, 0, 0), round(7, 1, 0));
        List<PlannedRound> before = new ArrayList<>(stay);
        before.add(pulled);
        PlanRules rules = PlanRules.usual()
                .with(pin(pulled.day(), pulled.line(), false))
                .with(pin(4, pulled.line(), true))
                .with(pin(8, 2, true));
        PlanProblem problem = USUAL.with(rules).without(HardRule.LEAST_DAYS);
        CampPlan left = PlanFilling.keeping(problem, new CampPlan(before));
        assertThat(RuleBreaks.of(problem, left)).isEmpty();
        assertThat(left.rounds()).containsAll(stay).doesNotContain(pulled).hasSize(stay.size() + 2);
        assertThat(left.on(4)).extracting(PlannedRound::line).containsExactly(0, 1);
        assertThat(left.on(8)).as("after what it stands on").containsExactly(round(8, 2, 0));
        assertThat(PlanFilling.keeping(problem, left))
                .as("pinned rounds stay with who holds them")
                .isEqualTo(left);
    }

    private static Pin pin(int day, int line, boolean wanted) {
        return new Pin(USUAL.days().get(day).date(), USUAL.lines().get(line).drill(), wanted);
    }

    @Test
    void aRoundSaysWhichRulesMadeItAndWhatWouldBeNextBest() {
        CampPlan plan = new CampPlan(List.of(round(0, 0, 0)));
        PlanReasons why = PlanReasons.of(USUAL, plan, round(0, 0, 0));
        assertThat(why.rules().getFirst()).isEqualTo(SoftRule.READY);
        assertThat(why.gives()).containsKeys(SoftRule.READY, SoftRule.KEEP, SoftRule.BALANCE, SoftRule.CURVE);
        assertThat(why.nextBest().orElseThrow().line()).as("the second plan's").isEqualTo(1);
        assertThat(why.margin()).isEqualTo((8 - 6) * PlanRules.usual().weight(SoftRule.READY));
        PlanReasons other = PlanReasons.of(
                USUAL.with(PlanRules.usual().withValue(HardRule.HEAD, 5)),
                new CampPlan(List.of(round(0, 1, 0))),
                round(0, 1, 0));
        assertThat(other.keptOut()).contains(HardRule.HEAD);
    }

    @Test
    void aLineClimbsAsItsRoundsAreDone() {
        PlanLine line = line("pads", 2, true, Set.of(), BOTH);
        assertThat(line.stepAfter(0)).isEqualTo(Rung.WHOLE);
        assertThat(line.stepAfter(2)).isEqualTo(Rung.TEMPO);
        assertThat(line.stepAfter(99)).isEqualTo(Rung.LIVE);
        assertThat(line.need()).isEqualTo(10);
        assertThat(line.base()).isEqualTo(2);
    }

    @Test
    void thePaceFollowsTheBookAndHasItsBand() {
        // A gamma prior of four steps at four rounds each, and ten steps that took forty: (16 + 40) / (4 + 10).
        LadderPace pace = new LadderPace(10, 40);
        assertThat(pace.mean()).isCloseTo(4, within(1e-9));
        assertThat(pace.quantile(0.1)).isLessThan(pace.mean());
        assertThat(pace.quantile(0.9)).isGreaterThan(pace.mean());
        assertThat(new LadderPace(6, 4).mean()).as("quick").isEqualTo(2);
        assertThat(pace.ends(Rung.FILM)).containsExactly(4);
    }
}
