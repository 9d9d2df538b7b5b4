package onebeat.desktop.weeks;

import java.time.LocalDate;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.PlanRules;
import onebeat.desktop.app.Effect;

/// What only the camp's weeks ask of the world.
sealed interface WeeksEffect extends Effect.OfStation {

    /// Looks for a plan.
    ///
    /// @param before the plan that it should differ from as little as it can; empty for one that is made anew
    record LookFor(PlanRules rules, CampPlan before) implements WeeksEffect {}

    /// Looks no longer, and reads no longer; the best plan so far stands.
    record Stop() implements WeeksEffect {}

    /// Nobody waits any more for a plan.
    record Forget() implements WeeksEffect {}

    /// Asks for what the weeks keep to.
    record AskRules(PlanRules rules) implements WeeksEffect {}

    /// Asks for a day's time and who is there.
    record AskDay(LocalDate date, PlanRules.Time time) implements WeeksEffect {}

    /// Closes the form that is open.
    record CloseForm() implements WeeksEffect {}

    /// Asks for the gym's calendar.
    record ChooseCalendar() implements WeeksEffect {}

    /// Asks for the plan of another camp.
    record ChooseOther() implements WeeksEffect {}

    /// Prints the week of a day, and the camp.
    record PrintWeek(LocalDate day) implements WeeksEffect {}

    /// Writes the plan and its load beside the camp.
    record WriteOut() implements WeeksEffect {}
}
