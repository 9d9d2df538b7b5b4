package onebeat.core.plan;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Mastery;
import onebeat.core.film.FightPlan;
import onebeat.core.film.FollowUps;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Context;

/// Which of the camp's lines train which plan of the fight plan: those that are the plan's own line, that came from
/// its film, or that have what it rests on: the athlete's action and the opponent's answer to it.
public final class FightPlanPlaces {

    private FightPlanPlaces() {}

    /// For each drill that trains one the number of the plan, from 1.
    public static Map<String, Integer> of(Camp camp) {
        Context context = camp.againstOpponent();
        FightPlan fight =
                FightPlan.of(FollowUps.of(camp.studied(), Who.PARTNER, camp.vocabulary()), context, Mastery.of(camp));
        Map<String, Integer> places = new HashMap<>();
        for (Drill drill : camp.drills().all()) {
            for (int plan = fight.plans().size(); plan >= 1; plan--) {
                if (trains(camp, drill, fight.plans().get(plan - 1))) {
                    places.put(drill.id(), plan);
                }
            }
        }
        return places;
    }

    private static boolean trains(Camp camp, Drill drill, FightPlan.Plan plan) {
        return drill.line().equals(plan.drill().line())
                || plan.idea().exchanges().contains(drill.source())
                || hasItsMoments(camp, drill, plan);
    }

    /// Whether the line has what the idea rests on: the athlete's action and the opponent's answer to it.
    private static boolean hasItsMoments(Camp camp, Drill drill, FightPlan.Plan plan) {
        return Notation.read(drill.line(), camp.vocabulary()) instanceof Read read
                && Play.of(read.line(), camp.setting()).ways().stream()
                        .anyMatch(way -> answers(
                                way.steps(), plan.idea().stimulus(), plan.idea().response()));
    }

    private static boolean answers(List<Step> steps, String stimulus, String response) {
        for (int i = 0; i + 1 < steps.size(); i++) {
            if (is(steps.get(i), Who.ATHLETE, stimulus) && is(steps.get(i + 1), Who.PARTNER, response)) {
                return true;
            }
        }
        return false;
    }

    private static boolean is(Step step, Who who, String action) {
        return step.who() == who && Notation.print(step.placed().act().normal()).equals(action);
    }
}
