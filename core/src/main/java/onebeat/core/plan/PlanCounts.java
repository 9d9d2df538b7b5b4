package onebeat.core.plan;

/// A plan counted: rounds by day, line and partner. Not to be shared while it is worked on.
final class PlanCounts {

    final PlanProblem problem;
    final PlanCalendar calendar;
    private final int[][] byLine;
    private final int[][] byPartner;
    private final int[] byDay;
    private final int[][][] byHolder;

    /// The rounds that the plan before had, by day, line and who holds.
    private final int[][][] had;

    PlanCounts(PlanProblem problem, CampPlan plan) {
        this.problem = problem;
        calendar = new PlanCalendar(problem);
        int days = problem.days().size();
        byLine = new int[days][problem.lines().size()];
        byPartner = new int[days][problem.partners().size() + 1];
        byDay = new int[days];
        byHolder = new int[days][problem.lines().size()][problem.partners().size() + 1];
        had = new int[days][problem.lines().size()][problem.partners().size() + 1];
        problem.before().rounds().forEach(round -> had[round.day()][round.line()][round.partner()]++);
        plan.rounds().forEach(round -> add(round, 1));
    }

    /// One more, or one less.
    void add(PlannedRound round, int by) {
        byLine[round.day()][round.line()] += by;
        byPartner[round.day()][round.partner()] += by;
        byHolder[round.day()][round.line()][round.partner()] += by;
        byDay[round.day()] += by;
    }

    int rounds(int day) {
        return byDay[day];
    }

    int rounds(int day, int line) {
        return byLine[day][line];
    }

    /// Rounds of the plan before that are not as they were: gone, or held by somebody else.
    int changed(int day, int line) {
        int changed = 0;
        for (int partner = 0; partner < had[day][line].length; partner++) {
            changed += Math.max(0, had[day][line][partner] - byHolder[day][line][partner]);
        }
        return changed;
    }

    int held(int day, int partner) {
        return byPartner[day][partner];
    }

    /// Rounds of a line before a day.
    int before(int day, int line) {
        int sum = 0;
        for (int d = 0; d < day; d++) {
            sum += byLine[d][line];
        }
        return sum;
    }

    /// Rounds of a week.
    int inWeek(int week) {
        int sum = 0;
        for (int day = calendar.first(week); day < calendar.end(week); day++) {
            sum += byDay[day];
        }
        return sum;
    }

    /// Rounds of a week of lines of a plan of the fight plan.
    int inWeek(int week, int fightPlan) {
        int sum = 0;
        for (int line = 0; line < problem.lines().size(); line++) {
            if (problem.lines().get(line).fightPlan() == fightPlan) {
                for (int day = calendar.first(week); day < calendar.end(week); day++) {
                    sum += byLine[day][line];
                }
            }
        }
        return sum;
    }

    int heldInWeek(int week, int partner) {
        int sum = 0;
        for (int day = calendar.first(week); day < calendar.end(week); day++) {
            sum += byPartner[day][partner];
        }
        return sum;
    }

    boolean comesInWeek(int week, int line) {
        for (int day = calendar.first(week); day < calendar.end(week); day++) {
            if (byLine[day][line] > 0) {
                return true;
            }
        }
        return false;
    }

    /// The day on which a line starts, by its number; -1 where it began before or never does.
    int start(int line) {
        if (!problem.lines().get(line).begun()) {
            for (int day = 0; day < byDay.length; day++) {
                if (byLine[day][line] > 0) {
                    return day;
                }
            }
        }
        return -1;
    }
}
