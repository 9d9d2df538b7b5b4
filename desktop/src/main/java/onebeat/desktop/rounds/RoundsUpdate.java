package onebeat.desktop.rounds;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Place;
import onebeat.core.camp.Turns;
import onebeat.core.change.RoundChanges;
import onebeat.core.change.TonightChanges;
import onebeat.core.ladder.Ladder;
import onebeat.core.ladder.Stage;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Effect.Go;
import onebeat.desktop.app.Effect.PutLine;
import onebeat.desktop.app.Effect.Save;
import onebeat.desktop.app.Effect.Say;
import onebeat.desktop.app.Effect.Warn;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.StationName;
import onebeat.desktop.rounds.RoundsAction.ChooseLine;
import onebeat.desktop.rounds.RoundsAction.ChooseRound;
import onebeat.desktop.rounds.RoundsAction.Do;
import onebeat.desktop.rounds.RoundsAction.DropLine;
import onebeat.desktop.rounds.RoundsAction.DropRound;
import onebeat.desktop.rounds.RoundsAction.Enter;
import onebeat.desktop.text.Texts;

/// What each action at Rounds leads to.
final class RoundsUpdate {

    private static final int TEMPO_STEP = 2;
    private static final int MINUTES_STEP = 5;

    /// A line that is new to the camp starts at this tempo. A default.
    private static final int FIRST_BPM = 60;

    private final Situation<RoundsState> here;
    private final RoundsState state;
    private final Camp camp;

    private RoundsUpdate(Situation<RoundsState> here) {
        this.here = here;
        this.state = here.state();
        this.camp = here.camp();
    }

    static Next<RoundsState> update(Situation<RoundsState> here, RoundsAction action) {
        return new RoundsUpdate(here).next(action);
    }

    private Next<RoundsState> next(RoundsAction action) {
        return switch (action) {
            case ChooseLine line -> Next.of(state.atLine(line.place()));
            case ChooseRound round -> Next.of(state.atRound(round.place()));
            case DropLine line -> drill(line.place()).map(this::add).orElseGet(() -> Next.of(state));
            case DropRound drop -> move(drop.from(), drop.to() - drop.from());
            case Enter enter -> enter(enter.canonical());
            case Do one -> done(one);
        };
    }

    private Next<RoundsState> done(Do one) {
        return switch (one) {
            case LINE_UP -> chooseLine(-1);
            case LINE_DOWN -> chooseLine(1);
            case ROUND_BEFORE -> chooseRound(-1);
            case ROUND_AFTER -> chooseRound(1);
            case ADD -> drill(state.line()).map(this::add).orElseGet(() -> Next.of(state));
            case FILL -> fill();
            case REMOVE -> remove();
            case EARLIER -> move(state.round(), -1);
            case LATER -> move(state.round(), 1);
            case FASTER -> change(r -> r.withBpm(r.bpm() + TEMPO_STEP));
            case SLOWER -> change(r -> r.withBpm(r.bpm() - TEMPO_STEP));
            case WIDER_GAP -> change(r -> r.withGap(r.gapBeats() + 1));
            case NARROWER_GAP -> change(r -> r.withGap(r.gapBeats() - 1));
            case CLIMB -> change(r -> RoundChanges.climbed(r, stages(r), 1));
            case STEP_BACK -> change(r -> RoundChanges.climbed(r, stages(r), -1));
            case BURSTS -> change(RoundChanges::withMoreBursts);
            case REDRAW -> change(RoundChanges::redrawn);
            case LONGER_RUNS -> change(RoundChanges::withLongerRuns);
            case WIDER_SPREAD -> change(RoundChanges::withWiderGaps);
            case OTHER_WORKS -> otherWorks();
            case TAKE_TURNS -> takeTurns();
            case SCHEME -> session(TonightChanges::nextScheme);
            case TEMPLATE -> session(TonightChanges::nextTemplate);
            case MORE_MINUTES -> session(s -> TonightChanges.longer(s, MINUTES_STEP));
            case FEWER_MINUTES -> session(s -> TonightChanges.longer(s, -MINUTES_STEP));
            case PRINT -> tonight().isPresent() ? Next.of(state, RoundsEffect.PRINT_SHEET) : warn("rounds.none.under");
            case FLOOR -> plans().isEmpty() ? warn("rounds.floor.empty") : Next.of(state, new Go(StationName.FLOOR));
        };
    }

    private Next<RoundsState> warn(String key, Object... values) {
        return Next.of(state, new Warn(Texts.of(key, values)));
    }

    private Optional<Session> tonight() {
        return camp.sessionOn(here.today());
    }

    private Session tonightOrNew() {
        return TonightChanges.sessionOrNew(camp, here.today(), Texts.of("rounds.new.session"));
    }

    private List<RoundPlan> plans() {
        return tonight().map(s -> camp.roundsOf(s.id())).orElse(List.of());
    }

    private Optional<RoundPlan> plan(int place) {
        List<RoundPlan> plans = plans();
        return plans.isEmpty() ? Optional.empty() : Optional.of(plans.get(Math.min(place, plans.size() - 1)));
    }

    private Optional<Drill> drill(int place) {
        return camp.drills().all().stream().skip(place).findFirst();
    }

    private Next<RoundsState> chooseLine(int step) {
        int size = camp.drills().size();
        return Next.of(state.atLine(size == 0 ? 0 : Math.floorMod(state.line() + step, size)));
    }

