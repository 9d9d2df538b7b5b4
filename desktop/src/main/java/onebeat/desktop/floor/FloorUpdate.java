package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import onebeat.core.book.Fault;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.change.RepetitionChanges;
import onebeat.core.change.TonightChanges;
import onebeat.core.hearing.HeardRound;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.rounds.ScheduleJumps;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Effect.Go;
import onebeat.desktop.app.Effect.Save;
import onebeat.desktop.app.Effect.Say;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.StationName;
import onebeat.desktop.command.CommandWords;
import onebeat.desktop.floor.FloorAction.Begin;
import onebeat.desktop.floor.FloorAction.Do;
import onebeat.desktop.floor.FloorAction.NameFault;
import onebeat.desktop.floor.FloorAction.Teach;
import onebeat.desktop.floor.FloorAction.Tell;
import onebeat.desktop.floor.FloorAction.Tick;
import onebeat.desktop.floor.FloorEffect.Ask;
import onebeat.desktop.floor.FloorEffect.Jump;
import onebeat.desktop.floor.FloorEffect.Learn;
import onebeat.desktop.floor.FloorEffect.Note;
import onebeat.desktop.text.Texts;

/// What each action on the floor leads to.
final class FloorUpdate {

    /// So much longer each press makes a rest.
    private static final long LONGER_MS = 15_000;

    /// How far a session is gets written down so often: what a machine that dies in a round may lose of the clock.
    private static final long NOTE_EVERY_MS = 2_000;

    /// Where a session that was broken off goes on: so much before it stopped.
    private static final long BACK_MS = 3_000;

    private final Situation<FloorState> here;
    private final FloorState state;
    private final Camp camp;

    private FloorUpdate(Situation<FloorState> here) {
        this.here = here;
        this.state = here.state();
        this.camp = here.camp();
    }

    static Next<FloorState> update(Situation<FloorState> here, FloorAction action) {
        return new FloorUpdate(here).next(action);
    }

    private Next<FloorState> next(FloorAction action) {
        return switch (action) {
            case Begin begin -> begin(begin);
            case Tick tick -> tick(tick);
            case FloorAction.Listens listens ->
                Next.of(state.listening(state.listening().in(listens.mode())));
            case FloorAction.Level level ->
                Next.of(state.listening(state.listening().at(level.level())));
            case FloorAction.Heard heard -> heard(heard);
            case Tell tell -> Next.of(state.told(tell.words()));
            case Teach teach -> teach(teach.at());
            case NameFault fault -> nameFault(fault.number());
            case FloorAction.Effort effort -> effort(effort.said());
            case Do one -> done(one);
        };
    }

    private Next<FloorState> done(Do one) {
        return switch (one) {
            case BELL -> Next.of(state.told(""), Ask.START_OR_PAUSE);
            case CLEAN -> judge(Judgement.CLEAN);
            case LATE -> judge(Judgement.LATE);
            case WRONG -> judge(Judgement.WRONG);
            case STOPPED -> judge(Judgement.STOPPED);
            case SKIP -> jump(ScheduleJumps::next);
            case AGAIN -> jump(ScheduleJumps::again);
            case LONGER -> jump((schedule, now) -> ScheduleJumps.longerRest(schedule, now, LONGER_MS));
            case FEEDER -> nextSeenBy();
            case SAID_TO -> Next.of(state, Ask.NEXT_HEARERS);
            case CALLS -> Next.of(state, Ask.NEXT_CALLS);
            case RECORDING -> Next.of(state, Ask.TAKE_RECORDING);
            case LISTEN -> Next.of(state, Ask.LISTEN);
            case TAKE_HEARD -> takeHeard();
            case TEACH -> teach(0);
            case BOOK -> Next.of(state, new Go(StationName.BOOK));
            case ROUNDS -> Next.of(state, new Go(StationName.ROUNDS));
        };
    }

