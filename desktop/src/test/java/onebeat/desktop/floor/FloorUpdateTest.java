package onebeat.desktop.floor;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import onebeat.core.book.Fault;
import onebeat.core.book.Judgement;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Ladders;
import onebeat.core.camp.Tonight;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.app.Next;
import onebeat.desktop.floor.FloorAction.Begin;
import onebeat.desktop.floor.FloorAction.Do;
import onebeat.desktop.floor.FloorAction.NameFault;
import onebeat.desktop.floor.FloorAction.Tick;
import onebeat.desktop.floor.FloorEffect.Jump;
import onebeat.desktop.floor.FloorState.Clock;
import onebeat.desktop.floor.Run.State;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// What each action on the floor leads to, without a window and without a clock.
class FloorUpdateTest {

    @TempDir
    Path folder;

    private Camp camp;
    private Schedule schedule;
    private FloorState state = FloorState.FIRST;
    private Next<FloorState> last;

    @BeforeEach
    void begin() {
        camp = DemoSituation.camp(folder);
        schedule = Tonight.schedule(camp, camp.sessionOn(DemoSituation.DAY).orElseThrow(), Calls.NONE, new Ladders());
        after(new Begin(Optional.of(schedule), ""));
    }

    private void after(FloorAction action) {
        last = FloorUpdate.update(DemoSituation.of(camp, state), action);
        camp = DemoSituation.after(camp, last);
        state = last.state();
    }

    private void at(long ms, List<Event> due) {
        Optional<Event> call = schedule.events().stream()
                .filter(e -> e.opensRepetition() && e.ms() <= ms)
                .reduce((_, later) -> later);
        after(new Tick(new Clock(ms, State.RUNNING, call), due));
    }

    @Test
    void aRepetitionIsJudgedAndJudgedAgain() {
        int before = camp.repetitions().size();
        at(schedule.rounds().getFirst().startMs() + 20_000, List.of());
        after(Do.LATE);
        assertThat(camp.repetitions().size()).isEqualTo(before + 1);
        assertThat(state.told())
                .as("the faults are offered")
                .contains(Fault.all().getFirst().words());
        after(new NameFault(1));
        assertThat(camp.repetitions().all().stream()
                        .reduce((_, b) -> b)
                        .orElseThrow()
                        .fault())
                .isEqualTo(Fault.all().getFirst().id());
        after(Do.CLEAN);
        assertThat(camp.repetitions().size()).as("it is the same one").isEqualTo(before + 1);
        assertThat(camp.repetitions().all().stream().reduce((_, b) -> b).orElseThrow())
                .satisfies(r -> assertThat(r.judgement()).isEqualTo(Judgement.CLEAN))
                .satisfies(r -> assertThat(r.fault()).isEmpty());
    }

    @Test
    void inTheRestEachPressJudgesTheNextOne() {
        int before = camp.repetitions().size();
        at(schedule.rounds().getFirst().endMs() + 5_000, List.of());
        after(Do.CLEAN);
        after(Do.CLEAN);
        after(Do.WRONG);
        assertThat(camp.repetitions().size()).isEqualTo(before + 3);
    }

    /// After a machine slept several rounds end at once; each is in the book.
    @Test
    void roundsThatEndAtOnceAreAllInTheBook() {
        int before = camp.runs().size();
        List<Event> ends =
                schedule.events().stream().filter(e -> e.kind() == Kind.END).toList();
        at(schedule.lengthMs(), ends);
        assertThat(camp.runs().size()).isEqualTo(before + schedule.rounds().size());
    }

    @Test
    void howFarItIsIsWrittenDownEveryTwoSeconds() {
        at(schedule.rounds().getFirst().startMs() + 5_000, List.of());
        assertThat(last.effects()).hasAtLeastOneElementOfType(FloorEffect.Note.class);
        at(schedule.rounds().getFirst().startMs() + 5_500, List.of());
        assertThat(last.effects()).doesNotHaveAnyElementsOfTypes(FloorEffect.Note.class);
    }

    @Test
    void aSessionThatWasBrokenOffGoesOnThreeSecondsBefore() {
        String plan = schedule.rounds().get(1).part().plan().id();
        after(new Begin(Optional.of(schedule), DemoSituation.DAY + " " + plan + " 60000"));
        assertThat(last.effects())
                .containsExactly(new Jump(schedule.rounds().get(1).startMs() + 57_000));
        after(new Begin(Optional.of(schedule), DemoSituation.DAY.minusDays(1) + " " + plan + " 60000"));
        assertThat(last.effects()).as("that was yesterday").isEmpty();
    }

    @Test
    void nextAndAgainLeadToTheStartsOfStretches() {
        long second = schedule.rounds().get(1).startMs();
        at(second + 30_000, List.of());
        after(Do.AGAIN);
        assertThat(last.effects()).containsExactly(new Jump(second));
        after(Do.SKIP);
        assertThat(last.effects())
                .singleElement()
                .satisfies(e -> assertThat(((Jump) e).ms()).isGreaterThan(second + 30_000));
    }
}
