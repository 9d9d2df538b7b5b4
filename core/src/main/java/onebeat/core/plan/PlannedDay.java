package onebeat.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import onebeat.core.exchange.Table;
import onebeat.core.timing.Rung;

/// A training day of a plan, as it is read by people.
///
/// @param minutes how long it takes with warm-up and rests
/// @param effort how hard it likely is, from 0 to 10: the mean of its rounds, by their steps
/// @param rounds in the order of their lines
public record PlannedDay(LocalDate date, int minutes, double effort, List<DayRound> rounds) {

    private static final int SECONDS_PER_MINUTE = 60;
    private static final int DAYS_OF_WEEK = 7;
    private static final int PERCENT = 100;
    private static final Map<Rung, Integer> EFFORTS = efforts();

    public PlannedDay {
        rounds = List.copyOf(rounds);
    }

    /// A round and the ladder step at which it is likely done.
    public record DayRound(PlannedRound round, Rung rung) {}

    private static Map<Rung, Integer> efforts() {
        Map<Rung, Integer> all = new EnumMap<>(Rung.class);
        Table.rows(PlannedDay.class, "efforts.csv")
                .forEach(row -> all.put(Rung.of(row.get("step")).orElseThrow(), Integer.parseInt(row.get("effort"))));
        return Collections.unmodifiableMap(all);
    }

    /// The training days of a plan.
    public static List<PlannedDay> of(PlanProblem problem, CampPlan plan) {
        Map<Integer, Integer> done = new HashMap<>();
        List<PlannedDay> days = new ArrayList<>();
        for (int day = 0; day < problem.days().size(); day++) {
            List<DayRound> rounds = new ArrayList<>();
            for (PlannedRound round : plan.on(day)) {
                int before = done.getOrDefault(round.line(), 0);
                rounds.add(new DayRound(round, problem.lines().get(round.line()).stepAfter(before)));
                done.put(round.line(), before + 1);
            }
            if (!rounds.isEmpty()) {
                days.add(new PlannedDay(
                        problem.days().get(day).date(), minutes(problem, rounds.size()), effort(rounds), rounds));
            }
        }
        return days;
    }

    private static int minutes(PlanProblem problem, int rounds) {
        PlanProblem.RoundClock clock = problem.clock();
        return minutes(rounds * clock.workS() + (rounds - 1) * clock.restS(), problem.rules());
    }

    /// Minutes of a session whose rounds and rests take so many seconds: they are the part of it that `TIME` says.
    static int minutes(int seconds, PlanRules rules) {
        return Math.ceilDiv(PERCENT * seconds, SECONDS_PER_MINUTE * Math.max(1, rules.value(HardRule.TIME)));
    }

    private static double effort(List<DayRound> rounds) {
        return rounds.stream()
                .mapToInt(round -> EFFORTS.getOrDefault(round.rung, 0))
                .average()
                .orElse(0);
    }

    /// Its load as [TrainingLoad] has it.
    public double load() {
        return TrainingLoad.session(effort, minutes);
    }

    /// What each week asks for, by its Monday. Days without training count as 0; weeks that are not whole say
    /// nothing of monotony.
    public static Map<LocalDate, TrainingLoad> weeks(PlanProblem problem, List<PlannedDay> days) {
        Map<LocalDate, Double> loads = new HashMap<>();
        days.forEach(day -> loads.put(day.date, day.load()));
        Map<LocalDate, List<Double>> weeks = new TreeMap<>();
        for (TrainingDay day : problem.days()) {
            weeks.computeIfAbsent(day.week(), _ -> new ArrayList<>()).add(loads.getOrDefault(day.date(), 0.0));
        }
        Map<LocalDate, TrainingLoad> all = new TreeMap<>();
        weeks.forEach((week, of) -> {
            TrainingLoad load = TrainingLoad.week(of);
            all.put(week, of.size() == DAYS_OF_WEEK ? load : load.onlyLoad());
        });
        return all;
    }
}
