package onebeat.core.plan;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.camp.Camp;
import onebeat.core.timing.Rung;

/// How a line likely climbs its ladder through a plan, as a band: at the pace of the book, and at a quick and a slow
/// one between which four of five paces lie that the book and its prior allow.
///
/// @param line the number of the line
/// @param points the days on which it comes, in order
public record LadderForecast(int line, List<Point> points) {

    private static final double QUICK = 0.1;
    private static final double SLOW = 0.9;

    public LadderForecast {
        points = List.copyOf(points);
    }

    /// A day on which the line comes.
    ///
    /// @param day the number of the day
    /// @param rounds of it on that day
    /// @param likely the step at which its last round is likely done
    /// @param quick the same where steps take few rounds
    /// @param slow the same where they take many
    public record Point(int day, int rounds, Rung likely, Rung quick, Rung slow) {}

    /// The forecast of each line of a question, in their order.
    public static List<LadderForecast> of(Camp camp, PlanProblem problem, CampPlan plan) {
        LadderPace pace = LadderPace.of(camp);
        Band band = new Band(pace.quantile(QUICK), pace.quantile(SLOW));
        List<LadderForecast> all = new ArrayList<>();
        for (int number = 0; number < problem.lines().size(); number++) {
            all.add(of(problem.lines().get(number), number, band, plan));
        }
        return all;
    }

    /// Rounds that a step takes at either end of what is believed.
    private record Band(double quick, double slow) {}

    private static LadderForecast of(PlanLine line, int number, Band band, CampPlan plan) {
        List<Integer> quick = LadderPace.ends(line.at(), band.quick);
        List<Integer> slow = LadderPace.ends(line.at(), band.slow);
        List<Point> points = new ArrayList<>();
        int done = 0;
        int last = plan.rounds().isEmpty() ? -1 : plan.rounds().getLast().day();
        for (int day = 0; day <= last; day++) {
            int rounds = (int) plan.on(day).stream()
                    .filter(round -> round.line() == number)
                    .count();
            if (rounds > 0) {
                done += rounds;
                points.add(new Point(
                        day,
                        rounds,
                        line.stepAfter(done - 1),
                        PlanLine.stepAfter(line.at(), quick, done - 1),
                        PlanLine.stepAfter(line.at(), slow, done - 1)));
            }
        }
        return new LadderForecast(number, points);
    }
}
