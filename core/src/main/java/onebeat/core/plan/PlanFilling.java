package onebeat.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// A usable plan by rule alone: first what the coach pinned, then day after day the round that is worth most, while
/// anything is worth something. It proves nothing; it stands where no solver does.
public final class PlanFilling {

    private final PlanProblem problem;
    private final PlanCounts counts;
    private final List<PlannedRound> rounds = new ArrayList<>();

    private PlanFilling(PlanProblem problem) {
        this.problem = problem;
        counts = new PlanCounts(problem, CampPlan.EMPTY);
    }

    /// The plan. It keeps all that only keeps something out; what is demanded it may miss, as [RuleBreaks] tells.
    public static CampPlan of(PlanProblem problem) {
        PlanFilling filling = new PlanFilling(problem);
        filling.pins();
        for (int day = 0; day < problem.days().size(); day++) {
            filling.fill(day);
        }
        return new CampPlan(filling.rounds);
    }

    /// What is left of a plan where the rules of this question hold: its rounds day by day, without those that break
    /// one.
    public static CampPlan keeping(PlanProblem problem, CampPlan plan) {
        PlanFilling left = new PlanFilling(problem);
        for (PlannedRound round : plan.rounds()) {
            if (problem.canHold(
                    round.partner(), round.line(), round.day(), left.counts.before(round.day(), round.line()))) {
                left.take(round);
                if (!left.breaksNothing()) {
                    left.leave(round);
                }
            }
        }
        return new CampPlan(left.rounds);
    }

    private void pins() {
        for (Pin pin : problem.rules().pins()) {
            int day = problem.day(pin.date());
            int line = problem.line(pin.drill());
            if (pin.wanted() && day >= 0 && line >= 0) {
                best(day, List.of(line)).ifPresent(one -> take(one.round));
            }
        }
    }

    private void fill(int day) {
        List<Integer> lines = new ArrayList<>();
        for (int line = 0; line < problem.lines().size(); line++) {
            lines.add(line);
        }
        while (counts.rounds(day) < problem.room(day)) {
            Optional<Worth> next = best(day, lines);
            if (next.isEmpty() || next.get().points <= 0) {
                return;
            }
            take(next.get().round);
        }
    }

    private record Worth(PlannedRound round, int points) {}

    private void take(PlannedRound round) {
        counts.add(round, 1);
        rounds.add(round);
    }

    private void leave(PlannedRound round) {
        counts.add(round, -1);
        rounds.removeLast();
    }

    /// The round of one of these lines that is worth most on a day and breaks nothing.
    private Optional<Worth> best(int day, List<Integer> lines) {
        List<Worth> all = new ArrayList<>();
        for (int line : lines) {
            int done = counts.before(day, line);
            for (int partner = 0; partner < problem.partners().size(); partner++) {
                if (problem.canHold(partner, line, day, done)) {
                    all.add(worth(new PlannedRound(day, line, partner)));
                }
            }
        }
        all.sort(Comparator.comparingInt(Worth::points).reversed().thenComparing(Worth::round));
        for (Worth one : all) {
            take(one.round);
            boolean fits = breaksNothing();
            leave(one.round);
            if (fits) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }

    private Worth worth(PlannedRound round) {
        int without = PlanValue.near(counts, round);
        counts.add(round, 1);
        int with = PlanValue.near(counts, round);
        counts.add(round, -1);
        return new Worth(round, with - without);
    }

    private boolean breaksNothing() {
        return RuleBreaks.of(counts, rounds).stream().allMatch(HardRule::demands);
    }
}
