package onebeat.desktop.weeks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.change.BookChanges;
import onebeat.core.change.TonightChanges;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.HeldElsewhere;
import onebeat.core.plan.KeptPlan;
import onebeat.core.plan.Pin;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlanSettings;
import onebeat.core.plan.SolvedPlan;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Effect.Go;
import onebeat.desktop.app.Effect.Save;
import onebeat.desktop.app.Effect.Say;
import onebeat.desktop.app.Effect.Warn;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.StationName;
import onebeat.desktop.text.Texts;
import onebeat.desktop.weeks.WeeksAction.Do;
import onebeat.desktop.weeks.WeeksState.Offer;
import onebeat.formats.plan.OtherPlan;

/// What each action in the camp's weeks leads to.
final class WeeksUpdate {

    private static final int STEP_MINUTES = 10;
    private static final int MOST_MINUTES = 300;
    private static final int DAYS_OF_WEEK = 7;

    private final Situation<WeeksState> here;
    private final WeeksState state;
    private final Camp camp;

    private WeeksUpdate(Situation<WeeksState> here) {
        this.here = here;
        this.state = here.state();
        this.camp = here.camp();
    }

    static Next<WeeksState> update(Situation<WeeksState> here, WeeksAction action) {
        return new WeeksUpdate(here).next(action);
    }

    private Next<WeeksState> next(WeeksAction action) {
        return switch (action) {
            case WeeksAction.Choose choose -> Next.of(state.at(choose.day(), choose.line()));
            case WeeksAction.Move move -> moved(move);
            case WeeksAction.Arrived arrived -> arrived(arrived.seen());
            case WeeksAction.Found found -> found(found);
            case WeeksAction.Reading reading -> Next.of(state.reading(reading.now()));
            case WeeksAction.CalendarRead read -> calendar(read.days());
            case WeeksAction.OtherRead read -> other(read.plan());
            case WeeksAction.RulesGiven given -> closed(look(given.rules(), kept()));
            case WeeksAction.DayGiven given -> closed(withDay((date, rules) -> rules.withDay(date, given.time())));
            case Do one -> state.seen().isEmpty() ? Next.of(state) : done(one);
        };
    }

    /// What was chosen stays chosen as far as it is there.
    private Next<WeeksState> arrived(WeeksState.Seen seen) {
        int days = seen.problem().days().size();
        int lines = seen.problem().lines().size();
        return Next.of(state.with(seen)
                .at(
                        Math.clamp(state.day(), 0, Math.max(0, days - 1)),
                        Math.clamp(state.line(), 0, Math.max(0, lines - 1))));
    }

    private Next<WeeksState> found(WeeksAction.Found found) {
        boolean wanted =
                state.offer().filter(one -> one.rules().equals(found.rules())).isPresent();
        return wanted
                ? Next.of(
                        state.with(state.offer().orElseThrow().with(found.problem(), found.solved(), found.looking())))
                : Next.of(state);
    }

    private Next<WeeksState> done(Do one) {
        return switch (one) {
            case DAY_BACK -> day(-1);
            case DAY_ON -> day(1);
            case WEEK_BACK -> day(-DAYS_OF_WEEK);
            case WEEK_ON -> day(DAYS_OF_WEEK);
            case LINE_UP -> line(-1);
            case LINE_DOWN -> line(1);
            case LOOK -> look(rules(), kept());
            case ANEW -> look(rules(), CampPlan.EMPTY);
            case STOP -> Next.of(state.reading(false), new WeeksEffect.Stop(), new Say(Texts.of("weeks.stopped")));
            case TAKE -> take();
            case LEAVE -> Next.of(state.withoutOffer(), new WeeksEffect.Forget());
            case LONGER -> minutes(now -> Math.min(MOST_MINUTES, now + STEP_MINUTES));
            case SHORTER -> minutes(now -> Math.max(0, now - STEP_MINUTES));
            case NO_TIME -> minutes(_ -> 0);
            case NO_WEEKDAY -> noWeekday();
            case PIN -> said(true);
            case FORBID -> said(false);
            case MOVE_ON -> moveOn();
            case MUST_BE_READY -> mustBeReady();
            case INTO_TONIGHT -> intoTonight();
            case RULES -> Next.of(state, new WeeksEffect.AskRules(rules()));
            case DAY -> askDay();
            case GYM_CALENDAR -> Next.of(state, new WeeksEffect.ChooseCalendar());
            case OTHER_CAMP -> Next.of(state, new WeeksEffect.ChooseOther());
            case PRINT -> print();
            case WRITE -> Next.of(state, new WeeksEffect.WriteOut());
        };
    }

