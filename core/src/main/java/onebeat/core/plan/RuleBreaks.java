package onebeat.core.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/// Which hard rules a plan breaks.
public final class RuleBreaks {

    private RuleBreaks() {}

    /// The rules that this plan breaks; none where it is a plan.
    public static Set<HardRule> of(PlanProblem problem, CampPlan plan) {
        return of(new PlanCounts(problem, plan), plan.rounds());
    }

    static Set<HardRule> of(PlanCounts counts, List<PlannedRound> rounds) {
        Set<HardRule> broken = EnumSet.noneOf(HardRule.class);
        for (HardRule rule : HardRule.values()) {
            if (counts.problem.holds(rule) && breaks(rule, counts, rounds)) {
                broken.add(rule);
            }
        }
        return broken;
    }

    private static boolean breaks(HardRule rule, PlanCounts counts, List<PlannedRound> rounds) {
        PlanProblem problem = counts.problem;
        return switch (rule) {
            case TIME -> days(problem).anyMatch(day -> counts.rounds(day) > problem.room(day));
            case PARTNER ->
                rounds.stream()
                        .anyMatch(round -> !problem.canHold(
                                round.partner(), round.line(), round.day(), counts.before(round.day(), round.line())));
            case PREREQUISITE -> rounds.stream().anyMatch(round -> startsTooSoon(counts, round));
            case HEAD ->
                IntStream.range(0, problem.weeks()).anyMatch(week -> head(counts, week) > problem.mostHead(week));
            case PARTNER_ROUNDS ->
                days(problem)
                        .anyMatch(day -> IntStream.range(0, problem.partners().size())
                                .anyMatch(partner -> counts.held(day, partner) > problem.mostHeld(partner, day)));
            case HARD_DAYS -> hardRow(counts) > problem.rules().value(HardRule.HARD_DAYS);
            case REST_DAYS ->
                IntStream.range(0, problem.weeks()).anyMatch(week -> training(counts, week) > problem.mostDays(week));
            case NO_CONTACT ->
                rounds.stream()
                        .anyMatch(round -> problem.isWithoutContact(round.day())
                                && problem.lines().get(round.line()).contact());
            case LINE_ROUNDS ->
                days(problem)
                        .anyMatch(day -> lines(problem)
                                .anyMatch(line -> counts.rounds(day, line)
                                        > problem.rules().value(HardRule.LINE_ROUNDS)));
            case NEW_LINES ->
                days(problem)
                        .anyMatch(day -> lines(problem)
                                        .filter(line -> counts.start(line) == day)
                                        .count()
                                > problem.rules().value(HardRule.NEW_LINES));
            case PINNED -> !pinsKept(counts, true);
            case FORBIDDEN -> !pinsKept(counts, false);
            case MUST_BE_READY -> !ready(counts);
            case LEAST_DAYS ->
                IntStream.range(0, problem.weeks())
                        .filter(problem::isWhole)
                        .anyMatch(
                                week -> training(counts, week) < problem.rules().value(HardRule.LEAST_DAYS));
        };
    }

    private static IntStream days(PlanProblem problem) {
        return IntStream.range(0, problem.days().size());
    }

    private static IntStream lines(PlanProblem problem) {
        return IntStream.range(0, problem.lines().size());
    }

    private static boolean startsTooSoon(PlanCounts counts, PlannedRound round) {
        PlanLine line = counts.problem.lines().get(round.line());
        return !line.begun()
                && line.after().stream()
                        .anyMatch(other -> counts.before(round.day(), other)
                                < counts.problem.lines().get(other).base());
    }

    private static int head(PlanCounts counts, int week) {
        return IntStream.range(counts.calendar.first(week), counts.calendar.end(week))
                .map(day -> lines(counts.problem)
                        .map(line -> counts.rounds(day, line)
                                * counts.problem.lines().get(line).head())
                        .sum())
                .sum();
    }

    private static int hardRow(PlanCounts counts) {
        int most = 0;
        int row = 0;
        for (int day = 0; day < counts.problem.days().size(); day++) {
            row = counts.rounds(day) >= counts.problem.hardRounds() ? row + 1 : 0;
            most = Math.max(most, row);
        }
        return most;
    }

    private static long training(PlanCounts counts, int week) {
        return IntStream.range(counts.calendar.first(week), counts.calendar.end(week))
                .filter(day -> counts.rounds(day) > 0)
                .count();
    }

    /// Pins of days and lines that are not there say nothing, but where something is wanted: it cannot come then.
    private static boolean pinsKept(PlanCounts counts, boolean wanted) {
        return counts.problem.rules().pins().stream()
                .filter(pin -> pin.wanted() == wanted)
                .allMatch(pin -> {
                    int day = counts.problem.day(pin.date());
                    int line = counts.problem.line(pin.drill());
                    return day < 0 || line < 0 || (counts.rounds(day, line) > 0) == wanted;
                });
    }

    private static boolean ready(PlanCounts counts) {
        int until = counts.problem.readyDay() + 1;
        return lines(counts.problem)
                .filter(line -> counts.problem
                        .rules()
                        .mustBeReady()
                        .contains(counts.problem.lines().get(line).drill()))
                .allMatch(line -> counts.before(until, line)
                        >= counts.problem.lines().get(line).need());
    }
}
