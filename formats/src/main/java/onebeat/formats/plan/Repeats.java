package onebeat.formats.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.util.List;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.Recur;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.RRule;

/// How many steps it takes to work out when an event is repeated: from its first day to the end of what is asked for.
final class Repeats {

    /// No evening of a gym takes more: each day for a hundred years.
    static final long MOST_STEPS = 40_000;

    private static final long DAY_S = 86_400;

    private Repeats() {}

    /// Whether an event is repeated so often that working it out would take too long.
    static boolean isEndless(VEvent event, LocalDate first, LocalDate to) {
        long days = Math.max(1, ChronoUnit.DAYS.between(first, to));
        List<RRule<? extends Temporal>> rules = event.getProperties(Property.RRULE);
        return rules.stream().anyMatch(rule -> steps(rule.getRecur(), days) > MOST_STEPS);
    }

    private static double steps(Recur<? extends Temporal> rule, long days) {
        double seconds = days * (double) DAY_S;
        double each = switch (rule.getFrequency()) {
            case SECONDLY -> 1;
            case MINUTELY -> 60;
            case HOURLY -> 3_600;
            case DAILY -> DAY_S;
            case WEEKLY -> 7 * DAY_S;
            case MONTHLY -> 28 * DAY_S;
            case YEARLY -> 365 * DAY_S;
        };
        double times = seconds / each / Math.max(1, rule.getInterval());
        for (List<?> list : List.of(
                rule.getSecondList(),
                rule.getMinuteList(),
                rule.getHourList(),
                rule.getDayList(),
                rule.getMonthDayList(),
                rule.getYearDayList(),
                rule.getWeekNoList(),
                rule.getMonthList())) {
            times *= Math.max(1, list.size());
        }
        return times;
    }
}
