package onebeat.core.book;

import java.time.LocalDate;

/// One judged repetition.
///
/// @param date the day it was done
/// @param bpm the tempo it was done at
/// @param atMs milliseconds into its session
public record Repetition(
        String id, String roundId, String drillId, LocalDate date, int bpm, long atMs, Judgement judgement) {}
