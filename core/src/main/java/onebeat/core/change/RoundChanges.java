package onebeat.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.holding.Draw;
import onebeat.core.holding.Partner;
import onebeat.core.ladder.Stage;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Rung;

/// Changes to one round of a session.
public final class RoundChanges {

    private RoundChanges() {}

    /// The round becomes another.
    public static Edit changed(RoundPlan before, RoundPlan after) {
        return Edit.change(Place.ROUNDS, before, after);
    }

    /// Takes a round out and closes up the ones behind it, as one edit.
    public static Edit removed(Camp camp, RoundPlan plan) {
        List<Edit> edits = new ArrayList<>();
        edits.add(Edit.remove(Place.ROUNDS, plan));
        camp.roundsOf(plan.sessionId()).stream()
                .filter(p -> p.position() > plan.position())
                .forEach(p -> edits.add(changed(p, p.at(p.position() - 1))));
        return new Edit.Together(edits);
    }

    /// The round changes places with one before or behind it.
    ///
    /// @param by how many places, negative for earlier
    /// @return empty where there is no such place
    public static Optional<Edit> moved(Camp camp, RoundPlan plan, int by) {
        List<RoundPlan> plans = camp.roundsOf(plan.sessionId());
        int other = plans.indexOf(plan) + by;
        if (other < 0 || other >= plans.size()) {
            return Optional.empty();
        }
        RoundPlan there = plans.get(other);
        return Optional.of(
                Edit.together(changed(plan, plan.at(there.position())), changed(there, there.at(plan.position()))));
    }

    /// The next stage of the drill's ladder, with its tempo; without a ladder the next step of the feed alone.
    ///
    /// @param stages of the ladder, in their order; may be empty
    /// @param by how many stages, negative for back
    public static RoundPlan climbed(RoundPlan plan, List<Stage> stages, int by) {
        int at = -1;
        int within = 0;
        for (int i = 0; i < stages.size(); i++) {
            if (stages.get(i).rung() == plan.rung()) {
                at = at < 0 || within <= plan.stage() ? i : at;
                within++;
            }
        }
        if (at < 0) {
            List<Rung> all = List.of(Rung.values());
            return plan.on(all.get(Math.clamp(all.indexOf(plan.rung()) + by, 0, all.size() - 1)));
        }
        Stage stage = stages.get(Math.clamp(at + by, 0, stages.size() - 1));
        int which = (int) stages.subList(0, stages.indexOf(stage)).stream()
                .filter(s -> s.rung() == stage.rung())
                .count();
        return plan.on(stage.rung(), which).withBpm(stage.bpm());
    }

    /// Another draw of the same odds.
    public static RoundPlan redrawn(RoundPlan plan) {
        Draw draw = plan.draw();
        return plan.with(new Draw(draw.seed() + 1, draw.mostRun(), draw.gapSpread()));
    }

    /// One more of the same cue in a row may come; after the most, one.
    public static RoundPlan withLongerRuns(RoundPlan plan) {
        Draw draw = plan.draw();
        return plan.with(new Draw(draw.seed(), 1 + draw.mostRun() % Draw.MOST_RUN, draw.gapSpread()));
    }

    /// The gap may vary by one beat more; after the most, not at all.
    public static RoundPlan withWiderGaps(RoundPlan plan) {
        Draw draw = plan.draw();
        return plan.with(new Draw(draw.seed(), draw.mostRun(), (draw.gapSpread() + 1) % (Draw.MOST_SPREAD + 1)));
    }

    /// One burst more in the round; after the most, none.
    public static RoundPlan withMoreBursts(RoundPlan plan) {
        return plan.withBursts((plan.bursts() + 1) % (RoundPlan.MOST_BURSTS + 1));
    }

    /// The round is the other one's: the athlete works it or tonight's partner.
    ///
    /// @return empty where the round is the athlete's and there is no partner tonight
    public static Optional<RoundPlan> workedByOther(Camp camp, RoundPlan plan) {
        return plan.isAthletes() ? camp.partner().map(Partner::id).map(plan::by) : Optional.of(plan.by(""));
    }
}
