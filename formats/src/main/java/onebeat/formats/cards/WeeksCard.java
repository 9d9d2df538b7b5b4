package onebeat.formats.cards;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.exchange.Phrases;
import onebeat.core.holding.Partner;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.LadderForecast;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.PlannedDay.DayRound;
import onebeat.core.plan.TrainingLoad;
import onebeat.formats.cards.Sheet.Row;
import onebeat.formats.cards.Sheet.Set;
import onebeat.formats.cards.Sheet.Whose;

/// The camp's weeks on paper: one week on a page, and all of them on another.
public final class WeeksCard {

    private static final Phrases WORDS = Phrases.of("cards");
    private static final DateTimeFormatter OF_WEEK = DateTimeFormatter.ofPattern("EEE", Locale.ENGLISH);
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final int ONE_COLUMN = 6;

    private final Camp camp;
    private final PlanProblem problem;
    private final CampPlan plan;
    private final List<PlannedDay> days;

    public WeeksCard(Camp camp, PlanProblem problem, CampPlan plan) {
        this.camp = camp;
        this.problem = problem;
        this.plan = plan;
        days = PlannedDay.of(problem, plan);
    }

    /// The week of a day.
    public Sheet week(LocalDate of) {
        LocalDate monday = monday(of);
        List<Row> rows = new ArrayList<>();
        for (PlannedDay day : days) {
            if (monday(day.date()).equals(monday)) {
                rows.add(day(day));
            }
        }
        return sheet(WORDS.say("week.title", DAY.format(monday)), rows, List.of(load(monday)));
    }

    private Row day(PlannedDay day) {
        Map<String, Long> rounds = day.rounds().stream()
                .collect(Collectors.groupingBy(this::round, LinkedHashMap::new, Collectors.counting()));
        String detail = rounds.entrySet().stream()
                .map(one -> one.getValue() == 1 ? one.getKey() : WORDS.say("week.times", one.getValue(), one.getKey()))
                .collect(Collectors.joining("; "));
        String head = WORDS.say(
                "week.day",
                DATE.format(day.date()),
                problem.rules().on(day.date()).start(),
                day.minutes(),
                day.rounds().size(),
                String.format(Locale.ROOT, "%.1f", day.effort()));
        return new Row(OF_WEEK.format(day.date()), head, detail, Whose.BOTH, Set.TOLD);
    }

    private String round(DayRound round) {
        String partner = camp.partners()
                .get(problem.partners().get(round.round().partner()))
                .map(Partner::name)
                .orElse("");
        return WORDS.say("week.round", name(round.round().line()), round.rung().id(), partner);
    }

    private String name(int line) {
        String drill = problem.lines().get(line).drill();
        return camp.drills().get(drill).map(Drill::name).orElse(drill);
    }

    private String load(LocalDate monday) {
        TrainingLoad load = PlannedDay.weeks(problem, days).get(monday);
        if (load == null) {
            return WORDS.say("week.nothing");
        }
        return load.monotony().isPresent() && load.strain().isPresent()
                ? WORDS.say(
                        "week.load",
                        Math.round(load.load()),
                        String.format(Locale.ROOT, "%.1f", load.monotony().getAsDouble()),
                        Math.round(load.strain().getAsDouble()))
                : WORDS.say("week.load.only", Math.round(load.load()));
    }

    /// All weeks: what each asks for, then how far each line comes.
    public Sheet camp() {
        List<Row> rows = new ArrayList<>();
        for (Map.Entry<LocalDate, TrainingLoad> week :
                PlannedDay.weeks(problem, days).entrySet()) {
            List<PlannedDay> of = days.stream()
                    .filter(day -> monday(day.date()).equals(week.getKey()))
                    .toList();
            int rounds = of.stream().mapToInt(day -> day.rounds().size()).sum();
            rows.add(new Row(
                    "" + (rows.size() + 1),
                    WORDS.say(
                            "camp.week",
                            DATE.format(week.getKey()),
                            of.size(),
                            rounds,
                            Math.round(week.getValue().load())),
                    "",
                    Whose.BOTH,
                    Set.TOLD));
        }
        for (LadderForecast forecast : LadderForecast.of(camp, problem, plan)) {
            if (!forecast.points().isEmpty()) {
                rows.add(line(forecast));
            }
        }
        long left = ChronoUnit.DAYS.between(problem.days().getFirst().date(), problem.fightNight());
        return sheet(
                WORDS.say("camp.title", DAY.format(problem.fightNight())), rows, List.of(WORDS.say("camp.left", left)));
    }

    private Row line(LadderForecast forecast) {
        LadderForecast.Point last = forecast.points().getLast();
        int rounds = forecast.points().stream()
                .mapToInt(LadderForecast.Point::rounds)
                .sum();
        String band = last.slow() == last.quick()
                ? WORDS.say("camp.step", rounds, last.likely().id())
                : WORDS.say(
                        "camp.band",
                        rounds,
                        last.likely().id(),
                        last.slow().id(),
                        last.quick().id());
        return new Row("", name(forecast.line()), band, Whose.ATHLETE, Set.TOLD);
    }

    private Sheet sheet(String title, List<Row> rows, List<String> after) {
        return new Sheet(
                title,
                WORDS.say(
                        "week.under", camp.card().athlete().name(), camp.card().name()),
                "",
                Optional.empty(),
                List.of(),
                rows,
                rows.size() > ONE_COLUMN ? 2 : 1,
                after,
                WORDS.say("week.cautions") + " " + WORDS.say("cautions"));
    }

    private static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }
}
