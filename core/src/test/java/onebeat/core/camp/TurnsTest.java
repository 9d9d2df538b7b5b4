package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Contact;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class TurnsTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    private static final Session TONIGHT = new Session("s1", DAY, "Tonight", "kickboxing");
    private static final Partner JONAS = new Partner(
            "k1",
            new Fighter("Jonas", Stance.SOUTHPAW, 188, 193),
            false,
            EnumSet.of(Gear.MITTS, Gear.KICKPADS),
            JabSchool.STRAIGHT,
            Set.of(),
            EnumSet.allOf(Family.class),
            Rung.LIVE);

    private Camp camp;

    @BeforeEach
    void aCampWithAPartnerAtTheDoor() {
        camp = Camp.empty(new Card(
                        "Saltlight",
                        new Fighter("Ilka", Stance.ORTHODOX, 168, 170),
                        new Fighter("Noor", Stance.SOUTHPAW, 178, 184),
                        DAY.minusWeeks(4),
                        DAY.plusWeeks(4))
                .withPartner("k1"));
        edit(Edit.add(Place.PARTNERS, JONAS));
        edit(Edit.add(Place.SESSIONS, TONIGHT));
        for (String id : List.of("d1", "d2")) {
            String line = id.equals("d1") ? "(1) catch+2 3 off" : "1 2 3 rlow circle-lead";
            edit(Edit.add(Place.DRILLS, new Drill(id, id, line, 60, DAY, "")));
        }
    }

    private void edit(Edit edit) {
        camp = edit.applyTo(camp);
    }

    private void round(String id, int place, String drill) {
        edit(Edit.add(Place.ROUNDS, new RoundPlan(id, "s1", place, drill, 60, 4)));
    }

    private void judged(String worker, int clean, int late) {
        for (int i = 0; i < clean + late; i++) {
            String id = camp.repetitions().nextId("p");
            Judgement judgement = i < clean ? Judgement.CLEAN : Judgement.LATE;
            edit(Edit.add(
                    Place.REPETITIONS,
                    new Repetition(id, "r", "d1", DAY.minusDays(2), 60, i, judgement, Rung.WHOLE, "", worker)));
        }
    }

    @Test
    void eachLineComesASecondTimeWithTheOtherOneWorking() {
        round("r1", 0, "d1");
        round("r2", 1, "d2");
        edit(Turns.takenBy(camp, TONIGHT, 0).orElseThrow());
        assertThat(camp.roundsOf("s1"))
                .extracting(RoundPlan::drillId, RoundPlan::worker, RoundPlan::position)
                .containsExactly(tuple("d1", "", 0), tuple("d1", "k1", 1), tuple("d2", "", 2), tuple("d2", "k1", 3));
        assertThat(Turns.takenBy(camp, TONIGHT, 0)).as("nothing comes twice").isEmpty();
    }

    @Test
    void withNobodyAtTheDoorThereAreNoTurns() {
        round("r1", 0, "d1");
        edit(new Edit.OfCard(camp.card(), camp.card().withPartner("")));
        assertThat(Turns.takenBy(camp, TONIGHT, 0)).isEmpty();
    }

    @Test
    @DisplayName(
            "in their round the partner works in their own stance, the athlete feeds and holds, and the account knows who")
    void thePartnersRoundIsPlayedTurnedRound() {
        round("r1", 0, "d1");
        edit(Turns.takenBy(camp, TONIGHT, 0).orElseThrow());
        Schedule schedule = Tonight.schedule(camp, TONIGHT);
        RoundPlan theirs = schedule.rounds().get(1).part().plan();
        assertThat(Turns.worker(camp, theirs)).isEqualTo("Jonas");
        assertThat(Turns.holder(camp, theirs)).isEqualTo("Ilka");
        Camp turned = Turns.workedBy(camp, "k1").orElseThrow();
        assertThat(turned.setting().athlete()).isEqualTo(JONAS.body());
        assertThat(turned.setting().partner()).isEqualTo(camp.card().athlete());
        assertThat(turned.holder().gear()).isEqualTo(JONAS.gear());
        Contact own = schedule.rounds().getFirst().contact();
        Contact others = schedule.rounds().get(1).contact();
        assertThat(own.pads()).isPositive();
        assertThat(others.pads()).isZero();
        assertThat(others.held()).isEqualTo(own.pads());
        assertThat(schedule.contact().pads()).isEqualTo(own.pads());
    }

    @Test
    @DisplayName("a partner's bad night is their own: the athlete's book does not know of it")
    void eachHasABookOfTheirOwn() {
        judged("", 20, 0);
        judged("k1", 1, 19);
        assertThat(camp.ledger("d1").lastJudged().orElseThrow().judged()).isEqualTo(20);
        assertThat(Filling.of(camp, DAY, 1).getFirst().bpm()).isEqualTo(66);
        round("r1", 0, "d1");
        edit(Turns.takenBy(camp, TONIGHT, 0).orElseThrow());
        assertThat(camp.roundsOf("s1").get(1).bpm()).as("their own proposal").isEqualTo(54);
    }

    @Test
    @DisplayName("what the coach decided against the athlete's book does not hold for the partner's")
    void aDecisionIsTheAthletesOwn() {
        judged("", 20, 0);
        judged("k1", 20, 0);
        Drill drill = camp.drills().get("d1").orElseThrow();
        edit(Edit.change(Place.DRILLS, drill, drill.at(Rung.WHOLE, 60).overruledOn(DAY, "again at 60")));
        Camp turned = Turns.workedBy(camp, "k1").orElseThrow();
        assertThat(Filling.of(camp, DAY, 1).getFirst().bpm()).isEqualTo(60);
        assertThat(Filling.of(turned, DAY, 1).getFirst().bpm()).isEqualTo(66);
        assertThat(Filling.of(turned, DAY, 1).getFirst().reason()).doesNotContain("You decided");
    }

    @Test
    void aRoundOfAPartnerWhoIsGoneIsLeftOut() {
        round("r1", 0, "d1");
        edit(Turns.takenBy(camp, TONIGHT, 0).orElseThrow());
        edit(Edit.remove(Place.PARTNERS, JONAS));
        assertThat(Tonight.schedule(camp, TONIGHT).rounds()).hasSize(1);
        assertThat(Turns.workedBy(camp, "k1")).isEmpty();
    }
}
