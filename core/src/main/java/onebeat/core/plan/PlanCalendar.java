package onebeat.core.plan;

import java.util.stream.IntStream;

/// The weeks of a question, worked out once: [PlanProblem] works them out each time that it is asked.
final class PlanCalendar {

    private final int[] weekOf;
    private final int[][] daysOf;
    private final int[] target;
    private final int[] share;
    private final int[] daysLeft;
    private final int readyDay;

    PlanCalendar(PlanProblem problem) {
        weekOf = IntStream.range(0, problem.days().size()).map(problem::week).toArray();
        daysLeft =
                IntStream.range(0, problem.days().size()).map(problem::daysLeft).toArray();
        int weeks = problem.weeks();
        daysOf = new int[weeks][];
        for (int week = 0; week < weeks; week++) {
            int of = week;
            daysOf[week] = IntStream.range(0, weekOf.length)
                    .filter(day -> weekOf[day] == of)
                    .toArray();
        }
        target = IntStream.range(0, weeks).map(problem::target).toArray();
        share = IntStream.range(0, weeks).map(problem::share).toArray();
        readyDay = problem.readyDay();
    }

    int weeks() {
        return daysOf.length;
    }

    int week(int day) {
        return weekOf[day];
    }

    /// The first day of a week, and the one after its last.
    int first(int week) {
        return daysOf[week][0];
    }

    int end(int week) {
        return daysOf[week][daysOf[week].length - 1] + 1;
    }

    int target(int week) {
        return target[week];
    }

    int share(int week) {
        return share[week];
    }

    int daysLeft(int day) {
        return daysLeft[day];
    }

    int readyDay() {
        return readyDay;
    }
}
