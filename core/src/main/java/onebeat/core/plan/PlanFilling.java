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
        problem.rules().pins().forEach(pin -> filling.wanted(pin, CampPlan.EMPTY));
        for (int day = 0; day < problem.days().size(); day++) {
            filling.fill(day);
        }
        return new CampPlan(filling.rounds);
    }

    /// What is left of a plan where the rules of this question hold: what the coach pinned, and day by day its other
    /// rounds without those that break a rule.
    public static CampPlan keeping(PlanProblem problem, CampPlan plan) {
        PlanFilling left = new PlanFilling(problem);
        // What waits for another line to come before it can be taken only once that one is.
        List<Pin> later = problem.rules().pins().stream()
                .filter(pin -> !left.wanted(pin, plan))
                .toList();
        for (int day = 0; day < problem.days().size(); day++) {
            left.keep(day, later, plan);
        }
        return new CampPlan(left.rounds);
    }

    private void keep(int day, List<Pin> pins, CampPlan plan) {
        pins.stream().filter(pin -> problem.day(pin.date()) == day).forEach(pin -> wanted(pin, plan));
        List<PlannedRound> others = new ArrayList<>(plan.on(day));
        rounds.stream().filter(round -> round.day() == day).forEach(others::remove);
        others.forEach(this::tryTo);
    }

    /// Takes a round that the coach wants, as a plan before has it, else the one that is worth most.
    ///
    /// @return false where it breaks a rule
    private boolean wanted(Pin pin, CampPlan before) {
        int day = problem.day(pin.date());
        int line = problem.line(pin.drill());
        if (!pin.wanted() || day < 0 || line < 0) {
            return true;
        }
        if (before.on(day).stream().filter(round -> round.line() == line).anyMatch(this::tryTo)) {
            return true;
        }
        Optional<Worth> best = best(day, List.of(line));
        best.ifPresent(one -> take(one.round));
        return best.isPresent();
    }

    /// Takes a round where it breaks nothing.
    private boolean tryTo(PlannedRound round) {
        if (!problem.canHold(round.partner(), round.line(), round.day(), counts.before(round.day(), round.line()))) {
            return false;
        }
        take(round);
        if (breaksNothing()) {
            return true;
        }
        leave(round);
        return false;
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
