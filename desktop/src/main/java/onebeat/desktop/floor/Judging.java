package onebeat.desktop.floor;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.book.Fault;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.app.CampSession;

/// Judges repetitions as they are called, or after the round as a tally.
final class Judging {

    private final CampSession app;
    private final Map<String, String> judged = new HashMap<>();
    private Optional<String> last = Optional.empty();

    Judging(CampSession app) {
        this.app = app;
    }

    /// A new run begins.
    void clear() {
        judged.clear();
        last = Optional.empty();
    }

    /// Judges. In a round that is the repetition that was called last, and judging it again changes the
    /// judgement; in the rest after it each press judges the next one that was not judged yet.
    void judge(Run run, Judgement judgement) {
        boolean inRound = run.schedule().roundAt(run.atMs()).isPresent();
        Optional<Event> call = inRound ? run.lastCall() : firstUnjudged(run);
        call.ifPresent(c -> keep(run, c, judgement));
    }

    private Optional<Event> firstUnjudged(Run run) {
        return run.lastCall()
                .flatMap(lastCall -> run.schedule().events().stream()
                        .filter(e ->
                                e.opensRepetition() && e.round() == lastCall.round() && !judged.containsKey(key(e)))
                        .findFirst());
    }

    private static String key(Event call) {
        return call.round() + "." + call.repetition();
    }

    private void keep(Run run, Event call, Judgement judgement) {
        RoundPlan plan = run.schedule().rounds().get(call.round()).part().plan();
        Optional<Repetition> before =
                Optional.ofNullable(judged.get(key(call))).flatMap(app.camp().repetitions()::get);
        Repetition after = before.map(b -> b.judged(judgement, judgement == Judgement.CLEAN ? "" : b.fault()))
                .orElseGet(() -> new Repetition(
                        app.camp().repetitions().nextId("p"),
                        plan.id(),
                        plan.drillId(),
                        app.today(),
                        plan.bpm(),
                        call.ms(),
                        judgement,
                        plan.rung(),
                        "",
                        plan.worker()));
        if (app.save(new Edit.Change<>(Place.REPETITIONS, before, Optional.of(after)))) {
            judged.put(key(call), after.id());
            last = Optional.of(after.id());
        }
    }

    /// Names what was wrong with the repetition that was judged last.
    ///
    /// @param number of the fault, from 1
    /// @return the fault, where there was something to name
    Optional<Fault> fault(int number) {
        List<Fault> faults = Fault.all();
        Optional<Repetition> before = last.flatMap(app.camp().repetitions()::get);
        if (number < 1 || number > faults.size() || before.isEmpty()) {
            return Optional.empty();
        }
        Fault fault = faults.get(number - 1);
        Repetition one = before.get();
        Repetition after = one.judged(one.judgement(), fault.id());
        return one.equals(after) || app.save(Edit.change(Place.REPETITIONS, one, after))
                ? Optional.of(fault)
                : Optional.empty();
    }

    /// Whether a repetition was judged in this run.
    boolean hasJudged() {
        return last.isPresent();
    }

    /// Whether the repetition that was judged last was not clean and has no fault named yet.
    boolean asksForFault() {
        return last.flatMap(app.camp().repetitions()::get)
                .filter(r -> r.judgement() != Judgement.CLEAN && r.fault().isEmpty())
                .isPresent();
    }
}
