package onebeat.formats.plan;

import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What a calendar says of times, and nothing else of it: descriptions, alarms and attachments are left out before
/// anything else reads them, since they may be of any length. Lines are unfolded (RFC 5545, 3.1).
final class CalendarLines {

    /// No gym has more events in its calendar.
    static final int MOST_EVENTS = 20_000;

    /// No line about a time is longer, in characters.
    private static final int MOST_CHARACTERS = 20_000;

    private static final Pattern NAME = Pattern.compile("^([A-Za-z-]+)[;:]");

    private static final Set<String> PROPERTIES = Set.of(
            "VERSION",
            "PRODID",
            "UID",
            "DTSTAMP",
            "DTSTART",
            "DTEND",
            "DURATION",
            "RRULE",
            "RDATE",
            "EXDATE",
            "RECURRENCE-ID",
            "TZID",
            "TZOFFSETFROM",
            "TZOFFSETTO",
            "TZNAME");

    private static final Set<String> PARTS = Set.of("VCALENDAR", "VEVENT", "VTIMEZONE", "STANDARD", "DAYLIGHT");

    private final StringBuilder kept = new StringBuilder();
    private final StringBuilder line = new StringBuilder();
    private boolean wanted;

    /// The part that is left out with all that is in it; empty outside of such a part.
    private String leftOut = "";

    private int events;

    private CalendarLines() {}

    /// The lines about times.
    ///
    /// @throws IOException with a sentence if there is too much of them
    static String of(String calendar) throws IOException {
        CalendarLines lines = new CalendarLines();
        for (String physical : (Iterable<String>) calendar.lines()::iterator) {
            lines.take(physical);
        }
        lines.end();
        return lines.kept.toString();
    }

    private void take(String physical) throws IOException {
        boolean goesOn = !physical.isEmpty() && (physical.charAt(0) == ' ' || physical.charAt(0) == '\t');
        if (!goesOn) {
            end();
            Matcher name = NAME.matcher(physical);
            String property = name.find() ? name.group(1).toUpperCase(Locale.ROOT) : "";
            wanted = PROPERTIES.contains(property) || property.equals("BEGIN") || property.equals("END");
        }
        if (wanted) {
            line.append(physical, goesOn ? 1 : 0, physical.length());
            if (line.length() > MOST_CHARACTERS) {
                throw new IOException("This is not a calendar of a gym: a time in it goes on for more than "
                        + MOST_CHARACTERS + " letters.");
            }
        }
    }

    private void end() throws IOException {
        String whole = line.toString();
        line.setLength(0);
        if (!whole.isEmpty() && isInside(whole.strip().toUpperCase(Locale.ROOT))) {
            kept.append(whole).append("\r\n");
        }
    }

    private boolean isInside(String whole) throws IOException {
        if (!leftOut.isEmpty()) {
            if (whole.equals("END:" + leftOut)) {
                leftOut = "";
            }
            return false;
        }
        if (whole.startsWith("BEGIN:") && !PARTS.contains(whole.substring("BEGIN:".length()))) {
            leftOut = whole.substring("BEGIN:".length());
            return false;
        }
        if (whole.equals("BEGIN:VEVENT") && ++events > MOST_EVENTS) {
            throw new IOException("This calendar has more than " + MOST_EVENTS
                    + " events. Export the weeks of the camp only, as an .ics file.");
        }
        return true;
    }
}
