package onebeat.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.rounds.Session;

/// A training day that was done, from the book.
///
/// @param rounds that the athlete ran
/// @param minutes how long it took: those of its session, or where it has none as the plan reckons them, from its
///     rounds with the rests between and the part of a session that they are
/// @param effort how hard it was, from 0 to [TrainingLoad#MOST_EFFORT]; empty where nobody asked
public record DoneDay(LocalDate date, int rounds, int minutes, OptionalInt effort) {

    private static final int DAYS_OF_WEEK = 7;

    /// The days of a camp on which something ran.
    public static List<DoneDay> of(Camp camp) {
        PlanRules rules = PlanSettings.of(camp);
        Map<LocalDate, List<RoundRun>> days = new TreeMap<>();
        camp.runsOf("")
                .forEach(run ->
                        days.computeIfAbsent(run.date(), _ -> new ArrayList<>()).add(run));
        return days.entrySet().stream()
                .map(day -> {
                    Session session =
                            camp.sessionOn(day.getKey()).orElseGet(() -> new Session("", day.getKey(), "", ""));
                    return new DoneDay(
                            day.getKey(),
                            day.getValue().size(),
                            session.minutes() > 0 ? session.minutes() : minutes(session, day.getValue(), rules),
                            session.effort());
                })
                .toList();
    }

    private static int minutes(Session session, List<RoundRun> runs, PlanRules rules) {
        int work = runs.stream().mapToInt(RoundRun::seconds).sum();
        return PlannedDay.minutes(work + (runs.size() - 1) * session.scheme().restS(), rules);
    }

    /// Its load as [TrainingLoad] has it; empty where nobody asked how hard it was.
    public OptionalDouble load() {
        return effort.isPresent()
                ? OptionalDouble.of(TrainingLoad.session(effort.getAsInt(), minutes))
                : OptionalDouble.empty();
    }

    /// What each week asked for, by its Monday: weeks that are over, and of which every training day has its effort.
    ///
    /// @param today days from then on are still to come
    public static Map<LocalDate, TrainingLoad> weeks(List<DoneDay> days, LocalDate today) {
        Map<LocalDate, List<DoneDay>> weeks = new TreeMap<>();
        days.forEach(day -> weeks.computeIfAbsent(
                        day.date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)), _ -> new ArrayList<>())
                .add(day));
        Map<LocalDate, TrainingLoad> all = new TreeMap<>();
        weeks.forEach((monday, of) -> {
            boolean over = !monday.plusDays(DAYS_OF_WEEK).isAfter(today);
            if (over && of.stream().allMatch(day -> day.effort.isPresent())) {
                List<Double> loads = new ArrayList<>();
                of.forEach(day -> loads.add(day.load().getAsDouble()));
                while (loads.size() < DAYS_OF_WEEK) {
                    loads.add(0.0);
                }
                all.put(monday, TrainingLoad.week(loads));
            }
        });
        return all;
    }
}
