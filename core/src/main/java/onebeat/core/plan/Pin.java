package onebeat.core.plan;

import java.time.LocalDate;

/// What a coach said of a line and a day.
///
/// @param wanted whether it comes then; else it does not
public record Pin(LocalDate date, String drill, boolean wanted) {}
