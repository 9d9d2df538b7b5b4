package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.concurrent.atomic.AtomicBoolean;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.Test;

class SchedulesTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    private static final Session TONIGHT = new Session("s1", DAY, "Tonight", "kickboxing");

    private final Schedules schedules = new Schedules();
    private final Camp camp = with(
            with(
                    with(
                            with(
                                    Camp.empty(new Card(
                                            "Saltlight",
                                            Fighter.usual("Ilka", Stance.ORTHODOX),
                                            Fighter.usual("Noor", Stance.SOUTHPAW),
                                            DAY.minusWeeks(4),
                                            DAY.plusWeeks(4))),
                                    Edit.add(Place.SESSIONS, TONIGHT)),
                            Edit.add(Place.DRILLS, new Drill("d1", "catch", "(1) catch+2 3 off", 60, DAY, ""))),
                    Edit.add(Place.ROUNDS, round("r1", 0, 60))),
            Edit.add(Place.ROUNDS, round("r2", 1, 80).on(Rung.READS)));

    private static RoundPlan round(String id, int position, int bpm) {
        return new RoundPlan(id, "s1", position, "d1", bpm, 4);
    }

    private static Camp with(Camp camp, Edit edit) {
        return edit.applyTo(camp);
    }

    @Test
    void aCampThatIsTheSameIsLaidOutOnce() {
        Schedule first = schedules.of(camp, TONIGHT, Calls.NONE);
        assertThat(first.rounds()).hasSize(2);
        assertThat(schedules.of(camp, TONIGHT, Calls.NONE)).isSameAs(first);
        assertThat(schedules.week(camp, DAY)).isEqualTo(first.contact());
    }

    @Test
    void callsThatTakeTimeMakeAnotherSchedule() {
        Calls slow = (_, _) -> 900;
        schedules.of(camp, TONIGHT, Calls.NONE);
        assertThat(schedules.of(camp, TONIGHT, slow)).isEqualTo(new Schedules().of(camp, TONIGHT, slow));
    }

    @Test
    void aRoundThatDidNotChangeIsNotPlayedAnew() {
        Schedule first = schedules.of(camp, TONIGHT, Calls.NONE);
        Schedule longer = schedules.of(with(camp, Edit.add(Place.ROUNDS, round("r3", 2, 90))), TONIGHT, Calls.NONE);
        assertThat(longer.rounds()).hasSize(3);
        assertThat(longer.rounds().getFirst().part())
                .isSameAs(first.rounds().getFirst().part());
    }

    /// Whatever a round hangs on: its tempo, its line, who stands there.
    @Test
    void whatChangesARoundIsSeenAtOnce() {
        schedules.of(camp, TONIGHT, Calls.NONE);
        for (Edit edit : new Edit[] {
            Edit.change(Place.ROUNDS, camp.rounds().get("r1").orElseThrow(), round("r1", 0, 100)),
            Edit.change(
                    Place.DRILLS,
                    camp.drills().get("d1").orElseThrow(),
                    new Drill("d1", "slip", "(2) slip-in+3b 3 off", 60, DAY, "")),
            new Edit.OfCard(
                    camp.card(),
                    new Card(
                            "Saltlight",
                            Fighter.usual("Ilka", Stance.SOUTHPAW),
                            Fighter.usual("Noor", Stance.SOUTHPAW),
                            DAY.minusWeeks(4),
                            DAY.plusWeeks(4)))
        }) {
            Camp changed = with(camp, edit);
            Schedule seen = schedules.of(changed, TONIGHT, Calls.NONE);
            assertThat(seen).isEqualTo(Tonight.schedule(changed, TONIGHT));
            assertThat(seen.rounds().getFirst().part())
                    .isNotEqualTo(
                            Tonight.schedule(camp, TONIGHT).rounds().getFirst().part());
        }
    }

    /// The window asks and so does what works beside it: here while the first one still waits for its answer.
    @Test
    void anotherCampAskedForMeanwhileKeepsItsOwn() {
        Camp other = with(camp, Edit.add(Place.ROUNDS, round("r3", 2, 90)));
        AtomicBoolean asked = new AtomicBoolean();
        Calls meanwhile = (_, _) -> {
            if (!asked.getAndSet(true)) {
                assertThat(schedules.of(other, TONIGHT, Calls.NONE).rounds()).hasSize(3);
            }
            return 0;
        };
        assertThat(schedules.of(camp, TONIGHT, meanwhile).rounds()).hasSize(2);
        assertThat(asked).isTrue();
        assertThat(schedules.of(other, TONIGHT, meanwhile).rounds()).hasSize(3);
        assertThat(schedules.of(camp, TONIGHT, meanwhile).rounds()).hasSize(2);
    }
}
