package onebeat.core.rounds;

import onebeat.core.holding.Draw;
import onebeat.core.timing.Rung;

/// One round of a session: one line, since a technical round stays on one theme (F41).
///
/// @param position its place in the session, from 0
/// @param bpm tempo in beats a minute, 20 to 300
/// @param gapBeats empty beats between two repetitions, to walk back and breathe
/// @param rung the ladder step at which it is drilled: how honest the feed is
/// @param draw how what the line leaves to chance is drawn
public record RoundPlan(
        String id, String sessionId, int position, String drillId, int bpm, int gapBeats, Rung rung, Draw draw) {

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

    /// A round of the whole line. Its seed comes from its id, so that no two rounds of an evening are drawn alike.
    public RoundPlan(String id, String sessionId, int position, String drillId, int bpm, int gapBeats) {
        this(id, sessionId, position, drillId, bpm, gapBeats, Rung.WHOLE, Draw.of(id.hashCode()));
    }

    public RoundPlan at(int place) {
        return new RoundPlan(id, sessionId, place, drillId, bpm, gapBeats, rung, draw);
    }

    public RoundPlan withBpm(int tempo) {
        return new RoundPlan(
                id, sessionId, position, drillId, Math.clamp(tempo, LEAST_BPM, MOST_BPM), gapBeats, rung, draw);
    }

    public RoundPlan withGap(int beats) {
        return new RoundPlan(id, sessionId, position, drillId, bpm, Math.clamp(beats, 0, 32), rung, draw);
    }

    public RoundPlan on(Rung step) {
        return new RoundPlan(id, sessionId, position, drillId, bpm, gapBeats, step, draw);
    }

    public RoundPlan with(Draw changed) {
        return new RoundPlan(id, sessionId, position, drillId, bpm, gapBeats, rung, changed);
    }
}
