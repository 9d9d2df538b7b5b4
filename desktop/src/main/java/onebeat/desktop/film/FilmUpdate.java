package onebeat.desktop.film;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.change.FilmChanges;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.film.SeenOften;
import onebeat.core.play.Who;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Effect.Go;
import onebeat.desktop.app.Effect.Lay;
import onebeat.desktop.app.Effect.PutLine;
import onebeat.desktop.app.Effect.Save;
import onebeat.desktop.app.Effect.Say;
import onebeat.desktop.app.Effect.Warn;
import onebeat.desktop.app.Effect.Write;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.StationName;
import onebeat.desktop.film.FilmAction.Do;
import onebeat.desktop.film.FilmAction.Play;
import onebeat.desktop.film.FilmEffect.Ask;
import onebeat.desktop.film.FilmEffect.Beside;
import onebeat.desktop.film.FilmEffect.ReelForm;
import onebeat.desktop.film.FilmEffect.Seek;
import onebeat.desktop.text.Texts;

/// What each action on Film leads to.
final class FilmUpdate {

    private static final double STEP_S = 0.1;

    /// Exchanges start at this tempo when they become drills. A default.
    private static final int FIRST_BPM = 60;

    /// A new film is one round until somebody says how long its rounds are. A default (F40).
    private static final double ROUND_S = 180;

    /// Lengths that differ by less are the same, in seconds.
    private static final double SAME_LENGTH_S = 0.5;

    private final Situation<FilmState> here;
    private final FilmState state;
    private final Camp camp;

    private FilmUpdate(Situation<FilmState> here) {
        this.here = here;
        this.state = here.state();
        this.camp = here.camp();
    }

    static Next<FilmState> update(Situation<FilmState> here, FilmAction action) {
        return new FilmUpdate(here).next(action);
    }

    private Next<FilmState> next(FilmAction action) {
        return switch (action) {
            case FilmAction.PutOn on -> Next.of(state.on(on.reel()));
            case FilmAction.At at -> Next.of(state.at(at.seconds(), camp));
            case FilmAction.Enter enter -> enter(enter.canonical());
            case FilmAction.Typing _ -> Next.of(state.awaiting(Optional.empty()));
            case FilmAction.Leave _ ->
                Next.of(state.awaiting(Optional.empty()).amending(Optional.empty()), FilmEffect.Ask.PAUSE);
            case FilmAction.Judge judge -> judge(judge.outcome());
            case FilmAction.RoundsHeard heard ->
                state.reel(camp).map(reel -> roundsHeard(reel, heard.starts())).orElseGet(() -> Next.of(state));
            case FilmAction.SeenAgain seen -> seenAgain(seen.number());
            case FilmAction.TakeLine take -> Next.of(state, new FilmEffect.TakeLine(take.functionKey()));
            case FilmAction.ToBench to -> bench(to);
            case FilmAction.Opened opened -> opened(opened);
            case FilmAction.Length length -> length(length);
            case FilmAction.ReelChanged changed ->
                Next.of(state, Save.of(FilmChanges.changed(camp, changed.before(), changed.after()), Ask.CLOSE_FORM));
            case Play one -> Next.of(state.awaiting(Optional.empty()), new FilmEffect.Player(one));
            case Do one -> judged().done(one);
        };
    }

    /// Whatever is done next, an outcome is no longer waited for.
    private FilmUpdate judged() {
        return new FilmUpdate(here.with(state.awaiting(Optional.empty())));
    }

