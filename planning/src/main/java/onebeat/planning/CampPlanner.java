package onebeat.planning;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.PlanFilling;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanValue;
import onebeat.core.plan.RuleBreaks;
import onebeat.core.plan.RuleConflict;
import onebeat.core.plan.SolvedPlan;

/// Makes the best plan of a camp's weeks that it finds in its time, and proves how good it is. With one worker, a
/// fixed seed and the solver's own deterministic time the same question gives the same plan on every machine.
public final class CampPlanner {

    /// Part of the time for one part of the plan at most.
    private static final double LONGEST_PART = 0.03;

    /// What a part costs at least, in seconds: building its model is not in the deterministic time.
    private static final double LEAST_USED = 0.3;

    /// Units of the solver's deterministic time in a second, about: a camp of the usual size took five to six seconds
    /// for one on a machine with two cores.
    private static final double DETERMINISTIC = 0.2;

    private final PlanProblem problem;
    private final PlanSearch search;

    private CampPlanner(PlanProblem problem, PlanSearch search) {
        this.problem = problem;
        this.search = search;
    }

    /// The solver's library. Unpacking and loading it takes a second, so it waits until the first plan has been told.
    private static final class Library {

        private static final boolean IS_THERE = load();

        private static boolean load() {
            try {
                Loader.loadNativeLibraries();
                // The loader is silent where it could not unpack anything: only a first use tells.
                new CpModel().newBoolVar("there");
                return true;
            } catch (LinkageError | RuntimeException _) {
                // The machine has no such library, or nowhere to unpack it: plans are filled by rule then.
                return false;
            }
        }
    }

    /// Whether the solver is there on this machine.
    public static boolean isThere() {
        return Library.IS_THERE;
    }

    /// The best plan that is found.
    ///
    /// @param better told of each plan that is better than those before, the first one at once
    /// @param stop asked now and then; the best plan so far stands when it says yes
    public static SolvedPlan solve(
            PlanProblem problem, PlanSearch search, Consumer<SolvedPlan> better, BooleanSupplier stop) {
        SolvedPlan filled = filled(problem, List.of());
        CampPlanner planner = new CampPlanner(problem, search);
        Optional<SolvedPlan> kept = planner.kept();
        SolvedPlan first = kept.orElse(filled);
        better.accept(first);
        if (!isThere()) {
            return first;
        }
        return kept.isPresent() ? planner.remake(kept.get(), better, stop) : planner.solve(filled, better, stop);
    }

    /// What is left of the plan before where the rules of today hold; empty where there was none, or what is left
    /// misses what is demanded.
    private Optional<SolvedPlan> kept() {
        return problem.before().rounds().isEmpty()
                ? Optional.empty()
                : Optional.of(left(List.of())).filter(left -> keepsAll(left.plan()));
    }

    /// What is left of the plan before; the plan by rule alone where there was none.
    private SolvedPlan left(List<RuleConflict> conflicts) {
        return problem.before().rounds().isEmpty()
                ? filled(problem, conflicts)
                : byRule(problem, PlanFilling.keeping(problem, problem.before()), conflicts);
    }

    /// The plan by rule alone.
    static SolvedPlan filled(PlanProblem problem, List<RuleConflict> conflicts) {
        return byRule(problem, PlanFilling.of(problem), conflicts);
    }

    private static SolvedPlan byRule(PlanProblem problem, CampPlan plan, List<RuleConflict> conflicts) {
        return new SolvedPlan(
                plan,
                PlanValue.of(problem, plan).sum(),
                OptionalDouble.empty(),
                false,
                SolvedPlan.By.FILLING,
                conflicts);
    }

    private SolvedPlan solve(SolvedPlan filled, Consumer<SolvedPlan> better, BooleanSupplier stop) {
        PlanModel model = new PlanModel(problem);
        PlanObjective.maximise(model);
        CpSolver solver = solver(search);
        CpSolverStatus status = solved(solver, model.model, new Told(model, filled.value(), better), stop);
        if (status == CpSolverStatus.INFEASIBLE) {
            // Nothing keeps all rules: what stood stays as far as it can.
            return left(RuleConflicts.of(problem, search));
        }
        double bound = solver.bestObjectiveBound();
        if (!isFound(status)) {
            return filled;
        }
        SolvedPlan best = solved(model.plan(solver::value), bound, status == CpSolverStatus.OPTIMAL);
        return keepsAll(filled.plan()) && filled.value() > best.value() ? filled.boundedBy(bound) : best;
    }

    /// Makes a plan anew from the one that there was: parts of it are made anew while the rest stands.
    private SolvedPlan remake(SolvedPlan start, Consumer<SolvedPlan> better, BooleanSupplier stop) {
        PlanModel model = new PlanModel(problem);
        PlanObjective.maximise(model);
        SolvedPlan best = start;
        double used = 0;
        PlanNeighbourhood parts = new PlanNeighbourhood(problem, search.seed());
        while (used < search.seconds() && !stop.getAsBoolean()) {
            CpSolver solver = solver(search.part(Math.min(LONGEST_PART, 1 - used / search.seconds())));
            CpSolverStatus found =
                    solved(solver, model.around(best.plan(), parts.next()), new CpSolverSolutionCallback(), stop);
            used += Math.max(LEAST_USED, seconds(solver));
            if (isFound(found)) {
                SolvedPlan next = solved(model.plan(solver::value), Double.NaN, false);
                if (next.value() > best.value()) {
                    best = next;
                    better.accept(best);
                }
            }
        }
        return best;
    }

    private static double seconds(CpSolver solver) {
        return solver.response().getDeterministicTime() / DETERMINISTIC;
    }

    private boolean keepsAll(CampPlan plan) {
        return RuleBreaks.of(problem, plan).isEmpty();
    }

    private static boolean isFound(CpSolverStatus status) {
        return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
    }

    private static CpSolverStatus solved(
            CpSolver solver, CpModel model, CpSolverSolutionCallback told, BooleanSupplier stop) {
        try (StopRequest _ = new StopRequest(solver, stop)) {
            return solver.solve(model, told);
        }
    }

    private final class Told extends CpSolverSolutionCallback {

        private final PlanModel model;
        private final Consumer<SolvedPlan> better;
        private int best;

        Told(PlanModel model, int best, Consumer<SolvedPlan> better) {
            this.model = model;
            this.best = best;
            this.better = better;
        }

        @Override
        public void onSolutionCallback() {
            SolvedPlan next = solved(model.plan(this::value), bestObjectiveBound(), false);
            if (next.value() > best) {
                best = next.value();
                better.accept(next);
            }
        }
    }

    /// A solver that decides nothing by the clock.
    static CpSolver solver(PlanSearch search) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(search.seed())
                .setLinearizationLevel(2)
                .setMaxDeterministicTime(search.seconds() * DETERMINISTIC);
        return solver;
    }

    private SolvedPlan solved(CampPlan plan, double bound, boolean proven) {
        return new SolvedPlan(
                plan,
                PlanValue.of(problem, plan).sum(),
                Double.isNaN(bound) ? OptionalDouble.empty() : OptionalDouble.of(bound),
                proven,
                SolvedPlan.By.SOLVER,
                List.of());
    }
}
