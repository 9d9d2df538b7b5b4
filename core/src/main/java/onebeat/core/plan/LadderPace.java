package onebeat.core.plan;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.exchange.Constants;
import onebeat.core.timing.Rung;
import org.apache.commons.statistics.distribution.GammaDistribution;

/// How many rounds a step of the ladder takes this athlete, from their own book: counts with a gamma prior (Gelman et
/// al. 2013, Bayesian Data Analysis, 2.6; from memory). It is a forecast, with its band.
///
/// @param steps how many steps were left in the book
/// @param rounds how many rounds were run on them
public record LadderPace(int steps, int rounds) {

    private static final Constants NUMBERS = Constants.of(PlanProblem.class, "plan.csv", "number");
    private static final double PRIOR_ROUNDS = NUMBERS.get("step_rounds");
    private static final double PRIOR_STEPS = NUMBERS.get("step_weight");

    /// The pace in a camp's book: the rounds that ran on a step before the drill was at a later one.
    public static LadderPace of(Camp camp) {
        int steps = 0;
        int rounds = 0;
        for (Drill drill : camp.drills().all()) {
            List<RoundRun> runs = camp.runsOf("").stream()
                    .filter(run -> run.drillId().equals(drill.id()))
                    .toList();
            for (Rung rung : Rung.values()) {
                long on = runs.stream().filter(run -> run.rung() == rung).count();
                boolean left = runs.stream().anyMatch(run -> run.rung().compareTo(rung) > 0);
                if (on > 0 && left) {
                    steps++;
                    rounds += (int) on;
                }
            }
        }
        return new LadderPace(steps, rounds);
    }

    /// Rounds a step likely takes.
    public double mean() {
        return (PRIOR_STEPS * PRIOR_ROUNDS + rounds) / (PRIOR_STEPS + steps);
    }

    /// Rounds a step takes at a part of what is believed: 0.1 is quick, 0.9 slow.
    ///
    /// @param part from 0 to 1, both left out
    public double quantile(double part) {
        return GammaDistribution.of(PRIOR_STEPS * PRIOR_ROUNDS + rounds, 1 / (PRIOR_STEPS + steps))
                .inverseCumulativeProbability(part);
    }

    /// After how many rounds each step from this one on is likely left.
    public List<Integer> ends(Rung from) {
        return ends(from, mean());
    }

    /// The same at another pace.
    ///
    /// @param pace rounds a step takes
    public static List<Integer> ends(Rung from, double pace) {
        List<Integer> all = new ArrayList<>();
        int climbs = List.of(Rung.values()).size() - 1 - List.of(Rung.values()).indexOf(from);
        for (int i = 1; i <= climbs; i++) {
            all.add((int) Math.max(i, Math.round(i * pace)));
        }
        return all;
    }
}
