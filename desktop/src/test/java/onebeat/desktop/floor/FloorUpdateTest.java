package onebeat.desktop.floor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import onebeat.core.book.Fault;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Tonight;
import onebeat.core.hearing.HeardRepetition;
import onebeat.core.hearing.HeardRound;
import onebeat.core.hearing.Placement;
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
import onebeat.desktop.floor.FloorState.Listening;
import onebeat.desktop.floor.Run.State;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What each action on the floor leads to, without a window and without a clock.
class FloorUpdateTest {

    private Camp camp;
    private Schedule schedule;
    private FloorState state = FloorState.FIRST;
    private Next<FloorState> last;

    @BeforeEach
    void begin() {
        camp = DemoSituation.camp();
        schedule = Tonight.schedule(camp, camp.sessionOn(DemoSituation.DAY).orElseThrow());
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

    @Test
    void inTheLastRestOneKeySaysHowHardItWas() {
        long end = schedule.rounds().getLast().endMs();
        List<Event> ends =
                schedule.events().stream().filter(e -> e.kind() == Kind.END).toList();
        at(schedule.rounds().getFirst().endMs(), List.of(ends.getFirst()));
        assertThat(FloorCommands.asksEffort(DemoSituation.of(camp, state)))
                .as("rounds are still to come")
                .isFalse();
        at(end, List.of(ends.getLast()));
        assertThat(state.told()).contains("How hard was the evening?");
        assertThat(FloorCommands.asksEffort(DemoSituation.of(camp, state))).isTrue();
        after(new FloorAction.Effort(7));
        assertThat(camp.sessionOn(DemoSituation.DAY).orElseThrow().effort()).hasValue(7);
        assertThat(FloorCommands.asksEffort(DemoSituation.of(camp, state)))
                .as("asked once")
                .isFalse();
    }

    @Test
    void aFaultThatIsAskedForComesFirst() {
        at(schedule.rounds().getLast().endMs(), List.of());
        after(Do.LATE);
        assertThat(FloorCommands.asksEffort(DemoSituation.of(camp, state))).isFalse();
        after(new FloorAction.NameFault(1));
        assertThat(FloorCommands.asksEffort(DemoSituation.of(camp, state))).isTrue();
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

    private static HeardRepetition heard(int number, Judgement judged, double sure, double gap) {
        return new HeardRepetition(
                number, 0, List.of(), Optional.of(gap), Optional.of(0.0), Optional.empty(), Optional.of(judged), sure);
    }

    private static HeardRound round(HeardRepetition... repetitions) {
        return new HeardRound(new Placement(0, 0, 1), List.of(repetitions));
    }

    @Test
    void whatWasHeardIsTakenWithAKeyAndWhatIsUnsureIsNot() {
        int before = camp.repetitions().size();
        at(schedule.rounds().getFirst().endMs() + 1_000, List.of());
        after(new FloorAction.Heard(
                0,
                round(
                        heard(0, Judgement.CLEAN, 0.95, 40),
                        heard(1, Judgement.LATE, 0.8, 260),
                        heard(2, Judgement.STOPPED, 0.4, 30))));
        assertThat(state.told()).contains("T takes 2 of 3");
        assertThat(camp.repetitions().size()).as("nothing by itself").isEqualTo(before);
        after(Do.TAKE_HEARD);
        List<Repetition> taken = camp.repetitions().all().stream().skip(before).toList();
        assertThat(taken).extracting(Repetition::judgement).containsExactly(Judgement.CLEAN, Judgement.LATE);
        assertThat(taken).allMatch(Repetition::heard);
        assertThat(taken.getFirst().oneBeatMs()).contains(40.0);
        assertThat(state.told()).contains("left to you: 1 stopped");
        after(Do.TAKE_HEARD);
        assertThat(camp.repetitions().size()).as("once is enough").isEqualTo(before + 2);
        assertThat(state.told()).contains("Nothing heard is left");
    }

    @Test
    void theBellTellsWhatWasHeardBeforeIt() {
        Event bell = schedule.events().stream()
                .filter(e -> e.kind() == Event.Kind.END && e.round() == 0)
                .findFirst()
                .orElseThrow();
        at(bell.ms() - 2_000, List.of());
        after(new FloorAction.Heard(0, round(heard(0, Judgement.CLEAN, 0.95, 40))));
        assertThat(state.told()).isEmpty();
        at(bell.ms() + 10, List.of(bell));
        assertThat(state.told()).contains("T takes 1 of 1");
    }

    @Test
    void whatWasPressedStaysAndGetsItsGap() {
        int before = camp.repetitions().size();
        at(schedule.rounds().getFirst().endMs() + 1_000, List.of());
        after(Do.WRONG);
        after(new FloorAction.Heard(0, round(heard(0, Judgement.CLEAN, 0.95, 40))));
        after(Do.TAKE_HEARD);
        assertThat(camp.repetitions().size()).isEqualTo(before + 1);
        Repetition pressed =
                camp.repetitions().all().stream().reduce((_, b) -> b).orElseThrow();
        assertThat(pressed.judgement()).isEqualTo(Judgement.WRONG);
        assertThat(pressed.heard()).isFalse();
        assertThat(pressed.oneBeatMs()).contains(40.0);
    }

    @Test
    void whatIsHeardInTwoStretchesIsOneRound() {
        at(schedule.rounds().getFirst().startMs() + 20_000, List.of());
        after(new FloorAction.Heard(0, round(heard(0, Judgement.CLEAN, 0.95, 40), heard(1, Judgement.LATE, 0.9, 300))));
        after(new FloorAction.Heard(0, round(heard(1, Judgement.CLEAN, 0.9, 50), heard(2, Judgement.CLEAN, 0.9, 60))));
        HeardRound whole = state.listening().heard().get(0);
        assertThat(whole.repetitions()).extracting(HeardRepetition::number).containsExactly(0, 1, 2);
        assertThat(whole.repetitions().get(1).judged()).contains(Judgement.CLEAN);
        assertThat(HeardWords.last(state)).isEqualTo("CLEAN  60 MS");
    }

    @Test
    void aMicrophoneThatIsMissingOrBreaksIsTold() {
        after(Do.LISTEN);
        assertThat(last.effects()).contains(FloorEffect.Ask.LISTEN);
        after(new FloorAction.Listens(Listening.Mode.NONE));
        assertThat(HeardWords.microphone(state.listening())).contains("No microphone");
        assertThat(HeardWords.level(state)).isNegative();
        after(new FloorAction.Listens(Listening.Mode.ON));
        after(new FloorAction.Level(0.3));
        assertThat(HeardWords.level(state)).isEqualTo(0.3);
        assertThat(HeardWords.microphone(state.listening())).contains("nothing is kept");
        after(new FloorAction.Listens(Listening.Mode.BROKEN));
        assertThat(HeardWords.microphone(state.listening())).contains("no sound any more");
    }
}