    private Next<FilmState> done(Do one) {
        return switch (one) {
            case EXCHANGE_BEFORE -> toExchange(-1);
            case EXCHANGE_AFTER -> toExchange(1);
            case ROW_UP -> Next.of(state, Beside.ROW_UP);
            case ROW_DOWN -> Next.of(state, Beside.ROW_DOWN);
            case REEL_BEFORE -> nextReel(-1);
            case REEL_AFTER -> nextReel(1);
            case HABITS_OVER -> Next.of(state, Beside.HABITS_OVER);
            case IDEAS -> Next.of(state, Beside.IDEAS);
            case PLAN -> Next.of(state, Beside.PLAN);
            case PLAY_BEHIND -> Next.of(state, Beside.PLAY_BEHIND);
            case OPEN_FILE -> Next.of(state, Ask.OPEN_FILE);
            case PRINT -> Next.of(state, Beside.PRINT_PLAN);
            case WRITE -> Next.of(state, Ask.WRITE_OUT);
            case CUT -> Next.of(state, Ask.CUT);
            case COLLECT -> withExchange(this::collect);
            case COLLECT_NONE -> Next.of(state.collecting(List.of()), new Say(Texts.of("film.collected", 0)));
            case STILL -> Next.of(state, Ask.STILL);
            case FIND_FILMS -> Next.of(state, Ask.FIND_FILMS);
            case TAKE_ALONG -> Next.of(state, Ask.TAKE_ALONG);
            case TAKE_LOG -> Next.of(state, Beside.TAKE_LOG);
            case LEAVE_LOG -> Next.of(state, Beside.LEAVE_LOG);
            case REEL ->
                state.reel(camp).map(r -> Next.of(state, new ReelForm(r))).orElseGet(() -> Next.of(state));
            case TO_BENCH -> withExchange(e -> Next.of(state, new FilmEffect.Bench(e)));
            case AGAIN -> withExchange(e -> log(e.line()));
            case AMEND -> withExchange(e -> amend(e, e.line()));
            case PARTNER_STANCE -> change(e -> FilmChanges.withOtherStance(e, Who.PARTNER));
            case ATHLETE_STANCE -> change(e -> FilmChanges.withOtherStance(e, Who.ATHLETE));
            case RANGE -> change(FilmChanges::withNextRange);
            case EARLIER -> move(-STEP_S);
            case LATER -> move(STEP_S);
            case BEGINS_HERE -> withExchange(e -> move(state.timeS() - e.timeS()));
            case LANDS_HERE -> change(e -> FilmChanges.landing(state.reel(camp).orElseThrow(), e, state.timeS()));
            case ROUND_HERE -> state.reel(camp).map(this::roundHere).orElseGet(() -> Next.of(state));
            case ROUNDS_FROM_BELLS -> Next.of(state, Ask.ROUNDS_FROM_BELLS);
            case GOES_ON -> withExchange(e -> amend(e, SeenOften.goingOn(e.line())));
            case REMOVE ->
                withExchange(e -> Next.of(
                        state.choosing(Optional.empty()),
                        Save.of(
                                Edit.remove(Place.EXCHANGES, e),
                                new Say(Texts.of("film.removed")),
                                new Seek(e.timeS()))));
        };
    }

    private Next<FilmState> amend(Exchange exchange, String line) {
        return Next.of(state.amending(Optional.of(exchange.id())), Ask.PROMPT, new Write(line));
    }

    /// A round begins at the picture shown, or no longer does.
    private Next<FilmState> roundHere(Reel reel) {
        Reel after = reel.withRoundAt(state.timeS());
        boolean begun = after.roundStarts().size() > reel.roundStarts().size();
        return Next.of(
                state,
                Save.of(
                        FilmChanges.changed(camp, reel, after),
                        new Say(Texts.of(
                                begun ? "film.round.begun" : "film.round.gone",
                                after.roundAt(state.timeS()),
                                Texts.filmTime(state.timeS())))));
    }

    private Next<FilmState> roundsHeard(Reel reel, List<Double> starts) {
        return starts.isEmpty()
                ? Next.of(state, new Say(Texts.of("film.bells.none")))
                : Next.of(
                        state,
                        Save.of(
                                FilmChanges.changed(camp, reel, reel.withRounds(reel.roundSeconds(), starts)),
                                new Say(Texts.of("film.bells.taken", starts.size()))));
    }

    private Next<FilmState> collect(Exchange exchange) {
        FilmState then = state.collecting(exchange.id());
        return Next.of(then, new Say(Texts.of("film.collected", then.collected().size())));
    }

    private Next<FilmState> seenAgain(int number) {
        List<String> offered = state.offered(camp);
        return number <= offered.size() && state.reel(camp).isPresent() ? log(offered.get(number - 1)) : Next.of(state);
    }

    private Next<FilmState> withExchange(Function<Exchange, Next<FilmState>> does) {
        return state.exchange(camp).map(does).orElseGet(() -> Next.of(state));
    }

    private Next<FilmState> toExchange(int by) {
        List<Exchange> all = state.exchanges(camp);
        if (all.isEmpty()) {
            return Next.of(state);
        }
        int at = state.chosen()
                .map(id -> all.stream().map(Exchange::id).toList().indexOf(id))
                .orElse(0);
        Exchange next = all.get(Math.clamp((long) at + by, 0, all.size() - 1));
        return Next.of(state.choosing(Optional.of(next.id())), new Seek(next.timeS()));
    }

