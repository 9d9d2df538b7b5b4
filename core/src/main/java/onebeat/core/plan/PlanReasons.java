package onebeat.core.plan;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// Why a round stands where it does: worked out by taking it away, and by putting every other one in its place.
///
/// @param gives points that each rule would lose without it, those that would only
/// @param costs points that each rule takes for it
/// @param nextBest what would be best in its place and breaks nothing; empty where nothing can be
/// @param margin how many points less the plan would be worth then; negative where it would be worth more
/// @param keptOut rules that keep out what would be worth more
public record PlanReasons(
        Map<SoftRule, Integer> gives,
        Map<SoftRule, Integer> costs,
        Optional<PlannedRound> nextBest,
        int margin,
        Set<HardRule> keptOut) {

    public PlanReasons {
        gives = Map.copyOf(gives);
        costs = Map.copyOf(costs);
        keptOut = Set.copyOf(keptOut);
    }

    /// The reasons of one round of a plan.
    public static PlanReasons of(PlanProblem problem, CampPlan plan, PlannedRound round) {
        return new Search(problem, plan).of(round);
    }

    /// The reasons of all rounds of a plan.
    public static Map<PlannedRound, PlanReasons> all(PlanProblem problem, CampPlan plan) {
        Search search = new Search(problem, plan);
        Map<PlannedRound, PlanReasons> all = new HashMap<>();
        plan.rounds().forEach(round -> all.computeIfAbsent(round, search::of));
        return all;
    }

    /// The rules that made it, what gives most first.
    public List<SoftRule> rules() {
        return gives.entrySet().stream()
                .sorted(Map.Entry.<SoftRule, Integer>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .toList();
    }

    private static final class Search {

        private final PlanProblem problem;
        private final CampPlan plan;
        private final PlanValue value;

        Search(PlanProblem problem, CampPlan plan) {
            this.problem = problem;
            this.plan = plan;
            value = PlanValue.of(problem, plan);
        }

        PlanReasons of(PlannedRound round) {
            PlanCounts counts = new PlanCounts(problem, plan);
            List<PlannedRound> rest = plan.without(round).rounds();
            counts.add(round, -1);
            PlanValue without = PlanValue.of(counts);
            Map<SoftRule, Integer> gives = new EnumMap<>(SoftRule.class);
            Map<SoftRule, Integer> costs = new EnumMap<>(SoftRule.class);
            for (SoftRule rule : SoftRule.values()) {
                int more = value.of(rule) - without.of(rule);
                (more > 0 ? gives : costs).merge(rule, Math.abs(more), Integer::sum);
            }
            gives.values().removeIf(points -> points == 0);
            costs.values().removeIf(points -> points == 0);
            return instead(counts, rest, round, gives, costs);
        }

        private PlanReasons instead(
                PlanCounts counts,
                List<PlannedRound> rest,
                PlannedRound round,
                Map<SoftRule, Integer> gives,
                Map<SoftRule, Integer> costs) {
            Optional<PlannedRound> best = Optional.empty();
            int most = Integer.MIN_VALUE;
            Set<HardRule> keptOut = EnumSet.noneOf(HardRule.class);
            for (int line = 0; line < problem.lines().size(); line++) {
                for (int partner = 0; partner < problem.partners().size(); partner++) {
                    PlannedRound other = new PlannedRound(round.day(), line, partner);
                    if (line == round.line()) {
                        continue;
                    }
                    counts.add(other, 1);
                    int worth = PlanValue.of(counts).sum();
                    if (worth > most || worth > value.sum()) {
                        Set<HardRule> broken = RuleBreaks.of(
                                counts,
                                Stream.concat(rest.stream(), Stream.of(other)).toList());
                        if (!broken.isEmpty() && worth > value.sum()) {
                            keptOut.addAll(broken);
                        } else if (broken.isEmpty() && worth > most) {
                            most = worth;
                            best = Optional.of(other);
                        }
                    }
                    counts.add(other, -1);
                }
            }
            int margin = best.isPresent() ? value.sum() - most : value.sum();
            return new PlanReasons(gives, costs, best, margin, keptOut);
        }
    }
}
