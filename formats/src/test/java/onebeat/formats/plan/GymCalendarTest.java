package onebeat.formats.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Map;
import onebeat.core.plan.PlanRules;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Calendars that are not what they should be: an answer or a sentence, and never a wait.
class GymCalendarTest {

    /// Reading gives up after five seconds; a slow machine is given more for the rest.
    private static final Duration PATIENCE = Duration.ofSeconds(30);

    private static final LocalDate FIRST = LocalDate.of(2026, 10, 12);
    private static final ZoneId OSLO = ZoneId.of("Europe/Oslo");

    @TempDir
    private Path folder;

    private static String event(String... lines) {
        return "BEGIN:VEVENT\r\nUID:1@invented\r\nDTSTAMP:20261001T000000Z\r\n" + String.join("\r\n", lines)
                + "\r\nEND:VEVENT\r\n";
    }

    private static String calendar(String inside) {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//invented//gym//EN\r\n" + inside + "END:VCALENDAR\r\n";
    }

    private static Map<LocalDate, PlanRules.Time> days(String calendar) throws IOException {
        return GymCalendar.days(calendar, FIRST, FIRST.plusDays(56), OSLO, () -> false);
    }

    private static void isToldInTime(String calendar, String words) {
        assertTimeoutPreemptively(
                PATIENCE,
                () -> assertThatThrownBy(() -> days(calendar))
                        .isInstanceOf(IOException.class)
                        .hasMessageContaining(words));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "FREQ=SECONDLY",
                "FREQ=SECONDLY;COUNT=2000000000",
                "FREQ=MINUTELY",
                "FREQ=HOURLY",
                "FREQ=DAILY;BYHOUR=0,1,2,3,4,5,6,7,8,9,10,11,12;BYMINUTE=0,10,20,30,40,50;BYSECOND=0,20,40",
            })
    void whatIsRepeatedWithoutEndIsTold(String rule) {
        isToldInTime(
                calendar(event("DTSTART:19000101T180000", "DTEND:19000101T190000", "RRULE:" + rule)),
                "repeated too often");
    }

    @ParameterizedTest
    @ValueSource(strings = {"FREQ=WEEKLY;COUNT=2000000000", "FREQ=DAILY", "FREQ=WEEKLY;BYDAY=MO,WE", "FREQ=YEARLY"})
    void whatIsRepeatedSinceLongAgoIsRead(String rule) {
        String text = calendar(event("DTSTART:19500109T180000", "DTEND:19500109T193000", "RRULE:" + rule));
        assertTimeoutPreemptively(PATIENCE, () -> {
            Map<LocalDate, PlanRules.Time> days = days(text);
            assertThat(days.isEmpty()).isEqualTo(rule.equals("FREQ=YEARLY"));
            if (!days.isEmpty()) {
                assertThat(days.get(FIRST)).as("a Monday").isNotNull();
                assertThat(days.get(FIRST).start()).isEqualTo(LocalTime.of(18, 0));
                assertThat(days.get(FIRST).minutes()).isEqualTo(90);
            }
        });
    }

    @Test
    void tooManyEventsAreTold() {
        isToldInTime(calendar(event("DTSTART:20261013T190000").repeat(100_000)), "more than 20000 events");
    }

    /// What has nothing to do with times may be of any length: three million folds, alarms, attachments.
    @Test
    void whatIsNotAboutTimesIsLeftOut() throws IOException {
        String text = calendar(event(
                "DTSTART;TZID=Europe/Oslo:20261013T190000",
                "DESCRIPTION:a" + "\r\n a".repeat(3_000_000),
                "DTEND;TZID=Europe/O",
                " slo:20261013T203000",
                "BEGIN:VALARM",
                "TRIGGER:-PT1H",
                "DTSTART:nonsense",
                "END:VALARM"));
        assertTimeoutPreemptively(PATIENCE, () -> assertThat(days(text)).containsOnlyKeys(FIRST.plusDays(1)));
        isToldInTime(calendar(event("DTSTART:2" + "\r\n 0".repeat(3_000_000))), "not a calendar of a gym");
    }

    @Test
    void aTimeZoneThatNobodyKnowsIsTold() {
        isToldInTime(
                calendar(event(
                        "DTSTART;TZID=Harbour/Saltlight:20261013T190000",
                        "DTEND;TZID=Harbour/Saltlight:20261013T200000")),
                "time");
    }

    @Test
    void itCanBeStopped() {
        String text = calendar(event("DTSTART:20261013T190000"));
        assertThatThrownBy(() -> GymCalendar.days(text, FIRST, FIRST.plusDays(7), OSLO, () -> true))
                .hasMessageContaining("stopped");
    }

    @Test
    void onlyAFileOfTextThatIsNotTooLongIsRead() throws IOException, InterruptedException {
        Path large = folder.resolve("large.ics");
        Files.writeString(large, "X".repeat(TextOfFile.MOST_BYTES + 1));
        assertThatThrownBy(() -> GymCalendar.days(large, FIRST, FIRST, OSLO, () -> false))
                .hasMessageContaining("too large");
        Path fifo = folder.resolve("pipe.ics");
        assumeTrue(new ProcessBuilder("mkfifo", fifo.toString()).start().waitFor() == 0);
        for (Path device : new Path[] {Path.of("/dev/zero"), fifo, folder}) {
            assertTimeoutPreemptively(
                    PATIENCE,
                    () -> assertThatThrownBy(() -> GymCalendar.days(device, FIRST, FIRST, OSLO, () -> false))
                            .hasMessageContaining("folder or a device"));
        }
    }
}
