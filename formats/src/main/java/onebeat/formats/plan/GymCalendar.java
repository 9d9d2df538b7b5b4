package onebeat.formats.plan;

import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.component.VEvent;
import onebeat.core.plan.PlanRules;

/// The gym's calendar, read for when there is time: an iCalendar file (RFC 5545), repeated events and all. A day
/// has the time from its first event to the end of its last, on the wall clock of where the gym is.
public final class GymCalendar {

    private static final int MINUTES_OF_DAY = 24 * 60;

    static {
        // Zones are those that the file brings or Java knows; nothing is asked of the net.
        System.setProperty("net.fortuna.ical4j.timezone.update.enabled", "false");
        System.setProperty("net.fortuna.ical4j.timezone.cache.impl", "net.fortuna.ical4j.util.MapTimeZoneCache");
    }

    private GymCalendar() {}

    private record Open(LocalTime from, LocalTime to) {

        Open with(Open other) {
            return new Open(from.isBefore(other.from) ? from : other.from, to.isAfter(other.to) ? to : other.to);
        }
    }

    /// The time of each day that has any.
    ///
    /// @param from the first day that is looked at; nothing is worked out of days before and after
    /// @param to the day after the last
    /// @param zone where the gym is
    /// @param stopped asked on the way; once it says yes, there is no answer
    /// @throws IOException with a sentence if it is no calendar, or would take too long
    public static Map<LocalDate, PlanRules.Time> days(
            Path file, LocalDate from, LocalDate to, ZoneId zone, BooleanSupplier stopped) throws IOException {
        return days(TextOfFile.read(file), from, to, zone, stopped);
    }

    /// The same of what a file holds.
    static Map<LocalDate, PlanRules.Time> days(
            String text, LocalDate from, LocalDate to, ZoneId zone, BooleanSupplier stopped) throws IOException {
        long until = System.nanoTime() + LIMIT.toNanos();
        Map<LocalDate, Open> open = new TreeMap<>();
        try {
            Calendar calendar = new CalendarBuilder().build(new StringReader(CalendarLines.of(text)));
            Period<ZonedDateTime> asked = new Period<>(from.atStartOfDay(zone), to.atStartOfDay(zone));
            for (VEvent event : calendar.<VEvent>getComponents(Component.VEVENT)) {
                if (stopped.getAsBoolean()) {
                    throw new IOException("Reading the calendar was stopped. Nothing was changed.");
                }
                if (System.nanoTime() - until > 0) {
                    throw new IOException("This calendar takes too long to read. Export the weeks of the camp only.");
                }
                for (Period<? extends Temporal> one : periods(event, asked, to, zone)) {
                    opened(one, zone).ifPresent(day -> {
                        if (!day.date.isBefore(from) && day.date.isBefore(to)) {
                            open.merge(day.date, day.open, Open::with);
                        }
                    });
                }
            }
        } catch (ParserException e) {
            throw new IOException(
                    "This is no calendar (line " + e.getLineNo() + "). Export it from the gym's calendar as"
                            + " an .ics file.",
                    e);
        } catch (DateTimeException | IllegalArgumentException e) {
            throw new IOException(
                    "A time in this calendar cannot be read (" + e.getMessage()
                            + "). Export it from the gym's calendar once more, with its time zones.",
                    e);
        }
        Map<LocalDate, PlanRules.Time> days = new TreeMap<>();
        open.forEach((day, time) -> {
            int minutes = (int) Duration.between(time.from, time.to).toMinutes();
            if (minutes > 0) {
                days.put(day, new PlanRules.Time(time.from, minutes, Optional.empty()));
            }
        });
        return days;
    }

    /// No gym's calendar takes longer.
    private static final Duration LIMIT = Duration.ofSeconds(5);

    private static Collection<? extends Period<? extends Temporal>> periods(
            VEvent event, Period<ZonedDateTime> asked, LocalDate to, ZoneId zone) throws IOException {
        Optional<LocalDate> first =
                Optional.ofNullable(event.getDateTimeStart()).flatMap(start -> day(start.getDate(), zone));
        if (first.isEmpty() || !first.get().isBefore(to.plusDays(1))) {
            return List.of();
        }
        if (Repeats.isEndless(event, first.get(), to)) {
            throw new IOException("An event in this calendar, which begins on " + first.get()
                    + ", is repeated too often to be a training. Remove it there, and export the calendar once more.");
        }
        return event.calculateRecurrenceSet(asked);
    }

    private static Optional<LocalDate> day(Temporal when, ZoneId zone) {
        return when instanceof LocalDate day
                ? Optional.of(day)
                : onTheWall(when, zone).map(LocalDateTime::toLocalDate);
    }

    private record OpenDay(LocalDate date, Open open) {}

    /// An event on the gym's wall clock; one that lasts over midnight ends with its day.
    private static Optional<OpenDay> opened(Period<? extends Temporal> one, ZoneId zone) {
        Optional<LocalDateTime> start = onTheWall(one.getStart(), zone);
        Optional<LocalDateTime> end = onTheWall(one.getEnd(), zone);
        if (start.isEmpty() || end.isEmpty()) {
            // A whole day says that something is on, not when there is time.
            return Optional.empty();
        }
        LocalDate day = start.get().toLocalDate();
        LocalTime to = end.get().toLocalDate().equals(day)
                ? end.get().toLocalTime()
                : LocalTime.MIDNIGHT.plusMinutes(MINUTES_OF_DAY - 1);
        return Optional.of(new OpenDay(day, new Open(start.get().toLocalTime(), to)));
    }

    private static Optional<LocalDateTime> onTheWall(Temporal when, ZoneId zone) {
        return switch (when) {
            case ZonedDateTime zoned ->
                Optional.of(zoned.withZoneSameInstant(zone).toLocalDateTime());
            case OffsetDateTime offset ->
                Optional.of(offset.atZoneSameInstant(zone).toLocalDateTime());
            case Instant instant -> Optional.of(LocalDateTime.ofInstant(instant, zone));
            case LocalDateTime local -> Optional.of(local);
            default -> Optional.empty();
        };
    }
}
