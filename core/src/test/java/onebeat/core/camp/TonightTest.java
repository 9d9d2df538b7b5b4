package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;
import org.junit.jupiter.api.Test;

class TonightTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    private static final Session SESSION = new Session("s1", DAY, "Tonight", "muaythai");

    private static Camp camp(String... lines) {
        Camp camp = Camp.empty(new Card(
                "Saltlight",
                Fighter.usual("Ilka", Stance.ORTHODOX),
                Fighter.usual("Noor", Stance.SOUTHPAW),
                DAY,
                DAY.plusWeeks(8)));
        camp = Edit.add(Place.SESSIONS, SESSION).applyTo(camp);
        for (int i = 0; i < lines.length; i++) {
            camp = Edit.add(Place.DRILLS, new Drill("d" + i, "n" + i, lines[i], 60, DAY, ""))
                    .applyTo(camp);
            camp = Edit.add(Place.ROUNDS, new RoundPlan("r" + i, "s1", i, "d" + i, 60, 4))
                    .applyTo(camp);
        }
        return camp;
    }

    @Test
    void theSchemeSetsTheClock() {
        Schedule schedule = Tonight.schedule(camp("1 2", "3 2"), SESSION);
        assertThat(schedule.rounds()).hasSize(2);
        assertThat(schedule.rounds().get(1).startMs() - schedule.rounds().get(0).endMs())
                .isEqualTo(120_000);
    }

    @Test
    void aLineThatCannotBeReadAnyMoreIsLeftOut() {
        Schedule schedule = Tonight.schedule(camp("1 2", "\"gone\" 2", "3"), SESSION);
        assertThat(schedule.rounds()).extracting(s -> s.part().name()).containsExactly("n0", "n2");
    }

    @Test
    void aDrillThatIsGoneIsLeftOut() {
        Camp camp = camp("1 2", "3");
        camp = Edit.remove(Place.DRILLS, camp.drills().get("d0").orElseThrow()).applyTo(camp);
        assertThat(Tonight.schedule(camp, SESSION).rounds()).hasSize(1);
    }
}
