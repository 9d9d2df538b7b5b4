package onebeat.desktop.weeks;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.layout.Region;
import onebeat.core.camp.Camp;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.FightPlanPlaces;
import onebeat.core.plan.KeptPlan;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanProblems;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlanSettings;
import onebeat.core.plan.SolvedPlan;
import onebeat.desktop.app.BackgroundQuestion;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationLoop;
import onebeat.desktop.app.StationName;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.print.Print;
import onebeat.desktop.text.Texts;
import onebeat.formats.out.IoWords;
import onebeat.formats.out.OutFiles;
import onebeat.formats.plan.GymCalendar;
import onebeat.formats.plan.OtherPlan;
import onebeat.formats.plan.PlanOut;
import onebeat.planning.CampPlanner;
import onebeat.planning.PlanSearch;
import org.jspecify.annotations.Nullable;

/// The camp's weeks: the cord unrolled.
public final class Weeks implements Station {

    private final CampSession app;
    private final Navigator navigator;
    private final StationLoop<WeeksState, WeeksAction> loop;
    private final WeeksView view;
    private final List<BoundCommand> commands;
    private final BackgroundQuestion weeks;
    private final BackgroundQuestion plans;
    private final BackgroundQuestion files;
    private volatile boolean stopped;
    private volatile @Nullable Places places;
    private @Nullable Asked asked;

    /// What the weeks were worked out from last.
    private record Asked(Camp camp, LocalDate today) {}

    public Weeks(CampSession app, Navigator navigator) {
        this.app = app;
        this.navigator = navigator;
        this.loop = new StationLoop<>(
                StationName.WEEKS, app, navigator, WeeksState.FIRST, WeeksUpdate::update, this::render, this::perform);
        this.view = new WeeksView(loop::dispatch);
        this.commands = BoundCommand.all(WeeksCommands.TABLE, loop::situation, loop::dispatch);
        weeks = new BackgroundQuestion("weeks", app::warn);
        files = new BackgroundQuestion("a file of the weeks", words -> {
            app.warn(words);
            loop.dispatch(new WeeksAction.Reading(false));
        });
        plans = new BackgroundQuestion("plan of the weeks", words -> {
            app.warn(words);
            loop.dispatch(WeeksAction.Do.LEAVE);
        });
    }

    /// All commands of this station.
    public static List<? extends Command<?, ?>> table() {
        return WeeksCommands.TABLE;
    }

