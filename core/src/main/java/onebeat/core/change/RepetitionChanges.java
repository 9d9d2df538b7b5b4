package onebeat.core.change;

import java.time.LocalDate;
import java.util.Optional;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;

/// What is written into the book while a session runs.
public final class RepetitionChanges {

    private static final int MS_PER_S = 1000;

    private RepetitionChanges() {}

    /// A repetition as it is judged: the one judged before, changed, or a new one.
    ///
    /// @param before the id under which this repetition was judged already
    /// @param call the event that called it
    public static Repetition judged(
            Camp camp, RoundPlan plan, Event call, Optional<String> before, Judgement judgement, LocalDate day) {
        return before.flatMap(camp.repetitions()::get)
                .map(b -> b.judged(judgement, judgement == Judgement.CLEAN ? "" : b.fault()))
                .orElseGet(() -> new Repetition(
                        camp.repetitions().nextId("p"),
                        plan.id(),
                        plan.drillId(),
                        day,
                        plan.bpm(),
                        call.ms(),
                        judgement,
                        plan.rung(),
                        "",
                        plan.worker()));
    }

    /// The repetition comes into the book, in the place of itself where it is there.
    public static Edit kept(Camp camp, Repetition after) {
        return new Edit.Change<>(Place.REPETITIONS, camp.repetitions().get(after.id()), Optional.of(after));
    }

    /// A round that ran to its end.
    ///
    /// @param round its place in the schedule, from 0
    public static Edit ran(Camp camp, Schedule schedule, int round, LocalDate day) {
        Stretch stretch = schedule.rounds().get(round);
        RoundPlan plan = stretch.part().plan();
        int called = (int) schedule.events().stream()
                .filter(e -> e.opensRepetition() && e.round() == round)
                .count();
        return Edit.add(
                Place.RUNS,
                new RoundRun(
                        camp.runs().nextId("n"),
                        plan.id(),
                        plan.drillId(),
                        day,
                        plan.bpm(),
                        (int) (stretch.lengthMs() / MS_PER_S),
                        called,
                        plan.rung(),
                        plan.worker()));
    }
}
