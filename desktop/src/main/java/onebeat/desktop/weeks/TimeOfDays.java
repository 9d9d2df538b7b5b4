package onebeat.desktop.weeks;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Map;
import java.util.function.UnaryOperator;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanRules;

/// Changes how much time the days of a plan have.
final class TimeOfDays {

    private TimeOfDays() {}

    /// A day with other minutes.
    static PlanRules changed(PlanRules rules, LocalDate date, UnaryOperator<Integer> minutes) {
        PlanRules.Time now = rules.on(date);
        return rules.withDay(date, new PlanRules.Time(now.start(), minutes.apply(now.minutes()), now.partners()));
    }

    /// A day of the week without time; with its usual time where it had none.
    static PlanRules withOrWithout(PlanRules rules, DayOfWeek day) {
        PlanRules.Time now = rules.week().getOrDefault(day, PlanRules.Time.of(0));
        int minutes = now.minutes() == 0 ? PlanRules.USUAL_MINUTES : 0;
        return rules.withWeekday(day, new PlanRules.Time(now.start(), minutes, now.partners()));
    }

    /// Time on these days only.
    static PlanRules only(PlanRules rules, PlanProblem problem, Map<LocalDate, PlanRules.Time> days) {
        PlanRules now = rules;
        for (var day : problem.days()) {
            now = now.withDay(day.date(), days.getOrDefault(day.date(), PlanRules.Time.of(0)));
        }
        return now;
    }
}
