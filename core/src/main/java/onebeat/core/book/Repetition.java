package onebeat.core.book;

import java.time.LocalDate;
import onebeat.core.timing.Rung;

/// One judged repetition.
///
/// @param date the day it was done
/// @param bpm the tempo it was done at
/// @param atMs milliseconds into its session
/// @param rung the ladder step it was done at
/// @param fault what was wrong with it, by the key of a fault that partners see (F33); empty where nothing
/// was named
/// @param worker the id of the partner who did it, while the athlete held for them; empty where the athlete did
public record Repetition(
        String id,
        String roundId,
        String drillId,
        LocalDate date,
        int bpm,
        long atMs,
        Judgement judgement,
        Rung rung,
        String fault,
        String worker) {

    /// A repetition of the whole line with no fault named.
    public Repetition(
            String id, String roundId, String drillId, LocalDate date, int bpm, long atMs, Judgement judgement) {
        this(id, roundId, drillId, date, bpm, atMs, judgement, Rung.WHOLE, "", "");
    }

    /// The same with another judgement and fault.
    public Repetition judged(Judgement changed, String named) {
        return new Repetition(id, roundId, drillId, date, bpm, atMs, changed, rung, named, worker);
    }

    /// The same as if the athlete had done it: in a camp that is turned round.
    public Repetition asAthletes() {
        return new Repetition(id, roundId, drillId, date, bpm, atMs, judgement, rung, fault, "");
    }
}
