package onebeat.core.plan;

import java.util.List;
import java.util.OptionalDouble;

/// A plan and what is known of it.
///
/// @param plan the best that was found
/// @param value what it is worth
/// @param bound no plan is worth more; empty where nothing proves it
/// @param isProven whether no plan is better
/// @param by who made it
/// @param conflicts what no plan can keep together; the plan is then made by rule, and breaks some of it
public record SolvedPlan(
        CampPlan plan, int value, OptionalDouble bound, boolean isProven, By by, List<RuleConflict> conflicts) {

    /// Who made a plan.
    public enum By {
        /// The solver.
        SOLVER,
        /// The filling by rule, because the solver found none in its time, was stopped before, or is not there.
        FILLING
    }

    public SolvedPlan {
        conflicts = List.copyOf(conflicts);
    }

    /// How far it may be from the best, as a part of the bound; empty where nothing is proven.
    public OptionalDouble gap() {
        return bound.isPresent() && bound.getAsDouble() != 0
                ? OptionalDouble.of(Math.max(0, bound.getAsDouble() - value) / Math.abs(bound.getAsDouble()))
                : OptionalDouble.empty();
    }

    /// The same with a bound.
    public SolvedPlan boundedBy(double most) {
        return new SolvedPlan(plan, value, OptionalDouble.of(most), isProven, by, conflicts);
    }
}
