package onebeat.planning;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import onebeat.core.plan.PlanProblem;

/// Which part of a plan is free while the rest stands: first each week, then weeks that touch, then lines drawn by
/// chance over all days, and again (large neighbourhood search, Shaw 1998, CP, 417–431; from memory).
final class PlanNeighbourhood {

    private static final int LINES = 5;

    private final PlanProblem problem;
    private final Random random;
    private int step;

    PlanNeighbourhood(PlanProblem problem, int seed) {
        this.problem = problem;
        random = new Random(seed);
    }

    /// The next part.
    PlanModel.Free next() {
        int weeks = problem.weeks();
        int at = step++;
        if (at < weeks) {
            return weeks(at, at);
        }
        int turn = (at - weeks) % 3;
        if (turn == 0) {
            int first = random.nextInt(weeks);
            return weeks(first, Math.min(weeks - 1, first + 1));
        }
        return turn == 1 ? lines() : weeks(random.nextInt(weeks));
    }

    private PlanModel.Free weeks(int first, int last) {
        return (day, _) -> problem.week(day) >= first && problem.week(day) <= last;
    }

    private PlanModel.Free weeks(int one) {
        return weeks(one, one);
    }

    private PlanModel.Free lines() {
        List<Integer> all = new ArrayList<>();
        for (int line = 0; line < problem.lines().size(); line++) {
            all.add(line);
        }
        Collections.shuffle(all, random);
        Set<Integer> free = new HashSet<>(all.subList(0, Math.min(LINES, all.size())));
        return (_, line) -> free.contains(line);
    }
}
