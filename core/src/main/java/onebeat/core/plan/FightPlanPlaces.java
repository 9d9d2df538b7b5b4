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
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Who;
import onebeat.core.review.Context;

/// Which of the camp's lines train which plan of the fight plan: those that are the plan's own line, that came from
/// its film, or that give the opponent what it rests on and land its weapon.
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

    /// Whether the line does what the idea begins with and, later, the strike that pays.
    private static boolean hasItsMoments(Camp camp, Drill drill, FightPlan.Plan plan) {
        if (!(Notation.read(drill.line(), camp.vocabulary()) instanceof Read read)) {
            return false;
        }
        String begin = bare(plan.idea().stimulus());
        String lands = bare(plan.idea().reply().strike());
        for (PlayedWay way : Play.of(read.line(), camp.setting()).ways()) {
            List<String> own = way.strikesOf(Who.ATHLETE)
                    .map(step -> bare(Notation.print(step.placed().act().normal())))
                    .toList();
            int at = own.indexOf(begin);
            if (at >= 0 && own.subList(at + 1, own.size()).contains(lands)) {
                return true;
            }
        }
        return false;
    }

    private static String bare(String action) {
        return action.replaceAll("[!'~()]", "");
    }
}
