package onebeat.core.plan;

import java.util.EnumMap;
import java.util.Map;

/// What a plan is worth, rule by rule.
///
/// @param points what each rule gives or takes
public record PlanValue(Map<SoftRule, Integer> points) {

    /// The plans of the fight plan.
    private static final int PLANS = 3;

    public PlanValue {
        points = Map.copyOf(points);
    }

    /// What this plan is worth.
    public static PlanValue of(PlanProblem problem, CampPlan plan) {
        return of(new PlanCounts(problem, plan));
    }

    static PlanValue of(PlanCounts counts) {
        Units units = new Units(counts);
        for (int line = 0; line < counts.problem.lines().size(); line++) {
            units.line(line);
            for (int week = 0; week < counts.calendar.weeks(); week++) {
                units.keep(week, line);
            }
            for (int day = 0; day < counts.problem.days().size(); day++) {
                units.day(day, line);
                units.spacing(day, line);
            }
        }
        for (int week = 0; week < counts.calendar.weeks(); week++) {
            units.week(week);
            for (int partner = 0; partner < counts.problem.partners().size(); partner++) {
                units.wear(week, partner);
            }
            for (int plan = 1; plan <= PLANS; plan++) {
                units.balance(week, plan);
            }
        }
        return units.value();
    }

    /// What the parts of a plan are worth that one round has to do with: the difference before and after it comes is
    /// what the round is worth.
    static int near(PlanCounts counts, PlannedRound round) {
        Units units = new Units(counts);
        int week = counts.calendar.week(round.day());
        int apart = counts.problem.rules().value(SoftRule.SPACING);
        units.line(round.line());
        units.keep(week, round.line());
        units.day(round.day(), round.line());
        for (int day = Math.max(0, round.day() - apart); day <= round.day(); day++) {
            units.spacing(day, round.line());
        }
        units.week(week);
        units.wear(week, round.partner());
        units.balance(week, counts.problem.lines().get(round.line()).fightPlan());
        return units.value().sum();
    }

    public int sum() {
        return points.values().stream().mapToInt(Integer::intValue).sum();
    }

    public int of(SoftRule rule) {
        return points.getOrDefault(rule, 0);
    }

    /// Units of each rule as they are counted.
    private static final class Units {

        private final PlanCounts counts;
        private final PlanProblem problem;
        private final Map<SoftRule, Integer> points = new EnumMap<>(SoftRule.class);

        Units(PlanCounts counts) {
            this.counts = counts;
            problem = counts.problem;
        }

        PlanValue value() {
            return new PlanValue(points);
        }

        private void add(SoftRule rule, int units) {
            if (units != 0) {
                points.merge(rule, units * problem.rules().weight(rule), Integer::sum);
            }
        }

        void line(int line) {
            PlanLine of = problem.lines().get(line);
            int done = counts.before(counts.calendar.readyDay() + 1, line);
            add(SoftRule.READY, problem.factor(of) * Math.min(of.need(), done));
            int start = counts.start(line);
            boolean late = start >= 0
                    && counts.calendar.daysLeft(start) <= problem.rules().value(SoftRule.LATE_NEW);
            add(SoftRule.LATE_NEW, late ? -1 : 0);
        }

        void keep(int week, int line) {
            add(SoftRule.KEEP, counts.comesInWeek(week, line) ? 1 : 0);
        }

        void day(int day, int line) {
            int free = problem.rules().value(SoftRule.VARIETY);
            add(SoftRule.VARIETY, -Math.max(0, counts.rounds(day, line) - free));
            add(SoftRule.STEADY, -counts.changed(day, line));
        }

        /// A day and those soon after it.
        void spacing(int day, int line) {
            int apart = problem.rules().value(SoftRule.SPACING);
            int last = Math.min(day + apart, problem.days().size() - 1);
            for (int next = day + 1; next <= last; next++) {
                add(SoftRule.SPACING, counts.rounds(day, line) > 0 && counts.rounds(next, line) > 0 ? -1 : 0);
            }
        }

        void week(int week) {
            add(SoftRule.CURVE, -Math.abs(counts.inWeek(week) - counts.calendar.target(week)));
        }

        void wear(int week, int partner) {
            int over = counts.heldInWeek(week, partner) - counts.calendar.share(week);
            add(SoftRule.WEAR, -Math.max(0, over));
        }

        void balance(int week, int plan) {
            if (plan > 0) {
                add(SoftRule.BALANCE, Math.min(problem.rules().value(SoftRule.BALANCE), counts.inWeek(week, plan)));
            }
        }
    }
}
