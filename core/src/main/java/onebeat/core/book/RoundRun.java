package onebeat.core.book;

import java.time.LocalDate;

/// A round that ran.
///
/// @param seconds how long it ran; less than the round where it was broken off
/// @param called repetitions that were called
public record RoundRun(String id, String roundId, String drillId, LocalDate date, int bpm, int seconds, int called) {}
