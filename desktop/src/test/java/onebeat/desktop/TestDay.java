package onebeat.desktop;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;

/// The day on which tests drive the window: always the same, as the demo's rounds are drawn anew for every day.
/// `-Donebeat.test.day=2027-03-04` tries another.
public final class TestDay {

    /// A Thursday.
    public static final LocalDate TODAY = LocalDate.parse(System.getProperty("onebeat.test.day", "2027-03-04"));

    private TestDay() {}

    /// A clock that goes on from noon of that day, so that no test runs over midnight.
    public static Clock clock() {
        Clock system = Clock.systemUTC();
        return Clock.offset(
                system,
                Duration.between(system.instant(), TODAY.atTime(LocalTime.NOON).toInstant(ZoneOffset.UTC)));
    }
}