    /// A session that was broken off in a round, by a machine that died, waits where it stopped.
    private Next<FloorState> begin(Begin begin) {
        FloorState now = state.running(begin.schedule());
        String[] at = begin.broken().split(" ", -1);
        if (at.length != 3 || !at[0].equals(here.today().toString()) || !at[2].matches("\\d{1,9}")) {
            return Next.of(now);
        }
        return begin.schedule().stream()
                .flatMap(s -> s.rounds().stream())
                .filter(stretch -> stretch.part().plan().id().equals(at[1]))
                .findFirst()
                .map(stretch -> Next.of(
                        now.told(Texts.of("floor.resumed")),
                        new Jump(Math.max(stretch.startMs(), stretch.startMs() + Long.parseLong(at[2]) - BACK_MS))))
                .orElseGet(() -> Next.of(now));
    }

    private Next<FloorState> tick(Tick tick) {
        FloorState now = afterRound(state.at(tick.clock()), tick.due());
        List<Effect> effects = new ArrayList<>();
        List<Edit> ran = ran(tick.due());
        if (!ran.isEmpty()) {
            effects.add(Save.of(new Edit.Together(ran)));
        }
        boolean notes = tick.clock().state() == Run.State.RUNNING
                && Math.abs(tick.clock().atMs() - state.notedMs()) >= NOTE_EVERY_MS;
        if (notes) {
            now = now.noted(tick.clock().atMs());
            effects.add(new Note(howFar(tick.clock().atMs())));
        }
        return new Next<>(now, effects);
    }

    /// The rounds that ended since: after a machine slept there may be several, each written into the book of the one
    /// before.
    private List<Edit> ran(List<Event> due) {
        List<Edit> edits = new ArrayList<>();
        Camp then = camp;
        for (Event event : due) {
            if (event.kind() == Kind.END && state.schedule().isPresent()) {
                Edit edit = RepetitionChanges.ran(then, state.schedule().get(), event.round(), here.today());
                edits.add(edit);
                then = edit.applyTo(then);
            }
        }
        return edits;
    }

    private String howFar(long now) {
        return state.schedule()
                .flatMap(s -> s.roundAt(now).map(s.rounds()::get))
                .map(s -> here.today() + " " + s.part().plan().id() + " " + (now - s.startMs()))
                .orElse("");
    }

    private interface Place {
        long of(Schedule schedule, long nowMs);
    }

    /// Goes to another place of the session; a round that is left unfinished is not in the book as run. From its end
    /// one can still go back: the last round may have been left by mistake.
    private Next<FloorState> jump(Place to) {
        long now = state.clock().atMs();
        if (state.schedule().isEmpty()) {
            return Next.of(state);
        }
        long place = to.of(state.schedule().get(), now);
        return place == now ? Next.of(state) : Next.of(state.told(""), new Jump(place));
    }

    /// Judges. In a round that is the repetition that was called last, and judging it again changes the judgement; in
    /// the rest after it each press judges the next one that was not judged yet.
    private Next<FloorState> judge(Judgement judgement) {
        boolean inRound =
                state.schedule().flatMap(s -> s.roundAt(state.clock().atMs())).isPresent();
        Optional<Event> call = inRound ? state.clock().lastCall() : firstUnjudged();
        if (call.isEmpty()) {
            return Next.of(state);
        }
        Stretch stretch = state.schedule().orElseThrow().rounds().get(call.get().round());
        RoundPlan plan = stretch.part().plan();
        Repetition after =
                RepetitionChanges.judged(camp, plan, call.get(), state.judgedAs(call.get()), judgement, here.today());
        boolean asks = judgement != Judgement.CLEAN && after.fault().isEmpty();
        return Next.of(
                state.judged(call.get(), after.id()).told(asks ? faults() : ""),
                Save.of(RepetitionChanges.kept(camp, after)));
    }

    private Optional<Event> firstUnjudged() {
        return state.clock()
                .lastCall()
                .flatMap(last -> state.schedule().stream()
                        .flatMap(s -> s.events().stream())
                        .filter(e -> e.opensRepetition()
                                && e.round() == last.round()
                                && state.judgedAs(e).isEmpty())
                        .findFirst());
    }

