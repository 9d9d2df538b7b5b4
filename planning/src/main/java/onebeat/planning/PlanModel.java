package onebeat.planning;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToLongFunction;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.Pin;
import onebeat.core.plan.PlanLine;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlannedRound;

/// A camp's question as CP-SAT takes it: how many rounds of each line each partner holds on each day. It says what
/// [onebeat.core.plan.RuleBreaks] says of hard rules; [PlanObjective] says the soft ones.
final class PlanModel {

    final PlanProblem problem;
    final CpModel model = new CpModel();

    /// Rounds by day, line and partner; null where there can be none.
    private final IntVar[][][] held;
    private final IntVar[][] rounds;
    private final IntVar[] onDay;
    private final BoolVar[][] used;
    private final BoolVar[] training;
    private final IntVar[][] before;
    private final BoolVar[][] begun;

    PlanModel(PlanProblem problem) {
        this.problem = problem;
        int days = problem.days().size();
        int lines = problem.lines().size();
        held = new IntVar[days][lines][problem.partners().size()];
        rounds = new IntVar[days][lines];
        onDay = new IntVar[days];
        used = new BoolVar[days][lines];
        training = new BoolVar[days];
        before = new IntVar[days + 1][lines];
        begun = new BoolVar[days][lines];
        for (int day = 0; day < days; day++) {
            for (int line = 0; line < lines; line++) {
                variables(day, line);
            }
        }
        done();
        days();
        weeks();
        partners();
        starts();
        coach();
    }

    private int most(int day) {
        int room = problem.room(day);
        return problem.holds(HardRule.LINE_ROUNDS)
                ? Math.min(room, problem.rules().value(HardRule.LINE_ROUNDS))
                : room;
    }

    private boolean isOpen(int day, int line) {
        return most(day) > 0
                && !(problem.isWithoutContact(day) && problem.lines().get(line).contact());
    }

    private void variables(int day, int line) {
        String name = day + "_" + line;
        LinearExprBuilder sum = LinearExpr.newBuilder();
        for (int partner = 0; partner < problem.partners().size(); partner++) {
            if (isOpen(day, line) && problem.canHold(partner, line, day, 0)) {
                held[day][line][partner] = model.newIntVar(0, most(day), "h" + name + "_" + partner);
                sum.add(held[day][line][partner]);
            }
        }
        rounds[day][line] = model.newIntVar(0, most(day), "r" + name);
        model.addEquality(sum, rounds[day][line]);
        used[day][line] = model.newBoolVar("u" + name);
        model.addGreaterOrEqual(rounds[day][line], used[day][line]);
        model.addLessOrEqual(rounds[day][line], LinearExpr.term(used[day][line], most(day)));
    }

    /// How many rounds of a line were done before a day.
    private void done() {
        for (int line = 0; line < problem.lines().size(); line++) {
            int most = 0;
            before[0][line] = model.newIntVar(0, 0, "b0_" + line);
            for (int day = 0; day < problem.days().size(); day++) {
                most += most(day);
                before[day + 1][line] = model.newIntVar(0, most, "b" + (day + 1) + "_" + line);
                model.addEquality(
                        before[day + 1][line],
                        LinearExpr.newBuilder().add(before[day][line]).add(rounds[day][line]));
            }
        }
    }

    private void days() {
        List<BoolVar> hard = new ArrayList<>();
        for (int day = 0; day < problem.days().size(); day++) {
            int room = problem.room(day);
            IntVar all = model.newIntVar(0, room, "n" + day);
            model.addEquality(LinearExpr.sum(rounds[day]), all);
            onDay[day] = all;
            training[day] = model.newBoolVar("t" + day);
            model.addGreaterOrEqual(all, training[day]);
            model.addLessOrEqual(all, LinearExpr.term(training[day], room));
            BoolVar isHard = model.newBoolVar("hard" + day);
            model.addLessOrEqual(
                    all,
                    LinearExpr.newBuilder()
                            .add(problem.hardRounds() - 1)
                            .addTerm(isHard, Math.max(0, room - problem.hardRounds() + 1)));
            hard.add(isHard);
        }
        if (problem.holds(HardRule.HARD_DAYS)) {
            int row = problem.rules().value(HardRule.HARD_DAYS);
            for (int first = 0; first + row < hard.size(); first++) {
                model.addLessOrEqual(
                        LinearExpr.sum(hard.subList(first, first + row + 1).toArray(new BoolVar[0])), row);
            }
        }
    }

    private void weeks() {
        for (int week = 0; week < problem.weeks(); week++) {
            LinearExprBuilder trains = LinearExpr.newBuilder();
            LinearExprBuilder head = LinearExpr.newBuilder();
            for (int day : problem.daysOf(week)) {
                trains.add(training[day]);
                for (int line = 0; line < problem.lines().size(); line++) {
                    head.addTerm(rounds[day][line], problem.lines().get(line).head());
                }
            }
            if (problem.holds(HardRule.REST_DAYS)) {
                model.addLessOrEqual(trains, problem.mostDays(week));
            }
            if (problem.holds(HardRule.HEAD)) {
                model.addLessOrEqual(head, problem.mostHead(week));
            }
            if (problem.holds(HardRule.LEAST_DAYS) && problem.isWhole(week)) {
                model.addGreaterOrEqual(trains, problem.rules().value(HardRule.LEAST_DAYS));
            }
        }
    }

    private void partners() {
        for (int day = 0; day < problem.days().size(); day++) {
            for (int partner = 0; partner < problem.partners().size(); partner++) {
                LinearExprBuilder holds = LinearExpr.newBuilder();
                for (int line = 0; line < problem.lines().size(); line++) {
                    IntVar of = held[day][line][partner];
                    if (of != null) {
                        holds.add(of);
                        upTo(day, line, partner, of);
                    }
                }
                if (problem.holds(HardRule.PARTNER_ROUNDS)) {
                    model.addLessOrEqual(holds, problem.mostHeld(partner, day));
                }
            }
        }
    }

