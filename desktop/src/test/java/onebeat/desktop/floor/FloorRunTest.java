package onebeat.desktop.floor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import onebeat.core.holding.Holder;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.ScheduleJumps;
import onebeat.core.rounds.Scheme;
import onebeat.desktop.floor.Run.State;
import org.junit.jupiter.api.Test;

class FloorRunTest {

    private final AtomicLong clock = new AtomicLong(5_000);
    private final Run run = new Run(schedule(), clock::get);

    private static Schedule schedule() {
        Read read = (Read) Notation.read("(1) catch+1 2");
        return Schedule.of(
                Scheme.usual(),
                List.of(Part.of(
                        new RoundPlan("r", "s", 0, "d", 60, 4),
                        "n",
                        read.line(),
                        new Part.With(Setting.usual(), Holder.usual(), Odds.even(), 180))));
    }

    private List<Event> goOn(long ms) {
        clock.addAndGet(ms);
        return run.due();
    }

    /// Nothing of what was due while the machine stood still is given out, and it goes on from where it stood.
    @Test
    void whereTheMachineStoodStillItPausesAndCountsNothing() {
        run.startOrPause();
        goOn(20_000);
        long before = run.last(Event::opensRepetition).orElseThrow().ms();
        clock.addAndGet(45_000);
        assertThat(run.stoodStill()).isEqualTo(45_000);
        assertThat(run.state()).isEqualTo(State.PAUSED);
        assertThat(run.atMs()).isEqualTo(20_000);
        assertThat(goOn(60_000)).isEmpty();
        assertThat(run.last(Event::opensRepetition).orElseThrow().ms()).isEqualTo(before);
        run.startOrPause();
        assertThat(goOn(10_000)).isEqualTo(schedule().between(20_000, 30_000));
    }

    @Test
    void nothingIsDueBeforeItStarts() {
        assertThat(run.state()).isEqualTo(State.READY);
        assertThat(goOn(60_000)).isEmpty();
        assertThat(run.atMs()).isZero();
    }

    @Test
    void everyEventComesOnceAndInOrder() {
        run.startOrPause();
        List<Event> all = new ArrayList<>();
        while (run.state() == State.RUNNING) {
            all.addAll(goOn(16));
        }
        assertThat(all).containsExactlyElementsOf(schedule().events());
        assertThat(run.state()).isEqualTo(State.DONE);
        assertThat(run.atMs()).isEqualTo(schedule().lengthMs());
    }

    @Test
    void aPauseStopsTheClockAndTheNextPressGoesOn() {
        run.startOrPause();
        goOn(12_000);
        run.startOrPause();
        assertThat(goOn(90_000)).isEmpty();
        assertThat(run.atMs()).isEqualTo(12_000);
        run.startOrPause();
        goOn(1_000);
        assertThat(run.atMs()).isEqualTo(13_000);
    }

    @Test
    void nextInTheLastRoundIsItsEnd() {
        run.startOrPause();
        goOn(Schedule.READY_MS + 1_000);
        run.jumpTo(ScheduleJumps.next(run.schedule(), run.atMs()));
        assertThat(run.state()).isEqualTo(State.DONE);
        assertThat(run.atMs()).isEqualTo(schedule().lengthMs());
        assertThat(goOn(1_000)).as("what was left out").isEmpty();
    }

    @Test
    void aMachineThatSleptRecoversOnTheBeat() {
        run.startOrPause();
        goOn(11_000);
        List<Event> late = goOn(40_000);
        assertThat(late).isNotEmpty();
        assertThat(run.atMs()).isEqualTo(51_000);
        Event next = goOn(8_000).stream()
                .filter(e -> e.kind() == Kind.CLICK)
                .findFirst()
                .orElseThrow();
        assertThat(next.ms()).isGreaterThan(51_000);
    }

    @Test
    void theLastCallIsTheOneToJudge() {
        run.startOrPause();
        assertThat(run.lastCall()).isEmpty();
        goOn(Schedule.READY_MS + 2_000);
        assertThat(run.lastCall().orElseThrow().repetition()).isZero();
        goOn(6_000);
        assertThat(run.lastCall().orElseThrow().repetition()).isEqualTo(1);
    }
}
