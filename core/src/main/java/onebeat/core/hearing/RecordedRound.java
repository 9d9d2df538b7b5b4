package onebeat.core.hearing;

import java.util.List;
import java.util.Optional;

/// A recording held against what was drilled in it.
///
/// @param plan the round that it lies on; or where it lies on none, the repetitions of the line as its hits tell them
/// @param heard what was heard of it
public record RecordedRound(PlannedRound plan, HeardRound heard) {

    /// Places a recording on its round; where it lies on none, looks for the line in its hits.
    ///
    /// @param onsets what was heard in the recording, in time
    /// @param seconds how long it is
    /// @return empty where neither the round nor the line is heard in it
    public static Optional<RecordedRound> of(PlannedRound plan, List<Onset> onsets, double seconds) {
        return RoundPlacing.of(plan, onsets, seconds)
                .map(placed -> new RecordedRound(plan, HeardRound.of(plan, onsets, placed, seconds)))
                .or(() -> LineInHits.of(plan, onsets, seconds)
                        .map(free ->
                                new RecordedRound(free, HeardRound.of(free, onsets, Placement.byClock(0), seconds))));
    }

    /// Whether it lies on its round.
    public boolean isPlaced() {
        return heard.placed().bySound();
    }

    /// What was heard of it, summed up.
    public HeardTotals totals() {
        return HeardTotals.of(plan, heard);
    }
}
