package onebeat.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Set;

/// A day on which there may be training.
///
/// @param minutes how long; 0 where there is no time
/// @param partners ids of those who are there
public record TrainingDay(LocalDate date, int minutes, Set<String> partners) {

    public TrainingDay {
        partners = Set.copyOf(partners);
    }

    /// The Monday of its week.
    public LocalDate week() {
        return date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }
}
