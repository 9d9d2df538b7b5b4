package onebeat.core.rounds;

/// One round of a session: one line, since a technical round stays on one theme (F41).
///
/// @param position its place in the session, from 0
/// @param bpm tempo in beats a minute, 20 to 300
/// @param gapBeats empty beats between two repetitions, to walk back and breathe
public record RoundPlan(String id, String sessionId, int position, String drillId, int bpm, int gapBeats) {

    public static final int LEAST_BPM = 20;
    public static final int MOST_BPM = 300;

    /// @throws IllegalArgumentException if the tempo or the gap is out of range
    public RoundPlan {
        if (bpm < LEAST_BPM || bpm > MOST_BPM) {
            throw new IllegalArgumentException("tempo must be 20 to 300, not " + bpm);
        }
        if (gapBeats < 0 || gapBeats > 32) {
            throw new IllegalArgumentException("gap must be 0 to 32 beats, not " + gapBeats);
        }
    }

    public RoundPlan at(int place) {
        return new RoundPlan(id, sessionId, place, drillId, bpm, gapBeats);
    }

    public RoundPlan withBpm(int tempo) {
        return new RoundPlan(id, sessionId, position, drillId, Math.clamp(tempo, LEAST_BPM, MOST_BPM), gapBeats);
    }

    public RoundPlan withGap(int beats) {
        return new RoundPlan(id, sessionId, position, drillId, bpm, Math.clamp(beats, 0, 32));
    }

    /// How many repetitions of a line fit into a round: each takes its beats and the gap behind it.
    ///
    /// @param beats beats of one repetition, from 1
    /// @param workS seconds of the round
    public int repetitionsThatFit(int beats, int workS) {
        long roundMs = Math.multiplyExact((long) workS, 1000);
        double oneMs = (beats + gapBeats) * 60_000.0 / bpm;
        return (int) Math.floor(roundMs / oneMs);
    }
}
