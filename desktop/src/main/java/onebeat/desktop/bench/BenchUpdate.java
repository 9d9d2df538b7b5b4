package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.change.DrillChanges;
import onebeat.core.change.TonightChanges;
import onebeat.core.film.FilmOdds;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Script;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Notation.OwnReading;
import onebeat.core.notation.OwnLine;
import onebeat.core.notation.Read;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;
import onebeat.core.review.StrikeChange;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Effect.Go;
import onebeat.desktop.app.Effect.Lay;
import onebeat.desktop.app.Effect.PutLine;
import onebeat.desktop.app.Effect.Save;
import onebeat.desktop.app.Effect.Say;
import onebeat.desktop.app.Effect.Warn;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.StationName;
import onebeat.desktop.bench.BenchAction.Change;
import onebeat.desktop.bench.BenchAction.ChooseDrill;
import onebeat.desktop.bench.BenchAction.Do;
import onebeat.desktop.bench.BenchAction.Enter;
import onebeat.desktop.bench.BenchAction.Laid;
import onebeat.desktop.bench.BenchAction.Look;
import onebeat.desktop.bench.BenchAction.LookAt;
import onebeat.desktop.bench.BenchAction.Looked;
import onebeat.desktop.bench.BenchAction.TakeLine;
import onebeat.desktop.bench.BenchAction.ToRounds;
import onebeat.desktop.bench.BenchAction.Weigh;
import onebeat.desktop.bench.BenchEffect.LookAgain;
import onebeat.desktop.bench.BenchEffect.PrintCards;
import onebeat.desktop.bench.BenchEffect.SidePage;
import onebeat.desktop.bench.BenchEffect.SwitchFilm;
import onebeat.desktop.bench.BenchEffect.Take;
import onebeat.desktop.bench.BenchEffect.Turn;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.rope.RopeMark;
import onebeat.desktop.text.Texts;

/// What each action on the bench leads to.
final class BenchUpdate {

    private static final int TEMPO_STEP = 2;
    private static final double QUARTER = 0.25;

    private final Situation<BenchState> here;
    private final BenchState state;
    private final Camp camp;

    private BenchUpdate(Situation<BenchState> here) {
        this.here = here;
        this.state = here.state();
        this.camp = here.camp();
    }

    static Next<BenchState> update(Situation<BenchState> here, BenchAction action) {
        return new BenchUpdate(here).next(action);
    }

    private Next<BenchState> next(BenchAction action) {
        return switch (action) {
            case Looked looked -> Next.of(looked(looked.seen()));
            case Laid laid -> Next.of(withTempo(state.laid(laid.drill())));
            case ChooseDrill choose -> choose(choose.id());
            case Enter enter -> enter(enter.seen());
            case ToRounds to -> toRounds(to.seen());
            case TakeLine take -> Next.of(state, new Take(take.functionKey()));
            case Weigh weigh -> odds(line -> DrillChanges.weighed(line.line(), state.odds(camp), weigh.number()));
            case Look look -> Next.of(state.looking(look.there()));
            case LookAt look -> lookAt(look.finding());
            case Change change -> change(change.change());
            case BenchAction.Ask _ -> toRounds(state.seen());
            case Do one -> done(one);
        };
    }