    /// A partner holds a line only as far as their own ladder step.
    private void upTo(int day, int line, int partner, IntVar of) {
        int until = problem.lines().get(line).until().getOrDefault(partner, Integer.MAX_VALUE);
        if (problem.holds(HardRule.PARTNER) && until < Integer.MAX_VALUE) {
            BoolVar does = model.newBoolVar("d" + day + "_" + line + "_" + partner);
            model.addLessOrEqual(of, LinearExpr.term(does, most(day)));
            model.addLessOrEqual(before[day][line], until - 1).onlyEnforceIf(does);
        }
    }

    private void starts() {
        for (int day = 0; day < problem.days().size(); day++) {
            LinearExprBuilder starting = LinearExpr.newBuilder();
            for (int line = 0; line < problem.lines().size(); line++) {
                PlanLine of = problem.lines().get(line);
                if (of.begun()) {
                    continue;
                }
                begun[day][line] = model.newBoolVar("s" + day + "_" + line);
                model.addGreaterOrEqual(begun[day][line], used[day][line]);
                LinearExprBuilder until = LinearExpr.newBuilder().add(used[day][line]);
                starting.add(begun[day][line]);
                if (day > 0) {
                    model.addGreaterOrEqual(begun[day][line], begun[day - 1][line]);
                    until.add(begun[day - 1][line]);
                    starting.addTerm(begun[day - 1][line], -1);
                }
                model.addLessOrEqual(begun[day][line], until);
                if (problem.holds(HardRule.PREREQUISITE)) {
                    for (int other : of.after()) {
                        model.addGreaterOrEqual(
                                        before[day][other],
                                        problem.lines().get(other).base())
                                .onlyEnforceIf(used[day][line]);
                    }
                }
            }
            if (problem.holds(HardRule.NEW_LINES)) {
                model.addLessOrEqual(starting, problem.rules().value(HardRule.NEW_LINES));
            }
        }
    }

    private void coach() {
        for (Pin pin : problem.rules().pins()) {
            int day = problem.day(pin.date());
            int line = problem.line(pin.drill());
            if (day >= 0 && line >= 0 && problem.holds(pin.wanted() ? HardRule.PINNED : HardRule.FORBIDDEN)) {
                model.addEquality(used[day][line], pin.wanted() ? 1 : 0);
            }
        }
        if (problem.holds(HardRule.MUST_BE_READY)) {
            for (int line = 0; line < problem.lines().size(); line++) {
                PlanLine of = problem.lines().get(line);
                if (problem.rules().mustBeReady().contains(of.drill())) {
                    model.addGreaterOrEqual(doneBefore(problem.readyDay() + 1, line), of.need());
                }
            }
        }
    }

    /// Rounds of a day.
    IntVar onDay(int day) {
        return onDay[day];
    }

    IntVar rounds(int day, int line) {
        return rounds[day][line];
    }

    /// The rounds of a line that a partner holds on a day; empty where they cannot.
    Optional<IntVar> heldBy(int day, int line, int partner) {
        return partner < held[day][line].length ? Optional.ofNullable(held[day][line][partner]) : Optional.empty();
    }

    BoolVar used(int day, int line) {
        return used[day][line];
    }

    IntVar doneBefore(int day, int line) {
        return before[day][line];
    }

    /// Whether a line that is new has begun by the end of a day.
    BoolVar begun(int day, int line) {
        return begun[day][line];
    }

    /// Rounds of a week that a partner holds.
    LinearExpr heldInWeek(int week, int partner) {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        for (int day : problem.daysOf(week)) {
            for (int line = 0; line < problem.lines().size(); line++) {
                if (held[day][line][partner] != null) {
                    sum.add(held[day][line][partner]);
                }
            }
        }
        return sum.build();
    }

    /// A copy in which only some days and lines are free; all others are as in this plan, and so is where the search
    /// begins.
    CpModel around(CampPlan plan, Free free) {
        int[][][] has = counted(plan);
        CpModel copy = model.getClone();
        forEach((day, line, partner, of) -> {
            int is = has[day][line][partner];
            if (free.is(day, line)) {
                copy.addHint(copy.getIntVarFromProtoIndex(of.getIndex()), is);
            } else {
                copy.getBuilder()
                        .getVariablesBuilder(of.getIndex())
                        .clearDomain()
                        .addDomain(is)
                        .addDomain(is);
            }
        });
        return copy;
    }

    /// Which days and lines of a plan may change.
    interface Free {
        boolean is(int day, int line);
    }

    private int[][][] counted(CampPlan plan) {
        int[][][] has =
                new int[held.length][problem.lines().size()][problem.partners().size()];
        plan.rounds().forEach(round -> has[round.day()][round.line()][round.partner()]++);
        return has;
    }

    /// The plan of a solution.
    CampPlan plan(ToLongFunction<LinearArgument> value) {
        List<PlannedRound> all = new ArrayList<>();
        forEach((day, line, partner, of) -> {
            for (long i = value.applyAsLong(of); i > 0; i--) {
                all.add(new PlannedRound(day, line, partner));
            }
        });
        return new CampPlan(all);
    }

    private interface Held {
        void of(int day, int line, int partner, IntVar rounds);
    }

    private void forEach(Held what) {
        for (int day = 0; day < held.length; day++) {
            for (int line = 0; line < held[day].length; line++) {
                for (int partner = 0; partner < held[day][line].length; partner++) {
                    if (held[day][line][partner] != null) {
                        what.of(day, line, partner, held[day][line][partner]);
                    }
                }
            }
        }
    }
}
