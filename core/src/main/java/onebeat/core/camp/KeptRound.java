package onebeat.core.camp;

import java.time.LocalDate;

/// A round of the plan that the coach took for the camp's weeks.
///
/// @param drillId the id of the line
/// @param partnerId the id of the partner who holds
public record KeptRound(String id, LocalDate date, String drillId, String partnerId) {}