    private PlanProblem problem() {
        return state.problem().orElseThrow();
    }

    private PlanRules rules() {
        return state.offer().map(Offer::rules).orElseGet(() -> PlanSettings.of(camp));
    }

    private CampPlan kept() {
        return state.seen().orElseThrow().kept();
    }

    private Next<WeeksState> day(int by) {
        int last = problem().days().size() - 1;
        return Next.of(state.at(Math.clamp((long) state.day() + by, 0, Math.max(0, last)), state.line()));
    }

    private Next<WeeksState> line(int by) {
        int lines = problem().lines().size();
        return Next.of(state.at(state.day(), lines == 0 ? 0 : Math.floorMod(state.line() + by, lines)));
    }

    /// Whatever the coach asks for is another plan first, that is taken or left.
    private Next<WeeksState> look(PlanRules rules, CampPlan before) {
        return problem().partners().isEmpty() || problem().lines().isEmpty()
                ? Next.of(state, new Warn(Texts.of("weeks.lacks")))
                : Next.of(state.with(Offer.of(rules)), new WeeksEffect.LookFor(rules, before));
    }

    private Next<WeeksState> withDay(BiFunction<LocalDate, PlanRules, PlanRules> change) {
        return problem().days().isEmpty()
                ? Next.of(state)
                : look(change.apply(problem().days().get(state.day()).date(), rules()), kept());
    }

    private Next<WeeksState> minutes(UnaryOperator<Integer> change) {
        return withDay((date, rules) -> TimeOfDays.changed(rules, date, change));
    }

    private static Next<WeeksState> closed(Next<WeeksState> next) {
        List<Effect> effects = new ArrayList<>(next.effects());
        effects.addFirst(new WeeksEffect.CloseForm());
        return new Next<>(next.state(), effects);
    }

    private Next<WeeksState> print() {
        return state.plan().rounds().isEmpty()
                ? Next.of(state, new Warn(Texts.of("weeks.print.nothing")))
                : Next.of(
                        state,
                        new WeeksEffect.PrintWeek(
                                problem().days().get(state.day()).date()));
    }

    private Next<WeeksState> askDay() {
        if (problem().days().isEmpty()) {
            return Next.of(state);
        }
        LocalDate date = problem().days().get(state.day()).date();
        return Next.of(state, new WeeksEffect.AskDay(date, rules().on(date)));
    }

    /// What if this day of the week had no time from here on: once more gives it back.
    private Next<WeeksState> noWeekday() {
        return withDay((date, rules) -> TimeOfDays.withOrWithout(rules, date.getDayOfWeek()));
    }

    private Next<WeeksState> withLine(BiFunction<LocalDate, String, PlanRules> change) {
        return problem().lines().isEmpty()
                ? Next.of(state)
                : withDay((date, _) ->
                        change.apply(date, problem().lines().get(state.line()).drill()));
    }

    /// That the chosen line comes on the chosen day, or does not; said once more it is taken back.
    private Next<WeeksState> said(boolean wanted) {
        return withLine((date, drill) -> {
            boolean was = rules().pin(date, drill)
                    .filter(pin -> pin.wanted() == wanted)
                    .isPresent();
            return was ? rules().withoutPin(date, drill) : rules().with(new Pin(date, drill, wanted));
        });
    }