    private Next<FilmState> nextReel(int step) {
        List<String> ids = camp.reels().all().stream().map(Reel::id).toList();
        if (ids.isEmpty()) {
            return Next.of(state);
        }
        int now = state.reel().map(ids::indexOf).orElse(0);
        return Next.of(state, new Effect.PutOn(Optional.of(ids.get(Math.floorMod(now + step, ids.size())))));
    }

    private Next<FilmState> enter(String line) {
        if (state.reel(camp).isEmpty()) {
            return Next.of(state, new Warn(Texts.of("film.empty")));
        }
        Optional<Exchange> amended = state.amended(camp);
        if (amended.isEmpty()) {
            return log(line);
        }
        Exchange before = amended.get();
        Effect said = new Say(Texts.of("film.amended", Texts.filmTime(before.timeS())));
        return Next.of(
                state.amending(Optional.empty()),
                saved(before, FilmChanges.corrected(before, line), said, new PutLine(""), Ask.PROMPT));
    }

    private static Save saved(Exchange before, Exchange after, Effect... then) {
        Edit edit = before.equals(after) ? new Edit.Together(List.of()) : FilmChanges.changed(before, after);
        return Save.of(edit, then);
    }

    private Next<FilmState> log(String line) {
        Exchange exchange = FilmChanges.logged(camp, state.reel(camp).orElseThrow(), state.timeS(), line);
        return Next.of(
                state.choosing(Optional.of(exchange.id()))
                        .awaiting(Optional.of(exchange.id()))
                        .amending(Optional.empty()),
                Save.of(
                        Edit.add(Place.EXCHANGES, exchange),
                        new Say(Texts.of("film.logged", Texts.filmTime(exchange.timeS()))),
                        new PutLine("")));
    }

    private Next<FilmState> judge(Outcome outcome) {
        FilmState then = state.awaiting(Optional.empty());
        return state.awaits()
                .flatMap(camp.exchanges()::get)
                .map(e -> Next.of(
                        then,
                        saved(
                                e,
                                e.withOutcome(outcome),
                                new Say(Texts.of("film.outcome", Texts.of("outcome." + outcome.word()))))))
                .orElseGet(() -> Next.of(then));
    }

    private Next<FilmState> change(Function<Exchange, Exchange> changed) {
        return withExchange(e -> Next.of(state, saved(e, changed.apply(e))));
    }

    private Next<FilmState> move(double seconds) {
        return withExchange(e -> {
            Exchange after = FilmChanges.moved(state.reel(camp).orElseThrow(), e, seconds);
            return Next.of(state, saved(e, after, new Seek(after.timeS())));
        });
    }

    private Next<FilmState> bench(FilmAction.ToBench to) {
        Drill drill = new Drill(
                camp.drills().nextId("d"), to.name(), to.line(), FIRST_BPM, here.today(), to.source(), to.odds());
        return Next.of(
                state,
                Save.of(
                        Edit.add(Place.DRILLS, drill),
                        new Lay(Optional.of(drill.id())),
                        new Go(StationName.BENCH),
                        new PutLine(drill.line()),
                        new Say(Texts.of("film.benched", drill.name()))));
    }

    private Next<FilmState> opened(FilmAction.Opened opened) {
        Optional<Reel> before = opened.moved() ? state.reel(camp) : Optional.empty();
        Reel reel = before.map(r -> r.withFile(opened.path(), r.seconds()))
                .orElseGet(
                        () -> new Reel(camp.reels().nextId("r"), opened.name(), ROUND_S, ROUND_S, "", opened.path()));
        return Next.of(
                state,
                Save.of(
                        new Edit.Change<>(Place.REELS, before, Optional.of(reel)),
                        new Effect.PutOn(Optional.of(reel.id())),
                        new Say(Texts.of(before.isPresent() ? "film.found" : "film.opened", opened.name()))));
    }

    /// The length that a film turned out to have is kept with its reel.
    private Next<FilmState> length(FilmAction.Length length) {
        return camp.reels()
                .get(length.reel())
                .filter(r -> Math.abs(r.seconds() - length.seconds()) > SAME_LENGTH_S)
                .map(r -> Next.of(state, Save.of(Edit.change(Place.REELS, r, r.withFile(r.file(), length.seconds())))))
                .orElseGet(() -> Next.of(state));
    }
}
