package onebeat.core.book;

import java.time.LocalDate;
import onebeat.core.timing.Rung;

/// A round that ran.
///
/// @param seconds how long it ran; less than the round where it was broken off
/// @param called repetitions that were called
/// @param rung the ladder step it was done at
public record RoundRun(
        String id, String roundId, String drillId, LocalDate date, int bpm, int seconds, int called, Rung rung) {

    /// A round of the whole line.
    public RoundRun(String id, String roundId, String drillId, LocalDate date, int bpm, int seconds, int called) {
        this(id, roundId, drillId, date, bpm, seconds, called, Rung.WHOLE);
    }
}