    private Next<BenchState> done(Do one) {
        return switch (one) {
            case BACK -> along(-QUARTER);
            case ON -> along(QUARTER);
            case LINE_UP -> chooseNext(-1);
            case LINE_DOWN -> chooseNext(1);
            case WAY_BEFORE -> Next.of(state.onWay(Math.floorMod(state.shownWay() - 1, state.ways())));
            case WAY_AFTER -> Next.of(state.onWay(Math.floorMod(state.shownWay() + 1, state.ways())));
            case FASTER -> tempo(TEMPO_STEP);
            case SLOWER -> tempo(-TEMPO_STEP);
            case NEW -> Next.of(state, new Lay(Optional.empty()), new PutLine(""), new Say(Texts.of("bench.new")));
            case VARIANTS -> Next.of(state, new Turn(SidePage.VARIANTS));
            case HOLDER -> Next.of(state, new Turn(SidePage.HOLDER));
            case COMPARE -> Next.of(state, new Turn(SidePage.COMPARE));
            case ANSWERS -> Next.of(state, new Turn(SidePage.ANSWERS));
            case WEAPON -> Next.of(state, new Turn(SidePage.WEAPON));
            case LADDER -> Next.of(state, new Turn(SidePage.LADDER));
            case BY_FILM -> Next.of(state, new SwitchFilm(), new LookAgain());
            case MIRROR -> Next.of(state.turned(), new LookAgain());
            case ODDS_BY_FILM -> oddsByFilm();
            case PRINT -> state.review().isPresent() ? Next.of(state, new PrintCards()) : warn("bench.nothing");
        };
    }

    private Next<BenchState> along(double beats) {
        int length = state.review().map(r -> r.played().beats()).orElse(0);
        return Next.of(state.looking(state.mark().moved(beats, length)));
    }

    /// Where the finding stands on the way that is looked at; where it stands on another, that one is turned to.
    private Next<BenchState> lookAt(Finding finding) {
        List<PlayedWay> ways = state.review().map(r -> r.played().ways()).orElse(List.of());
        for (int turn = 0; turn < ways.size(); turn++) {
            int way = (state.shownWay() + turn) % ways.size();
            Optional<Step> step = ways.get(way).steps().stream()
                    .filter(s -> finding.spans().contains(s.placed().span()))
                    .findFirst();
            if (step.isPresent()) {
                return Next.of(state.onWay(way)
                        .looking(new RopeMark(
                                step.get().beat().inBeats(), step.get().who())));
            }
        }
        return Next.of(state);
    }

    /// The changed line goes into the call line; what is done there is still looked at.
    private Next<BenchState> change(StrikeChange change) {
        return state.changed(change, camp.vocabulary())
                .map(line -> Next.of(state, new PutLine(line)))
                .orElseGet(() -> warn("bench.strike.none"));
    }

    private Next<BenchState> warn(String key) {
        return Next.of(state, new Warn(Texts.of(key)));
    }

    private BenchState looked(Seen seen) {
        BenchState now = state.seeing(seen);
        return seen.review().isPresent() || seen.text().isBlank() ? withTempo(now) : now;
    }

    private BenchState withTempo(BenchState now) {
        return now.drill(camp).map(d -> now.at(d.bpm())).orElse(now);
    }

    private Next<BenchState> chooseNext(int step) {
        List<Drill> drills = List.copyOf(camp.drills().all());
        int at = drills.stream().map(Drill::id).toList().indexOf(state.drill().orElse(""));
        return drills.isEmpty()
                ? Next.of(state)
                : choose(drills.get(Math.floorMod(at + step, drills.size())).id());
    }

    private Next<BenchState> choose(String id) {
        return camp.drills()
                .get(id)
                .map(d -> Next.of(state.at(d.bpm()), new Lay(Optional.of(id)), new PutLine(d.line())))
                .orElseGet(() -> Next.of(state));
    }

    private Next<BenchState> tempo(int step) {
        int changed = Math.clamp((long) state.bpm() + step, RoundPlan.LEAST_BPM, RoundPlan.MOST_BPM);
        List<Effect> effects = new ArrayList<>();
        state.drill(camp).ifPresent(d -> effects.add(Save.of(DrillChanges.edit(Optional.of(d), d.withBpm(changed)))));
        effects.add(new LookAgain());
        return new Next<>(state.at(changed), effects);
    }

    private Next<BenchState> enter(Seen seen) {
        if (OwnLine.isDefinition(seen.text())) {
            return define(seen.text());
        }
        return seen.review()
                .map(review -> keep(review, List.of(new PutLine(review.canonical()))))
                .orElseGet(() -> unread(seen));
    }