    /// The chosen line comes on the next day with time instead.
    private Next<WeeksState> moveOn() {
        int to = state.day() + 1;
        while (to < problem().days().size() && problem().room(to) == 0) {
            to++;
        }
        if (to >= problem().days().size()) {
            return Next.of(state, new Warn(Texts.of("weeks.nolater")));
        }
        return moved(new WeeksAction.Move(state.day(), to, state.line()));
    }

    /// A line comes on another day than planned. The chosen day goes along.
    private Next<WeeksState> moved(WeeksAction.Move move) {
        if (problem().room(move.to()) == 0) {
            return Next.of(state, new Warn(Texts.of("weeks.noroom")));
        }
        LocalDate from = problem().days().get(move.from()).date();
        LocalDate to = problem().days().get(move.to()).date();
        String drill = problem().lines().get(move.line()).drill();
        Next<WeeksState> next = look(rules().with(new Pin(from, drill, false)).with(new Pin(to, drill, true)), kept());
        return new Next<>(next.state().at(move.to(), move.line()), next.effects());
    }

    private Next<WeeksState> mustBeReady() {
        return withLine((_, drill) -> {
            List<String> ready = new ArrayList<>(rules().mustBeReady());
            if (!ready.remove(drill)) {
                ready.add(drill);
            }
            return rules().withMustBeReady(Set.copyOf(ready));
        });
    }

    private Next<WeeksState> calendar(Map<LocalDate, PlanRules.Time> days) {
        return days.isEmpty()
                ? Next.of(state, new Warn(Texts.of("weeks.calendar.nothing")))
                : look(rules().onlyOn(problem().dates(), days), kept());
    }

    /// What partners hold for another athlete is known from here on.
    private Next<WeeksState> other(OtherPlan plan) {
        String unknown =
                plan.unknown().isEmpty() ? "" : Texts.of("weeks.other.unknown", String.join(", ", plan.unknown()));
        return Next.of(
                state,
                Save.of(
                        HeldElsewhere.known(camp, plan.camp(), plan.held()),
                        new Say(Texts.of("weeks.other", plan.camp(), plan.held().size()) + unknown)));
    }

    /// The offered plan and its rules become the camp's, as one change.
    private Next<WeeksState> take() {
        Optional<SolvedPlan> solved = state.offer().flatMap(Offer::solved);
        if (!state.canTake() || solved.isEmpty()) {
            return Next.of(state);
        }
        List<Edit> edits = new ArrayList<>();
        PlanSettings.kept(camp, rules()).ifPresent(edits::add);
        edits.add(KeptPlan.taken(camp, problem(), solved.get().plan()));
        WeeksState then =
                state.with(new WeeksState.Seen(problem(), solved.get().plan())).withoutOffer();
        return Next.of(
                then,
                Save.of(
                        new Edit.Together(edits),
                        new Say(Texts.of(
                                "weeks.taken", solved.get().plan().rounds().size()))));
    }

    private Next<WeeksState> intoTonight() {
        List<Filling.Choice> choices = state.plan().on(state.day()).stream()
                .flatMap(round ->
                        camp.drills().get(problem().lines().get(round.line()).drill()).stream())
                .map(drill -> BookChanges.choice(camp, drill))
                .toList();
        if (choices.isEmpty()) {
            return Next.of(state, new Warn(Texts.of("weeks.day.nothing")));
        }
        Session tonight = TonightChanges.sessionOrNew(camp, here.today(), Texts.of("rounds.new.session"));
        return TonightChanges.added(camp, tonight, choices)
                .map(edit -> Next.of(
                        state,
                        Save.of(edit, new Say(Texts.of("rounds.filled", choices.size())), new Go(StationName.ROUNDS))))
                .orElseGet(() -> Next.of(state, new Warn(Texts.of("rounds.most", Session.MOST_LAID_OUT))));
    }
}
