package onebeat.core.book;

import java.time.LocalDate;
import onebeat.core.timing.Rung;

/// A round that ran.
///
/// @param seconds how long it ran; less than the round where it was broken off
/// @param called repetitions that were called
/// @param rung the ladder step it was done at
/// @param worker the id of the partner whose round it was; empty in the athlete's own
public record RoundRun(
        String id,
        String roundId,
        String drillId,
        LocalDate date,
        int bpm,
        int seconds,
        int called,
        Rung rung,
        String worker) {

    /// A round of the whole line.
    public RoundRun(String id, String roundId, String drillId, LocalDate date, int bpm, int seconds, int called) {
        this(id, roundId, drillId, date, bpm, seconds, called, Rung.WHOLE, "");
    }

    /// The same as if the athlete had done it: in a camp that is turned round.
    public RoundRun asAthletes() {
        return new RoundRun(id, roundId, drillId, date, bpm, seconds, called, rung, "");
    }
}
