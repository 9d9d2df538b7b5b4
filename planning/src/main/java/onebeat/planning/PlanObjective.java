package onebeat.planning;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import onebeat.core.plan.PlanLine;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlannedRound;
import onebeat.core.plan.SoftRule;

/// What a plan is worth, as CP-SAT takes it: the sum that [onebeat.core.plan.PlanValue] counts.
final class PlanObjective {

    private static final int PLANS = 3;

    private final PlanModel plan;
    private final PlanProblem problem;
    private final LinearExprBuilder worth = LinearExpr.newBuilder();
    private int made;

    private PlanObjective(PlanModel plan) {
        this.plan = plan;
        this.problem = plan.problem;
    }

    /// Makes it what the solver is after.
    static void maximise(PlanModel plan) {
        PlanObjective objective = new PlanObjective(plan);
        for (SoftRule rule : SoftRule.values()) {
            int weight = plan.problem.rules().weight(rule);
            if (weight != 0) {
                objective.add(rule, weight);
            }
        }
        plan.model.maximize(objective.worth);
    }

    private void add(SoftRule rule, int weight) {
        switch (rule) {
            case READY -> ready(weight);
            case KEEP -> keep(weight);
            case SPACING -> spacing(weight);
            case CURVE -> curve(weight);
            case VARIETY -> variety(weight);
            case WEAR -> wear(weight);
            case LATE_NEW -> lateNew(weight);
            case BALANCE -> balance(weight);
            case STEADY -> steady(weight);
        }
    }

    private String name() {
        return "o" + made++;
    }

    /// So many points for each unit of something, up to a bound.
    private void reward(LinearArgument of, int most, int points) {
        if (most > 0) {
            IntVar counted = plan.model.newIntVar(0, most, name());
            plan.model.addLessOrEqual(counted, of);
            worth.addTerm(counted, points);
        }
    }

    /// So many points off for each unit of something over a bound.
    private void cost(LinearArgument of, int free, int most, int points) {
        if (most > free) {
            IntVar over = plan.model.newIntVar(0, most - free, name());
            plan.model.addGreaterOrEqual(over, LinearExpr.newBuilder().add(of).add(-free));
            worth.addTerm(over, -points);
        }
    }

    private void ready(int weight) {
        for (int line = 0; line < problem.lines().size(); line++) {
            PlanLine of = problem.lines().get(line);
            reward(plan.doneBefore(problem.readyDay() + 1, line), of.need(), weight * problem.factor(of));
        }
    }

    private void keep(int weight) {
        for (int week = 0; week < problem.weeks(); week++) {
            for (int line = 0; line < problem.lines().size(); line++) {
                LinearExprBuilder came = LinearExpr.newBuilder();
                for (int day : problem.daysOf(week)) {
                    came.add(plan.used(day, line));
                }
                reward(came.build(), 1, weight);
            }
        }
    }

    private void spacing(int weight) {
        int apart = problem.rules().value(SoftRule.SPACING);
        for (int day = 0; day < problem.days().size(); day++) {
            for (int next = day + 1;
                    next <= day + apart && next < problem.days().size();
                    next++) {
                for (int line = 0; line < problem.lines().size(); line++) {
                    if (problem.room(day) > 0 && problem.room(next) > 0) {
                        BoolVar[] both = {plan.used(day, line), plan.used(next, line)};
                        cost(LinearExpr.sum(both), 1, 2, weight);
                    }
                }
            }
        }
    }

    private void curve(int weight) {
        for (int week = 0; week < problem.weeks(); week++) {
            int target = problem.target(week);
            int most = 0;
            LinearExprBuilder all = LinearExpr.newBuilder();
            for (int day : problem.daysOf(week)) {
                all.add(plan.onDay(day));
                most += problem.room(day);
            }
            IntVar off = plan.model.newIntVar(0, Math.max(target, most), name());
            LinearExpr rounds = all.build();
            plan.model.addGreaterOrEqual(
                    off, LinearExpr.newBuilder().add(rounds).add(-target));
            plan.model.addGreaterOrEqual(
                    off, LinearExpr.newBuilder().add(target).addTerm(rounds, -1));
            worth.addTerm(off, -weight);
        }
    }

    private void variety(int weight) {
        int free = problem.rules().value(SoftRule.VARIETY);
        for (int day = 0; day < problem.days().size(); day++) {
            for (int line = 0; line < problem.lines().size(); line++) {
                cost(plan.rounds(day, line), free, problem.room(day), weight);
            }
        }
    }

    private void wear(int weight) {
        for (int week = 0; week < problem.weeks(); week++) {
            int most = 0;
            for (int day : problem.daysOf(week)) {
                most += problem.room(day);
            }
            for (int partner = 0; partner < problem.partners().size(); partner++) {
                cost(plan.heldInWeek(week, partner), problem.share(week), most, weight);
            }
        }
    }

    private void lateNew(int weight) {
        int late = problem.rules().value(SoftRule.LATE_NEW);
        int last = problem.days().size() - 1;
        int firstLate = 0;
        while (firstLate <= last && problem.daysLeft(firstLate) > late) {
            firstLate++;
        }
        for (int line = 0; line < problem.lines().size(); line++) {
            if (firstLate <= last && !problem.lines().get(line).begun()) {
                worth.addTerm(plan.begun(last, line), -weight);
                if (firstLate > 0) {
                    worth.addTerm(plan.begun(firstLate - 1, line), weight);
                }
            }
        }
    }

    private void balance(int weight) {
        int wanted = problem.rules().value(SoftRule.BALANCE);
        for (int week = 0; week < problem.weeks(); week++) {
            for (int fightPlan = 1; fightPlan <= PLANS; fightPlan++) {
                LinearExprBuilder of = LinearExpr.newBuilder();
                for (int day : problem.daysOf(week)) {
                    for (int line = 0; line < problem.lines().size(); line++) {
                        if (problem.lines().get(line).fightPlan() == fightPlan) {
                            of.add(plan.rounds(day, line));
                        }
                    }
                }
                reward(of.build(), wanted, weight);
            }
        }
    }

    /// A round that was planned for a day, a line and who holds costs where it is not so any more.
    private void steady(int weight) {
        int nobody = problem.partners().size();
        int[][][] had = new int[problem.days().size()][problem.lines().size()][nobody + 1];
        for (PlannedRound round : problem.before().rounds()) {
            had[round.day()][round.line()][round.partner()]++;
        }
        for (int day = 0; day < had.length; day++) {
            for (int line = 0; line < had[day].length; line++) {
                for (int partner = 0; partner <= nobody; partner++) {
                    int was = had[day][line][partner];
                    if (was > 0) {
                        LinearExprBuilder gone = LinearExpr.newBuilder().add(was);
                        plan.heldBy(day, line, partner).ifPresent(now -> gone.addTerm(now, -1));
                        cost(gone.build(), 0, was, weight);
                    }
                }
            }
        }
    }
}