    @Override
    public StationName name() {
        return StationName.WEEKS;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public List<BoundCommand> commands() {
        return commands;
    }

    @Override
    public void open() {
        loop.render();
    }

    @Override
    public void close() {
        stopped = true;
        weeks.close();
        plans.close();
        files.close();
    }

    @Override
    public void entered(Seen seen) {
        // Lines are made on the bench.
    }

    /// What the weeks rest on is worked out anew where the camp or the day is another one.
    private void render(Situation<WeeksState> here) {
        Asked now = new Asked(here.camp(), here.today());
        if (!now.equals(asked)) {
            asked = now;
            Camp camp = here.camp();
            LocalDate today = here.today();
            weeks.ask(
                    _ -> {
                        PlanProblem problem = PlanProblems.of(camp, PlanSettings.of(camp), today, placesOf(camp));
                        return new WeeksState.Seen(problem, KeptPlan.of(camp, problem));
                    },
                    seen -> loop.dispatch(new WeeksAction.Arrived(seen)));
        }
        view.render(here);
        navigator.changed();
    }

    /// Which lines train the fight plan, and what that was worked out from: all of the camp but its plan.
    private record Places(Camp of, Map<String, Integer> byDrill) {}

    private Map<String, Integer> placesOf(Camp camp) {
        Camp of = camp.withoutPlan();
        Places before = places;
        if (before != null && before.of.equals(of)) {
            return before.byDrill;
        }
        Map<String, Integer> now = FightPlanPlaces.of(camp);
        places = new Places(of, now);
        return now;
    }

    private void perform(Effect.OfStation effect) {
        switch ((WeeksEffect) effect) {
            case WeeksEffect.LookFor look -> lookFor(look.rules(), look.before());
            case WeeksEffect.Stop() -> {
                stopped = true;
                files.stop();
            }
            case WeeksEffect.Forget() -> plans.stop();
            case WeeksEffect.AskRules ask -> askRules(ask.rules());
            case WeeksEffect.AskDay ask -> askDay(ask);
            case WeeksEffect.CloseForm() -> navigator.closeForm();
            case WeeksEffect.ChooseCalendar() -> chooseCalendar();
            case WeeksEffect.ChooseOther() -> chooseOther();
            case WeeksEffect.PrintWeek print -> {
                WeeksState state = loop.situation().state();
                Print.weeks(app, state.problem().orElseThrow(), state.plan(), print.day());
            }
            case WeeksEffect.WriteOut() -> writeOut();
        }
    }

    private void askRules(PlanRules rules) {
        RulesForm form = new RulesForm(rules, given -> loop.dispatch(new WeeksAction.RulesGiven(given)));
        navigator.open(form);
        form.begin();
    }

    private void askDay(WeeksEffect.AskDay ask) {
        DayForm form = new DayForm(
                DayPaper.words(ask.date()),
                ask.time(),
                List.copyOf(app.camp().partners().all()),
                given -> loop.dispatch(new WeeksAction.DayGiven(given)));
        navigator.open(form);
        form.begin();
    }

    private void lookFor(PlanRules rules, CampPlan before) {
        Camp camp = app.camp();
        LocalDate today = app.today();
        stopped = false;
        plans.ask(asked -> {
            PlanProblem problem =
                    PlanProblems.of(camp, rules, today, placesOf(camp)).after(before);
            PlanSearch search = before.rounds().isEmpty() ? PlanSearch.USUAL : PlanSearch.REMAKE;
            SolvedPlan last = CampPlanner.solve(
                    problem,
                    search,
                    better -> asked.tell(() -> loop.dispatch(new WeeksAction.Found(rules, problem, better, true))),
                    () -> stopped || asked.isOld());
            asked.tell(() -> loop.dispatch(new WeeksAction.Found(rules, problem, last, false)));
        });
    }

    private void chooseCalendar() {
        Optional<Path> file = navigator.choose(Texts.of("weeks.calendar.choose"), "*.ics");
        LocalDate today = app.today();
        LocalDate fightNight = app.camp().card().fightNight();
        file.ifPresent(from -> read(
                from,
                stopped -> new WeeksAction.CalendarRead(
                        GymCalendar.days(from, today, fightNight, ZoneId.systemDefault(), stopped))));
    }

    private void chooseOther() {
        Optional<Path> file = navigator.choose(Texts.of("weeks.other.choose"), "*.json");
        Camp camp = app.camp();
        file.ifPresent(from -> read(from, _ -> new WeeksAction.OtherRead(OtherPlan.read(from, camp))));
    }

    /// What a file holds, or why it cannot be read.
    private record FileRead(Optional<WeeksAction> action, String wrong) {}

    private interface Reading {
        WeeksAction read(BooleanSupplier stopped) throws IOException;
    }

    private void read(Path file, Reading reading) {
        app.say(Texts.of("weeks.file.reading", file));
        loop.dispatch(new WeeksAction.Reading(true));
        files.ask(asked -> tried(reading, asked), read -> taken(file, read));
    }

    private static FileRead tried(Reading reading, BooleanSupplier stopped) {
        try {
            return new FileRead(Optional.of(reading.read(stopped)), "");
        } catch (IOException e) {
            return new FileRead(Optional.empty(), IoWords.of(e));
        }
    }

    private void taken(Path file, FileRead read) {
        loop.dispatch(new WeeksAction.Reading(false));
        read.action()
                .ifPresentOrElse(loop::dispatch, () -> app.warn(Texts.of("weeks.calendar.failed", file, read.wrong())));
    }

    /// Writes the plan as calendar and JSON and its load as CSV beside the camp.
    private void writeOut() {
        WeeksState state = loop.situation().state();
        Camp camp = app.camp();
        FilesOut.beside(app, app.folder().resolve(Texts.of("weeks.out.folder")), (folder, written) -> {
            PlanOut.write(
                    camp,
                    state.problem().orElseThrow(),
                    state.plan(),
                    folder,
                    FilesOut.files(),
                    OutFiles.Taken.NUMBER,
                    written);
            return Texts.of("book.out", folder, String.join(", ", written));
        });
    }
}
