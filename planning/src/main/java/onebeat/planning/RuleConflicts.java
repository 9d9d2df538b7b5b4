package onebeat.planning;

import com.google.ortools.sat.CpSolverStatus;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.RuleConflict;

/// Finds which hard rules fight each other where no plan can be: first two that cannot hold together whatever the
/// others say, and where there are none, as few as a rule taken away at a time leaves.
final class RuleConflicts {

    private final PlanProblem problem;
    private final PlanSearch search;

    private RuleConflicts(PlanProblem problem, PlanSearch search) {
        this.problem = problem;
        this.search = search;
    }

    static List<RuleConflict> of(PlanProblem problem, PlanSearch search) {
        return new RuleConflicts(problem, search).conflicts();
    }

    private List<RuleConflict> conflicts() {
        List<Set<HardRule>> sets = new ArrayList<>();
        for (HardRule demand : HardRule.values()) {
            if (!demand.demands()) {
                continue;
            }
            if (isImpossible(EnumSet.of(demand))) {
                sets.add(EnumSet.of(demand));
                continue;
            }
            for (HardRule other : HardRule.values()) {
                boolean twice = other.demands() && other.compareTo(demand) <= 0;
                if (!twice && isImpossible(EnumSet.of(demand, other))) {
                    sets.add(EnumSet.of(demand, other));
                }
            }
        }
        if (sets.isEmpty()) {
            sets.add(fewest());
        }
        return sets.stream()
                .map(rules -> new RuleConflict(rules, loosen(rules)))
                .toList();
    }

    /// What is left when every rule is taken away that is not needed for there to be no plan.
    private Set<HardRule> fewest() {
        Set<HardRule> left = EnumSet.allOf(HardRule.class);
        for (HardRule rule : HardRule.values()) {
            Set<HardRule> fewer = EnumSet.copyOf(left);
            fewer.remove(rule);
            if (isImpossible(fewer)) {
                left = fewer;
            }
        }
        return left;
    }

    private Set<HardRule> loosen(Set<HardRule> rules) {
        Set<HardRule> all = EnumSet.noneOf(HardRule.class);
        for (HardRule rule : rules) {
            Set<HardRule> fewer = EnumSet.allOf(HardRule.class);
            fewer.remove(rule);
            if (!isImpossible(fewer)) {
                all.add(rule);
            }
        }
        return all;
    }

    private boolean isImpossible(Set<HardRule> rules) {
        PlanProblem some = problem;
        for (HardRule rule : HardRule.values()) {
            some = rules.contains(rule) ? some : some.without(rule);
        }
        return CampPlanner.solver(search).solve(new PlanModel(some).model) == CpSolverStatus.INFEASIBLE;
    }
}
