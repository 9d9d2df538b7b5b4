package onebeat.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import onebeat.core.plan.Pin;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlannedRound;
import onebeat.core.plan.RuleBreaks;
import onebeat.core.plan.SolvedPlan;
import onebeat.planning.CampPlanner;
import onebeat.planning.PlanSearch;
import onebeat.planning.SampleProblems;

/// How near to the best plans are, and how little a missed evening or a round that is pulled to another day moves:
/// camps of the usual size from seeds, as parts of their bound and of what was planned.
final class PlanRun {

    private static final PlanSearch ANEW = new PlanSearch(2, 1);
    private static final int FIRST_SEED = 1;

    /// A round is pulled so many days at most.
    private static final int PULL_DAYS = 7;

    private PlanRun() {}

    static void print(int camps) {
        double worstGap = 0;
        double worstMoved = 0;
        double moved = 0;
        double worstPulled = 0;
        double pulled = 0;
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
            PlanProblem pull = pulled(problem, plan, new Random(seed)).after(plan.plan());
            SolvedPlan then = CampPlanner.solve(pull, ANEW, _ -> {}, () -> false);
            double pulledPart = movedAfter(-1, plan, then);
            worstPulled = Math.max(worstPulled, pulledPart);
            pulled += pulledPart / camps;
            boolean impossible = !then.conflicts().isEmpty();
            boolean kept = RuleBreaks.of(after, again.plan()).isEmpty()
                    && (impossible || RuleBreaks.of(pull, then.plan()).isEmpty());
            System.out.printf(
                    Locale.ROOT,
                    "camp %3d: within %.2f %% of the bound; an evening missed: %.1f %% of what was to come moved;"
                            + " a round pulled: %.1f %%%s%s%n",
                    seed,
                    100 * gap,
                    100 * part,
                    100 * pulledPart,
                    impossible ? ", which no plan can" : "",
                    kept ? "" : ", RULES BROKEN");
        }
        PerformanceTable.row(
                "camp plan, worst of " + camps, "% from bound", 100 * worstGap, "2 % of the bound", 2, "<= 1");
        System.out.printf(
                Locale.ROOT,
                "%d camps: at worst within %.2f %% of the bound; a missed evening moved %.1f %% in the mean, %.1f %% at"
                        + " worst; a pulled round %.1f %% and %.1f %%%n",
                camps,
                100 * worstGap,
                100 * moved,
                100 * worstMoved,
                100 * pulled,
                100 * worstPulled);
    }

    /// The question where the coach pulls a round, drawn by chance, to another day with time for it.
    private static PlanProblem pulled(PlanProblem problem, SolvedPlan plan, Random random) {
        List<PlanProblem> all = new ArrayList<>();
        for (PlannedRound round : plan.plan().rounds()) {
            for (int to = Math.max(0, round.day() - PULL_DAYS);
                    to <= Math.min(problem.days().size() - 1, round.day() + PULL_DAYS);
                    to++) {
                boolean there = plan.plan().on(to).stream().anyMatch(other -> other.line() == round.line());
                if (problem.room(to) > 0 && to != round.day() && !there) {
                    all.add(problem.with(problem.rules()
                            .with(pin(problem, round.day(), round.line(), false))
                            .with(pin(problem, to, round.line(), true))));
                }
            }
        }
        return all.get(random.nextInt(all.size()));
    }

    private static Pin pin(PlanProblem problem, int day, int line, boolean wanted) {
        return new Pin(problem.days().get(day).date(), problem.lines().get(line).drill(), wanted);
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
