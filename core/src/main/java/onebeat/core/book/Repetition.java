package onebeat.core.book;

import java.time.LocalDate;
import java.util.Optional;
import onebeat.core.timing.Rung;

/// One judged repetition.
///
/// @param date the day it was done
/// @param bpm the tempo it was done at
/// @param atMs milliseconds into its session
/// @param rung the ladder step it was done at
/// @param fault what was wrong with it, by the key of a fault that partners see (F33); empty where nothing was
///     named
/// @param worker the id of the partner who did it, while the athlete held for them; empty where the athlete did
/// @param oneBeatMs how long after the feed its first answer was heard, in milliseconds; empty where nobody
///     listened, or either was not heard
/// @param heard whether the judgement was heard and taken as it was proposed, and not pressed
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
        String worker,
        Optional<Double> oneBeatMs,
        boolean heard) {

    /// A repetition that nobody listened to.
    public Repetition(
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
        this(id, roundId, drillId, date, bpm, atMs, judgement, rung, fault, worker, Optional.empty(), false);
    }

    /// A repetition of the whole line with no fault named.
    public Repetition(
            String id, String roundId, String drillId, LocalDate date, int bpm, long atMs, Judgement judgement) {
        this(id, roundId, drillId, date, bpm, atMs, judgement, Rung.WHOLE, "", "");
    }

    /// The same as it was heard.
    ///
    /// @param taken whether the judgement is the one that was proposed
    public Repetition heard(Optional<Double> gapMs, boolean taken) {
        return new Repetition(id, roundId, drillId, date, bpm, atMs, judgement, rung, fault, worker, gapMs, taken);
    }

    /// The same with another judgement and fault, as it is pressed.
    public Repetition judged(Judgement changed, String named) {
        return new Repetition(id, roundId, drillId, date, bpm, atMs, changed, rung, named, worker, oneBeatMs, false);
    }

    /// The same as if the athlete had done it: in a camp that is turned round.
    public Repetition asAthletes() {
        return new Repetition(id, roundId, drillId, date, bpm, atMs, judgement, rung, fault, "", oneBeatMs, heard);
    }
}
