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
public record Repetition(
        String id,
        String roundId,
        String drillId,
        LocalDate date,
        int bpm,
        long atMs,
        Judgement judgement,
        Rung rung,
        String fault) {

    /// A repetition of the whole line with no fault named.
    public Repetition(
            String id, String roundId, String drillId, LocalDate date, int bpm, long atMs, Judgement judgement) {
        this(id, roundId, drillId, date, bpm, atMs, judgement, Rung.WHOLE, "");
    }
}
