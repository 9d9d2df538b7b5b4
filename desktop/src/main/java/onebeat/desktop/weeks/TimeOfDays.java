package onebeat.desktop.weeks;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.function.UnaryOperator;
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
}
