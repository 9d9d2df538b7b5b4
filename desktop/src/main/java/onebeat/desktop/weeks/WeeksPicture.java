package onebeat.desktop.weeks;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.holding.Partner;
import onebeat.core.plan.DoneDay;
import onebeat.core.plan.LadderForecast;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.TrainingLoad;
import onebeat.desktop.app.Situation;

/// All that the camp's weeks show.
///
/// @param days the training days of the plan that is shown
/// @param kept those of the plan that is kept
/// @param forecasts how each line likely climbs, in the order of the lines
/// @param weeks what each week asks for, by its Monday
/// @param done the days that were done
record WeeksPicture(
        Camp camp,
        LocalDate today,
        WeeksState state,
        PlanProblem problem,
        List<PlannedDay> days,
        List<PlannedDay> kept,
        List<LadderForecast> forecasts,
        Map<LocalDate, TrainingLoad> weeks,
        List<DoneDay> done) {

    static WeeksPicture of(Situation<WeeksState> here, PlanProblem problem) {
        WeeksState state = here.state();
        List<PlannedDay> days = PlannedDay.of(problem, state.plan());
        return new WeeksPicture(
                here.camp(),
                here.today(),
                state,
                problem,
                days,
                state.offer().isEmpty()
                        ? days
                        : state.seen()
                                .map(now -> PlannedDay.of(now.problem(), now.kept()))
                                .orElse(List.of()),
                LadderForecast.of(here.camp(), problem, state.plan()),
                PlannedDay.weeks(problem, days),
                DoneDay.of(here.camp()));
    }

    String name(int line) {
        String drill = problem.lines().get(line).drill();
        return camp.drills().get(drill).map(Drill::name).orElse(drill);
    }

    /// Who holds; nobody where the plan says so.
    String partner(int partner) {
        return partner >= problem.partners().size()
                ? ""
                : camp.partners()
                        .get(problem.partners().get(partner))
                        .map(Partner::name)
                        .orElse("");
    }

    LocalDate date() {
        return problem.days().get(state.day()).date();
    }

    /// The chosen day, where there is training on it.
    Optional<PlannedDay> day() {
        return on(days, date());
    }

    static Optional<PlannedDay> on(List<PlannedDay> days, LocalDate date) {
        return days.stream().filter(day -> day.date().equals(date)).findFirst();
    }
}
