package onebeat.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.holding.Partner;
import onebeat.core.plan.FightPlanPlaces;
import onebeat.core.plan.HeldElsewhere;
import onebeat.core.plan.KeptPlan;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanProblems;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlanSettings;
import onebeat.core.plan.PlanWords;
import onebeat.core.plan.PlannedDay;
import onebeat.core.plan.SolvedPlan;
import onebeat.formats.out.IoWords;
import onebeat.formats.out.OutFiles;
import onebeat.formats.plan.GymCalendar;
import onebeat.formats.plan.OtherPlan;
import onebeat.formats.plan.PlanCalendarFile;
import onebeat.formats.plan.PlanJson;
import onebeat.planning.CampPlanner;
import onebeat.planning.PlanSearch;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import onebeat.store.Saving;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.json.JsonMapper;

/// `plan`: a camp's weeks, from a day to fight night.
@Command(
        name = "plan",
        description =
                "Plans a camp's weeks: which line on which day, at which step, with whom. The camp is not changed without"
                        + " --take."
                        + " Exit code 0: planned, 1: the coach's rules fight each other, 2: not a camp, or a file cannot"
                        + " be written. Load figures describe; they predict no injury and clear nobody to train.",
        mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {

    private static final int PLANNED = 0;
    private static final int CONFLICT = 1;
    private static final int NOT_READ = 2;
    private static final double MOST_SECONDS = 3_600;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Option(names = "--json", description = "Write JSON.")
    private boolean json;

    @Option(names = "--from", paramLabel = "DATE", description = "The first day that is planned; by default today.")
    private @Nullable LocalDate from;

    @Option(
            names = "--seconds",
            description = "How long a better plan is looked for, about (default: ${DEFAULT-VALUE}).",
            defaultValue = "10")
    private double seconds;

    @Option(
            names = "--seed",
            description = "The same camp, seed and seconds give the same plan (default: ${DEFAULT-VALUE}).",
            defaultValue = "1")
    private int seed;

    @Option(names = "--ics", paramLabel = "FILE", description = "Write the training days as a calendar.")
    private @Nullable Path ics;

    @Option(
            names = "--beside",
            paramLabel = "FILE",
            description =
                    "The plan of another camp (plan --json): who holds there holds less here. Can be given again.")
    private List<Path> beside = List.of();

    @Option(
            names = "--calendar",
            paramLabel = "FILE",
            description =
                    "The gym's calendar (.ics): there is time on its days only, from its first event to its last.")
    private @Nullable Path calendar;

    @Option(
            names = "--take",
            description = "Keep the plan in the camp. A plan that is kept already is changed as little as can be.")
    private boolean take;

    @Option(
            names = "--overwrite",
            description = "Replace a file that One Beat did not write, or that was changed since.")
    private boolean overwrite;

    @Parameters(paramLabel = "CAMP", description = "A camp file.")
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Path file;

    @Override
    public Integer call() {
        if (!(seconds > 0 && seconds <= MOST_SECONDS)) {
            throw new ParameterException(spec.commandLine(), "--seconds is above 0 and at most 3600, not " + seconds);
        }
        // What only reads changes no byte, and works where nothing can be written.
        return switch (take ? CampFile.open(file) : CampFile.read(file)) {
            case Opening.Refused refused -> refuse(refused.sentence());
            case Opening.Opened opened -> {
                try (CampFile camp = opened.file()) {
                    yield plan(camp);
                }
            }
        };
    }

    private int plan(CampFile opened) {
        Camp camp = opened.camp();
        LocalDate first = from == null ? LocalDate.now(ZoneId.systemDefault()) : from;
        if (!first.isBefore(camp.card().fightNight())) {
            return refuse("Fight night is " + camp.card().fightNight() + ": there is no day left from " + first
                    + " on. Give an earlier day with --from.");
        }
        if (camp.partners().all().isEmpty() || camp.drills().all().isEmpty()) {
            return refuse("A plan needs lines to drill and partners who hold them: this camp has "
                    + camp.drills().size() + " lines and " + camp.partners().size()
                    + " partners. Add them in the program first.");
        }
        List<Edit> others = new ArrayList<>();
        for (Path other : beside) {
            try {
                OtherPlan read = OtherPlan.read(other, camp);
                others.add(HeldElsewhere.known(camp, read.camp(), read.held()));
                camp = others.getLast().applyTo(camp);
            } catch (IOException e) {
                return refuse(other + ": " + IoWords.of(e));
            }
        }
        PlanProblem asked = PlanProblems.of(camp, PlanSettings.of(camp), first, FightPlanPlaces.of(camp));
        if (calendar != null) {
            try {
                Map<LocalDate, PlanRules.Time> days = GymCalendar.days(
                        calendar, first, camp.card().fightNight(), ZoneId.systemDefault(), () -> false);
                if (days.isEmpty()) {
                    return refuse(calendar + " has nothing between " + first + " and fight night.");
                }
                PlanRules rules = asked.rules().onlyOn(asked.dates(), days);
                PlanSettings.kept(camp, rules).ifPresent(others::add);
                asked = PlanProblems.of(camp, rules, first, FightPlanPlaces.of(camp));
            } catch (IOException e) {
                return refuse(calendar + ": " + IoWords.of(e));
            }
        }
        PlanProblem problem = asked.after(KeptPlan.of(camp, asked));
        SolvedPlan solved;
        try (TerminalProgress progress = new TerminalProgress(spec.commandLine().getErr(), "planning")) {
            solved = CampPlanner.solve(
                    problem,
                    new PlanSearch(seconds, seed),
                    better -> progress.tell("a plan of " + better.value() + " points"),
                    () -> false);
        }
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(PlanJson.of(camp, problem, solved));
        } else {
            tell(out, camp, problem, solved);
        }
        out.flush();
        if (ics != null) {
            try {
                String text = PlanCalendarFile.text(camp, problem, solved.plan());
                Outputs.files().writeText(ics, text, overwrite ? OutFiles.Taken.REPLACE : OutFiles.Taken.REFUSE);
            } catch (IOException e) {
                return refuse(Outputs.failed(List.of(), e));
            }
        }
        others.add(KeptPlan.taken(camp, problem, solved.plan()));
        if (take && !(opened.save(new Edit.Together(others)) instanceof Saving.Saved)) {
            return refuse("The plan could not be kept in " + file + ". Nothing was changed there. Is it open in the"
                    + " program, or its disk full?");
        }
        return solved.conflicts().isEmpty() ? PLANNED : CONFLICT;
    }

    private int refuse(String sentence) {
        if (json) {
            spec.commandLine().getOut().println(MAPPER.writeValueAsString(Map.of("error", sentence)));
            spec.commandLine().getOut().flush();
        } else {
            spec.commandLine().getErr().println(sentence);
        }
        return NOT_READ;
    }

    private static void tell(PrintWriter out, Camp camp, PlanProblem problem, SolvedPlan solved) {
        for (PlannedDay day : PlannedDay.of(problem, solved.plan())) {
            out.printf(
                    Locale.ROOT,
                    "%s  %d min, effort %.1f, load %.0f%n",
                    day.date(),
                    day.minutes(),
                    day.effort(),
                    day.load());
            day.rounds()
                    .forEach(one -> out.printf(
                            "    %-28s %-7s %s%n",
                            camp.drills()
                                    .get(problem.lines().get(one.round().line()).drill())
                                    .map(Drill::name)
                                    .orElse(""),
                            one.rung().id(),
                            camp.partners()
                                    .get(problem.partners().get(one.round().partner()))
                                    .map(Partner::name)
                                    .orElse("")));
        }
        solved.conflicts().forEach(conflict -> out.println(PlanWords.of(conflict)));
        if (problem.days().size() == PlanProblems.MOST_DAYS) {
            out.println("Only the next " + PlanProblems.MOST_DAYS + " days are planned.");
        }
        out.println(proof(solved));
        out.println("Load figures describe. They predict no injury and clear nobody to train.");
    }

    private static String proof(SolvedPlan solved) {
        if (solved.isProven()) {
            return "No plan is better by these rules: " + solved.value() + " points.";
        }
        return solved.gap().isPresent()
                ? String.format(
                        Locale.ROOT,
                        "%d points, within %.1f %% of the best possible.",
                        solved.value(),
                        100 * solved.gap().getAsDouble())
                : solved.value() + " points. Filled by rule: nothing is proven of it.";
    }
}
