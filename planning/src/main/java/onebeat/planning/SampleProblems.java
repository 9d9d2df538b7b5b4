package onebeat.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.LadderPace;
import onebeat.core.plan.PlanLine;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.TrainingDay;
import onebeat.core.timing.Rung;

/// Camps that nobody has, drawn from a seed, to try planning out on.
public final class SampleProblems {

    /// A Monday.
    public static final LocalDate FIRST = LocalDate.of(2026, 9, 7);

    private static final int WEEK = 7;
    private static final PlanProblem.RoundClock CLOCK = new PlanProblem.RoundClock(180, 60);
    private static final double ROUNDS_A_STEP = 2;

    private SampleProblems() {}

    /// How big a camp is.
    ///
    /// @param sessions a week
    /// @param rounds that fit into a session
    public record Size(int weeks, int sessions, int rounds, int lines, int partners) {

        /// Eight weeks of five sessions of eight rounds, twenty lines, six partners.
        public static final Size USUAL = new Size(8, 5, 8, 20, 6);
    }

    /// A camp of this size.
    public static PlanProblem of(Size size, PlanRules rules, long seed) {
        Random random = new Random(seed);
        List<String> partners = new ArrayList<>();
        for (int p = 0; p < size.partners(); p++) {
            partners.add("p" + p);
        }
        List<PlanLine> lines = new ArrayList<>();
        for (int l = 0; l < size.lines(); l++) {
            lines.add(line(l, size, random));
        }
        List<TrainingDay> days = new ArrayList<>();
        List<Integer> rooms = new ArrayList<>();
        for (int d = 0; d < size.weeks() * WEEK; d++) {
            boolean trains = d % WEEK < size.sessions();
            Set<String> there = new HashSet<>(partners);
            there.removeIf(_ -> random.nextInt(4) == 0);
            days.add(new TrainingDay(FIRST.plusDays(d), trains ? 60 : 0, there));
            rooms.add(trains ? size.rounds() : 0);
        }
        return new PlanProblem(
                FIRST.plusDays(days.size()),
                days,
                rooms,
                CLOCK,
                lines,
                partners,
                rules,
                Map.of(),
                CampPlan.EMPTY,
                Set.of());
    }

    private static PlanLine line(int number, Size size, Random random) {
        Rung at = List.of(Rung.values()).get(random.nextInt(6));
        List<Integer> ends = LadderPace.ends(at, ROUNDS_A_STEP);
        boolean begun = random.nextInt(3) > 0;
        Set<Integer> after = new HashSet<>();
        if (!begun && number > 0 && random.nextBoolean()) {
            after.add(random.nextInt(number));
        }
        Map<Integer, Integer> until = new HashMap<>();
        for (int p = 0; p < size.partners(); p++) {
            if (random.nextInt(4) > 0) {
                until.put(p, random.nextInt(3) > 0 ? Integer.MAX_VALUE : 4 + random.nextInt(8));
            }
        }
        until.put(random.nextInt(size.partners()), Integer.MAX_VALUE);
        boolean contact = random.nextBoolean();
        return new PlanLine(
                "d" + number,
                random.nextInt(4),
                at,
                ends,
                begun,
                after,
                until,
                contact ? random.nextInt(6) : 0,
                0,
                contact);
    }

    /// A week of three free evenings with one new line `d0`, one partner, and nothing in its way but one rule. By
    /// usual numbers the line is ready after two rounds, against hard days after a hard day's six.
    ///
    /// @param against the rule that there is something for
    static PlanProblem plain(PlanRules rules, HardRule against) {
        boolean contact = against == HardRule.NO_CONTACT || against == HardRule.HEAD;
        Set<Integer> after = against == HardRule.PREREQUISITE ? Set.of(1) : Set.of();
        Map<Integer, Integer> holds = against == HardRule.PARTNER ? Map.of() : Map.of(0, Integer.MAX_VALUE);
        boolean hard = against == HardRule.HARD_DAYS;
        PlanLine first = new PlanLine(
                "d0",
                1,
                Rung.RANDOM,
                hard ? List.of(6, 8) : List.of(2, 4),
                false,
                after,
                holds,
                contact ? 1 : 0,
                0,
                contact);
        List<PlanLine> lines = against == HardRule.PREREQUISITE
                ? List.of(
                        first,
                        new PlanLine(
                                "d1",
                                0,
                                Rung.WHOLE,
                                List.of(99, 100, 101, 102, 103, 104),
                                true,
                                Set.of(),
                                holds,
                                0,
                                0,
                                false))
                : List.of(first);
        int room = against == HardRule.TIME ? 0 : hard ? 8 : 4;
        List<TrainingDay> days = new ArrayList<>();
        List<Integer> rooms = new ArrayList<>();
        for (int d = 0; d < 3 * WEEK; d++) {
            days.add(new TrainingDay(FIRST.plusDays(d), room == 0 ? 0 : 60, Set.of("p0")));
            rooms.add(room);
        }
        return new PlanProblem(
                FIRST.plusDays(days.size()),
                days,
                rooms,
                CLOCK,
                lines,
                List.of("p0"),
                rules,
                Map.of(),
                CampPlan.EMPTY,
                Set.of());
    }
}
