package onebeat.desktop.weeks;

import java.time.LocalDate;
import java.util.Map;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.SolvedPlan;
import onebeat.formats.plan.OtherPlan;

/// What can be done in the camp's weeks.
sealed interface WeeksAction {

    /// Done by a key or a button.
    enum Do implements WeeksAction {
        DAY_BACK,
        DAY_ON,
        WEEK_BACK,
        WEEK_ON,
        LINE_UP,
        LINE_DOWN,
        LOOK,
        ANEW,
        STOP,
        TAKE,
        LEAVE,
        LONGER,
        SHORTER,
        NO_TIME,
        NO_WEEKDAY,
        PIN,
        FORBID,
        MOVE_ON,
        MUST_BE_READY,
        INTO_TONIGHT,
        RULES,
        DAY,
        GYM_CALENDAR,
        OTHER_CAMP,
        PRINT,
        WRITE
    }

    /// A day, and a line of it, was pressed.
    record Choose(int day, int line) implements WeeksAction {}

    /// A line's round of one day was pulled to another.
    record Move(int from, int to, int line) implements WeeksAction {}

    /// The weeks were worked out.
    record Arrived(WeeksState.Seen seen) implements WeeksAction {}

    /// A plan was found.
    ///
    /// @param looking whether a better one is still looked for
    record Found(PlanRules rules, PlanProblem problem, SolvedPlan solved, boolean looking) implements WeeksAction {}

    /// The coach set what the weeks keep to.
    record RulesGiven(PlanRules rules) implements WeeksAction {}

    /// The coach set the chosen day's time and who is there.
    record DayGiven(PlanRules.Time time) implements WeeksAction {}

    /// A file is being read from here on, or is no longer.
    record Reading(boolean now) implements WeeksAction {}

    /// The gym's calendar was read.
    record CalendarRead(Map<LocalDate, PlanRules.Time> days) implements WeeksAction {

        public CalendarRead {
            days = Map.copyOf(days);
        }
    }

    /// The plan of another camp was read.
    record OtherRead(OtherPlan plan) implements WeeksAction {}
}
