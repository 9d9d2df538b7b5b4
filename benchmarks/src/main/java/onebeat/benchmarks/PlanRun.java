package onebeat.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlannedRound;
import onebeat.core.plan.RuleBreaks;
import onebeat.core.plan.SolvedPlan;
import onebeat.planning.CampPlanner;
import onebeat.planning.PlanSearch;
import onebeat.planning.SampleProblems;

/// How near to the best plans are, and how little a missed evening moves: camps of the usual size from seeds, as
/// parts of their bound and of what was planned.
final class PlanRun {

    private static final PlanSearch ANEW = new PlanSearch(2, 1);
    private static final int FIRST_SEED = 1;

    private PlanRun() {}

    static void print(int camps) {
        double worstGap = 0;
        double worstMoved = 0;
        double moved = 0;
        for (int seed = FIRST_SEED; seed < FIRST_SEED + camps; seed++) {
            PlanProblem problem = SampleProblems.of(SampleProblems.Size.USUAL, PlanRules.usual(), seed);
            SolvedPlan plan = CampPlanner.solve(problem, PlanSearch.USUAL, _ -> {}, () -> false);
            int missed = trainingDay(problem, plan, new Random(seed));
            PlanProblem after = problem.withRoom(missed, 0).after(plan.plan());
            SolvedPlan again = CampPlanner.solve(after, ANEW, _ -> {}, () -> false);
            double part = movedAfter(missed, plan, again);
            double gap = plan.gap().orElse(1);
            worstGap = Math.max(worstGap, gap);
            worstMoved = Math.max(worstMoved, part);
            moved += part / camps;
            System.out.printf(
                    Locale.ROOT,
                    "camp %3d: within %.2f %% of the bound; an evening missed: %.1f %% of what was to come moved%s%n",
                    seed,
                    100 * gap,
                    100 * part,
                    RuleBreaks.of(after, again.plan()).isEmpty() ? "" : ", RULES BROKEN");
        }
        PerformanceTable.row(
                "camp plan, worst of " + camps, "% from bound", 100 * worstGap, "2 % of the bound", 2, "<= 1");
        System.out.printf(
                Locale.ROOT,
                "%d camps: at worst within %.2f %% of the bound; moved %.1f %% in the mean, %.1f %% at worst%n",
                camps,
                100 * worstGap,
                100 * moved,
                100 * worstMoved);
    }

    /// A training day in the first half, drawn by chance.
    private static int trainingDay(PlanProblem problem, SolvedPlan plan, Random random) {
        List<Integer> days = new ArrayList<>();
        for (int day = 0; day < problem.days().size() / 2; day++) {
            if (!plan.plan().on(day).isEmpty()) {
                days.add(day);
            }
        }
        return days.get(random.nextInt(days.size()));
    }

    private static double movedAfter(int day, SolvedPlan before, SolvedPlan after) {
        List<PlannedRound> left = new ArrayList<>(before.plan().rounds().stream()
                .filter(round -> round.day() > day)
                .toList());
        int all = left.size();
        after.plan().rounds().forEach(left::remove);
        return left.size() / (double) Math.max(1, all);
    }
}
