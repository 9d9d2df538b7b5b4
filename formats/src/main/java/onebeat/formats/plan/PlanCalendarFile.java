package onebeat.formats.plan;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlannedDay;
import onebeat.core.program.ProgramVersion;

/// A plan's training days as an iCalendar file (RFC 5545). Times are local, without a zone (3.3.5, form 1): an
/// evening at six is at six wherever the phone is. An event keeps its UID (3.8.4.7) while it is the same day of
/// the same camp, so that a plan that is imported again moves nothing twice.
public final class PlanCalendarFile {

    private static final Duration ALARM_BEFORE = Duration.ofHours(-1);

    private PlanCalendarFile() {}

    /// The calendar as text.
    public static String text(Camp camp, PlanProblem problem, CampPlan plan) throws IOException {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//One Beat//" + ProgramVersion.program() + "//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (PlannedDay day : PlannedDay.of(problem, plan)) {
            calendar.add(event(camp, problem, day));
        }
        StringWriter text = new StringWriter();
        new CalendarOutputter(false).output(calendar, text);
        return text.toString();
    }

    private static VEvent event(Camp camp, PlanProblem problem, PlannedDay day) {
        LocalDateTime start = day.date().atTime(problem.rules().on(day.date()).start());
        String title = camp.card().athlete().name() + ": " + day.rounds().size() + " rounds";
        VEvent event = new VEvent(start, start.plusMinutes(day.minutes()), title);
        event.add(new Uid(uid(camp, day.date())));
        // The same plan is the same file: the stamp is the day's own, not the clock's.
        event.removeAll("DTSTAMP");
        event.add(new DtStamp(Instant.from(start.atOffset(ZoneOffset.UTC))));
        event.add(new Description(words(camp, problem, day)));
        VAlarm alarm = new VAlarm(ALARM_BEFORE);
        alarm.add(new Action("DISPLAY"));
        alarm.add(new Description(title));
        event.add(alarm);
        return event;
    }

    private static String uid(Camp camp, LocalDate day) {
        String name = camp.card().name() + "\n" + camp.card().fightNight() + "\n" + day;
        return UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)) + "@onebeat";
    }

    private static String words(Camp camp, PlanProblem problem, PlannedDay day) {
        List<String> lines = day.rounds().stream()
                .map(one -> camp.drills()
                                .get(problem.lines().get(one.round().line()).drill())
                                .map(Drill::name)
                                .orElse("")
                        + ", " + one.rung().id())
                .toList();
        return lines.stream().collect(Collectors.joining("\n"));
    }
}