    private Next<BenchState> unread(Seen seen) {
        return Next.of(state, new Warn(seen.misread().map(m -> m.sentence()).orElse(Texts.of("bench.nothing"))));
    }

    private Next<BenchState> define(String definition) {
        return switch (Notation.readOwn(definition, camp.vocabulary())) {
            case OwnReading.Defined defined -> {
                OwnLine own = defined.line();
                yield Next.of(
                        state,
                        Save.of(
                                DrillChanges.defined(camp, own),
                                new Say(Texts.of("bench.own", own.name())),
                                new PutLine("\"" + own.name() + "\"")));
            }
            case OwnReading.NotDefined not -> Next.of(state, new Warn(not.why().sentence()));
        };
    }

    private Drill kept(Review review) {
        String name = Texts.of("bench.new.name", camp.drills().size() + 1);
        return DrillChanges.kept(camp, state.drill(camp), review.canonical(), name, state.bpm(), here.today());
    }

    /// Keeps the typed line: as the drill on the bench, or as a new one.
    ///
    /// @param then done where it is kept
    private Next<BenchState> keep(Review review, List<Effect> then) {
        Drill after = kept(review);
        List<Effect> effects = new ArrayList<>();
        effects.add(new Lay(Optional.of(after.id())));
        effects.addAll(then);
        if (state.drill(camp).filter(after::equals).isPresent()) {
            return new Next<>(state, effects);
        }
        effects.addFirst(new Say(Texts.of("bench.kept", after.name())));
        return Next.of(state, new Save(DrillChanges.edit(state.drill(camp), after), effects));
    }

    /// Keeps the line and puts it into tonight, as one change.
    private Next<BenchState> toRounds(Seen seen) {
        if (seen.review().isEmpty()) {
            return unread(seen);
        }
        Drill after = kept(seen.review().get());
        Optional<Drill> before = state.drill(camp);
        List<Edit> edits = new ArrayList<>();
        if (before.filter(after::equals).isEmpty()) {
            edits.add(DrillChanges.edit(before, after));
        }
        Camp then = new Edit.Together(edits).applyTo(camp);
        Session tonight = TonightChanges.sessionOrNew(camp, here.today(), Texts.of("rounds.new.session"));
        int round = camp.roundsOf(tonight.id()).size() + 1;
        return TonightChanges.added(then, tonight, List.of(TonightChanges.byHand(after)))
                .map(edit -> {
                    edits.add(edit);
                    return Next.of(
                            state,
                            Save.of(
                                    new Edit.Together(edits),
                                    new Lay(Optional.of(after.id())),
                                    new PutLine(after.line()),
                                    new Say(Texts.of("rounds.added", after.name(), round)),
                                    new Go(StationName.ROUNDS)));
                })
                .orElseGet(() -> Next.of(state, new Warn(Texts.of("rounds.most", Session.MOST_LAID_OUT))));
    }

    /// The cues come as often as the opponent gave them on film.
    private Next<BenchState> oddsByFilm() {
        Optional<Odds> film = state.review().map(r -> FilmOdds.of(r.read().line(), camp.studied(), camp.vocabulary()));
        return film.isPresent() && film.get().equals(Odds.even())
                ? warn("bench.odds.nofilm")
                : odds(_ -> film.orElse(Odds.even()));
    }

    private Next<BenchState> odds(Function<Read, Odds> change) {
        Optional<Drill> drill = state.drill(camp);
        if (drill.isEmpty() || state.review().isEmpty()) {
            return warn("bench.odds.keep");
        }
        Odds changed = change.apply(state.review().get().read());
        Drill after = drill.get().with(changed);
        Effect said = new Say(
                String.join("  ", Script.choices(state.review().get().read().line(), changed)));
        return after.equals(drill.get())
                ? Next.of(state, said)
                : Next.of(state, Save.of(DrillChanges.edit(drill, after), said));
    }
}