    private Next<RoundsState> chooseRound(int step) {
        return Next.of(state.atRound(Math.clamp(state.round() + step, 0, Math.max(0, plans().size() - 1))));
    }

    private Next<RoundsState> add(Drill drill) {
        int place = plans().size();
        return TonightChanges.added(camp, tonightOrNew(), List.of(TonightChanges.byHand(drill)))
                .map(edit -> Next.of(
                        state.atRound(place),
                        Save.of(edit, new Say(Texts.of("rounds.added", drill.name(), place + 1)))))
                .orElseGet(() -> warn("rounds.most", Session.MOST_LAID_OUT));
    }

    /// What was typed becomes a line of the camp, and a round.
    private Next<RoundsState> enter(String canonical) {
        String name = Texts.of("bench.new.name", camp.drills().size() + 1);
        Drill drill = new Drill(camp.drills().nextId("d"), name, canonical, FIRST_BPM, here.today(), "");
        Edit kept = Edit.add(Place.DRILLS, drill);
        int place = plans().size();
        return TonightChanges.added(kept.applyTo(camp), tonightOrNew(), List.of(TonightChanges.byHand(drill)))
                .map(edit -> Next.of(
                        state.atRound(place),
                        Save.of(
                                Edit.together(kept, edit),
                                new Say(Texts.of("rounds.added", drill.name(), place + 1)),
                                new PutLine(""))))
                .orElseGet(() -> warn("rounds.most", Session.MOST_LAID_OUT));
    }

    private Next<RoundsState> change(UnaryOperator<RoundPlan> changed) {
        return plan(state.round())
                .map(plan -> Next.of(state, Save.of(RoundChanges.changed(plan, changed.apply(plan)))))
                .orElseGet(() -> warn("rounds.floor.empty"));
    }

    private List<Stage> stages(RoundPlan plan) {
        return Turns.workedBy(camp, plan.worker())
                .flatMap(worked -> read(worked, plan)
                        .map(read -> here.schedules().ladders().of(worked, read)))
                .map(Ladder::stages)
                .orElse(List.of());
    }

    private static Optional<Read> read(Camp camp, RoundPlan plan) {
        return camp.drills()
                .get(plan.drillId())
                .map(d -> Notation.read(d.line(), camp.vocabulary()))
                .filter(Read.class::isInstance)
                .map(Read.class::cast);
    }

    private Next<RoundsState> remove() {
        return plan(state.round())
                .map(plan -> Next.of(
                        state.atRound(Math.min(state.round(), plans().size() - 2)),
                        Save.of(RoundChanges.removed(camp, plan), new Say(Texts.of("rounds.removed")))))
                .orElseGet(() -> Next.of(state));
    }

    private Next<RoundsState> move(int place, int by) {
        return plan(place)
                .flatMap(plan -> RoundChanges.moved(camp, plan, by))
                .map(edit -> Next.of(state.atRound(place + by), Save.of(edit)))
                .orElseGet(() -> Next.of(state));
    }

    /// Fills tonight with what is due, each line with its reason.
    private Next<RoundsState> fill() {
        Session session = tonightOrNew();
        List<Filling.Choice> choices = TonightChanges.due(camp, session, here.today());
        Optional<Edit> edit = choices.isEmpty() ? Optional.empty() : TonightChanges.added(camp, session, choices);
        if (edit.isEmpty()) {
            return warn(TonightChanges.room(camp, session) == 0 ? "rounds.fill.full" : "rounds.fill.nothing");
        }
        int before = plans().size();
        List<RoundPlan> then = edit.get().applyTo(camp).roundsOf(session.id());
        Map<String, String> reasons = new HashMap<>(state.reasons());
        for (RoundPlan plan : then.subList(before, then.size())) {
            choices.stream()
                    .filter(c -> plan.isAthletes() && c.drill().id().equals(plan.drillId()))
                    .forEach(c -> reasons.put(plan.id(), c.reason()));
        }
        Effect said = new Say(Texts.of("rounds.filled", then.size() - before));
        return Next.of(state.because(reasons).atRound(before), Save.of(edit.get(), said));
    }

    private Next<RoundsState> otherWorks() {
        Optional<RoundPlan> plan = plan(state.round());
        if (plan.isEmpty()) {
            return warn("rounds.floor.empty");
        }
        return RoundChanges.workedByOther(camp, plan.get())
                .map(after -> Next.of(state, Save.of(RoundChanges.changed(plan.get(), after))))
                .orElseGet(() -> warn("rounds.turns.nobody"));
    }

    /// Each of the athlete's lines comes a second time, with tonight's partner working.
    private Next<RoundsState> takeTurns() {
        if (camp.partner().isEmpty()) {
            return warn("rounds.turns.nobody");
        }
        String partner = camp.across().name();
        return tonight()
                .flatMap(session -> Turns.takenBy(camp, session, 0))
                .map(edit -> Next.of(state, Save.of(edit, new Say(Texts.of("rounds.turns", partner)))))
                .orElseGet(() -> warn("rounds.turns.none"));
    }

    private Next<RoundsState> session(Function<Session, Edit> change) {
        return tonight()
                .map(session -> Next.of(state, Save.of(change.apply(session))))
                .orElseGet(() -> warn("rounds.none.under"));
    }
}