    /// After a round it is said what was heard of it.
    private FloorState afterRound(FloorState now, List<Event> due) {
        return due.stream()
                .filter(event -> event.kind() == Kind.END)
                .reduce((_, later) -> later)
                .map(end -> Stream.of(HeardWords.round(now, end.round()), question(now))
                        .filter(words -> !words.isEmpty())
                        .collect(Collectors.joining("   ")))
                .filter(words -> !words.isEmpty())
                .map(now::told)
                .orElseGet(() -> endedEarly(now));
    }

    /// Who goes to the end is asked as well.
    private FloorState endedEarly(FloorState now) {
        boolean ends = now.clock().state() == Run.State.DONE && state.clock().state() != Run.State.DONE;
        return ends && !question(now).isEmpty() ? now.told(question(now)) : now;
    }

    /// After the last round it is asked how hard the evening was.
    private String question(FloorState now) {
        return FloorCommands.asksEffort(here.with(now)) ? Texts.of("floor.effort.ask") : "";
    }

    /// What is heard of a round that is over already is said anew.
    private Next<FloorState> heard(FloorAction.Heard heard) {
        FloorState then = state.listening(state.listening().with(heard.round(), heard.so()));
        Schedule schedule = state.schedule().orElseThrow();
        boolean over =
                state.clock().atMs() >= schedule.rounds().get(heard.round()).endMs();
        return Next.of(over ? then.told(HeardWords.round(then, heard.round())) : then);
    }

    /// What was heard of the round that runs or ran last is judged so, as far as nobody pressed.
    private Next<FloorState> takeHeard() {
        Optional<Integer> round = state.clock().lastCall().map(Event::round);
        Optional<HeardRound> heard =
                round.flatMap(r -> Optional.ofNullable(state.listening().heard().get(r)));
        if (heard.isEmpty()) {
            return Next.of(state.told(Texts.of("floor.heard.nothing")));
        }
        HeardJudgements taken = HeardJudgements.of(camp, state, round.orElseThrow(), heard.get(), here.today());
        return taken.edits().isEmpty()
                ? Next.of(state.told(Texts.of("floor.heard.nothing")))
                : Next.of(
                        taken.state().told(HeardWords.taken(taken, heard.get())),
                        Save.of(new Edit.Together(taken.edits())));
    }

    /// How hard the evening was is written down with it.
    private Next<FloorState> effort(int said) {
        return camp.sessionOn(here.today())
                .map(session -> Next.of(
                        state.told(Texts.of("floor.effort.said", said)), Save.of(TonightChanges.effort(session, said))))
                .orElseGet(() -> Next.of(state));
    }

    static String faults() {
        List<String> all = new ArrayList<>();
        for (Fault fault : Fault.all()) {
            all.add((all.size() + 1) + " " + fault.words());
        }
        return String.join("   ", all);
    }

    private Next<FloorState> nameFault(int number) {
        Optional<Repetition> before = state.last().flatMap(camp.repetitions()::get);
        if (before.isEmpty() || number < 1 || number > Fault.all().size()) {
            return Next.of(state);
        }
        Fault fault = Fault.all().get(number - 1);
        Repetition after = before.get().judged(before.get().judgement(), fault.id());
        FloorState told = state.told(Texts.of("floor.fault", fault.words()));
        return after.equals(before.get()) ? Next.of(told) : Next.of(told, Save.of(RepetitionChanges.kept(camp, after)));
    }

    private Next<FloorState> nextSeenBy() {
        FloorState.SeenBy by = state.seenBy().next();
        Effect said = new Say(Texts.of("floor.seen." + by));
        return by == FloorState.SeenBy.WINDOW
                ? Next.of(state.seenBy(by), said)
                : Next.of(state.seenBy(by), Ask.CLOSE_FEEDERS_WINDOW, said);
    }

    /// A clicker or pedal is pressed once for each thing that it is to do.
    private Next<FloorState> teach(int at) {
        return at < FloorCommands.TAUGHT.size()
                ? Next.of(
                        state.told(Texts.of("floor.teach", CommandWords.of(FloorCommands.TAUGHT.get(at)))),
                        new Learn(at))
                : Next.of(state.told(Texts.of("floor.taught")));
    }
}
