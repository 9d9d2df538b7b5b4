package onebeat.desktop.floor;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.change.RepetitionChanges;
import onebeat.core.hearing.HeardRepetition;
import onebeat.core.hearing.HeardRound;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;

/// What was heard of a round, as judgements. What was pressed stays as it was pressed; the gap that was heard
/// comes to it. What is not sure enough is left to the coach.
///
/// @param state with the repetitions that are judged now
/// @param edits one for each repetition that is changed
/// @param taken how many judgements are taken as they were heard
/// @param left the numbers of the repetitions that nobody judged yet
record HeardJudgements(FloorState state, List<Edit> edits, int taken, Set<Integer> left) {

    /// Below it a proposal is left to the coach.
    static final double LEAST_SURE = 0.6;

    HeardJudgements {
        edits = List.copyOf(edits);
        left = Set.copyOf(left);
    }

    static HeardJudgements of(Camp camp, FloorState before, int round, HeardRound heard, LocalDate day) {
        Schedule schedule = before.schedule().orElseThrow();
        RoundPlan plan = schedule.rounds().get(round).part().plan();
        Camp then = camp;
        FloorState state = before;
        List<Edit> edits = new ArrayList<>();
        int taken = 0;
        Set<Integer> left = new HashSet<>();
        for (HeardRepetition one : heard.repetitions()) {
            Optional<Event> call = call(schedule, round, one.number());
            if (call.isEmpty()) {
                continue;
            }
            Optional<String> known = state.judgedAs(call.get());
            Optional<Repetition> after = known.isPresent()
                    ? known.flatMap(then.repetitions()::get).map(r -> r.heard(one.oneBeatMs(), r.heard()))
                    : isTaken(one)
                            ? Optional.of(RepetitionChanges.judged(
                                            then,
                                            plan,
                                            call.get(),
                                            Optional.empty(),
                                            one.judged().orElseThrow(),
                                            day)
                                    .heard(one.oneBeatMs(), true))
                            : Optional.empty();
            if (after.isEmpty()) {
                left.add(one.number());
            }
            if (after.isPresent()
                    && !after.equals(then.repetitions().get(after.get().id()))) {
                Edit edit = RepetitionChanges.kept(then, after.get());
                edits.add(edit);
                then = edit.applyTo(then);
                state = known.isPresent()
                        ? state
                        : state.judged(call.get(), after.get().id());
                taken += known.isPresent() ? 0 : 1;
            }
        }
        return new HeardJudgements(state, edits, taken, left);
    }

    /// Whether nobody judged this repetition yet.
    boolean isLeft(int repetition) {
        return left.contains(repetition);
    }

    /// Whether it is proposed at all.
    static boolean isTaken(HeardRepetition one) {
        return one.judged().isPresent() && one.sure() >= LEAST_SURE;
    }

    private static Optional<Event> call(Schedule schedule, int round, int repetition) {
        return schedule.events().stream()
                .filter(e -> e.opensRepetition() && e.round() == round && e.repetition() == repetition)
                .findFirst();
    }
}
