package onebeat.core.rounds;

import onebeat.core.holding.Draw;
import onebeat.core.timing.Rung;

/// One round of a session: one line, since a technical round stays on one theme (F41).
///
/// @param position its place in the session, from 0
/// @param bpm tempo in beats a minute, 20 to 300
/// @param gapBeats empty beats between two repetitions, to walk back and breathe
/// @param rung the ladder step at which it is drilled
/// @param stage which of the ladder's stages at that step, from 0; past the last one the last one
/// @param bursts how often it is done without a stop for a while, 0 to 4 (F42)
/// @param draw how what the line leaves to chance is drawn
/// @param worker the id of the partner whose round it is, while the athlete feeds and holds for them; empty in
/// the athlete's own
public record RoundPlan(
        String id,
        String sessionId,
        int position,
        String drillId,
        int bpm,
        int gapBeats,
        Rung rung,
        int stage,
        int bursts,
        Draw draw,
        String worker) {

    public static final int LEAST_BPM = 20;
    public static final int MOST_BPM = 300;

    /// Bursts of a round at most.
    public static final int MOST_BURSTS = 4;

    /// @throws IllegalArgumentException if the tempo or the gap is out of range
    public RoundPlan {
        if (bpm < LEAST_BPM || bpm > MOST_BPM) {
            throw new IllegalArgumentException("tempo must be 20 to 300, not " + bpm);
        }
        if (gapBeats < 0 || gapBeats > 32) {
            throw new IllegalArgumentException("gap must be 0 to 32 beats, not " + gapBeats);
        }
    }

    /// A round of the whole line. Its seed comes from its id, so that no two rounds of an evening are drawn
    /// alike.
    public RoundPlan(String id, String sessionId, int position, String drillId, int bpm, int gapBeats) {
        this(id, sessionId, position, drillId, bpm, gapBeats, Rung.WHOLE, 0, 0, Draw.of(id.hashCode()), "");
    }

    public RoundPlan at(int place) {
        return new RoundPlan(id, sessionId, place, drillId, bpm, gapBeats, rung, stage, bursts, draw, worker);
    }

    public RoundPlan withBpm(int tempo) {
        int held = Math.clamp(tempo, LEAST_BPM, MOST_BPM);
        return new RoundPlan(id, sessionId, position, drillId, held, gapBeats, rung, stage, bursts, draw, worker);
    }

    public RoundPlan withGap(int beats) {
        int held = Math.clamp(beats, 0, 32);
        return new RoundPlan(id, sessionId, position, drillId, bpm, held, rung, stage, bursts, draw, worker);
    }

    public RoundPlan withBursts(int times) {
        int held = Math.clamp(times, 0, MOST_BURSTS);
        return new RoundPlan(id, sessionId, position, drillId, bpm, gapBeats, rung, stage, held, draw, worker);
    }

    /// The same at another step of the ladder, from its first stage.
    public RoundPlan on(Rung step) {
        return on(step, 0);
    }

    /// The same at another stage of a step.
    public RoundPlan on(Rung step, int which) {
        return new RoundPlan(id, sessionId, position, drillId, bpm, gapBeats, step, which, bursts, draw, worker);
    }

    public RoundPlan with(Draw changed) {
        return new RoundPlan(id, sessionId, position, drillId, bpm, gapBeats, rung, stage, bursts, changed, worker);
    }

    /// The same as another one's round.
    public RoundPlan by(String whose) {
        return new RoundPlan(id, sessionId, position, drillId, bpm, gapBeats, rung, stage, bursts, draw, whose);
    }

    /// Whether it is the athlete's own, and not a partner's for whom the athlete holds.
    public boolean isAthletes() {
        return worker.isEmpty();
    }
}
