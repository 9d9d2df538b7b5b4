package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.OwnLine;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import org.junit.jupiter.api.Test;

class CampTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    private static final Card CARD = new Card(
            "Saltlight",
            Fighter.usual("Ilka", Stance.ORTHODOX),
            Fighter.usual("Noor", Stance.SOUTHPAW),
            DAY,
            DAY.plusWeeks(8));

    private static Drill drill(String id, String line) {
        return new Drill(id, "name of " + id, line, 60, DAY, "");
    }

    @Test
    void everyEditIsTakenBackByItsInverse() {
        Camp empty = Camp.empty(CARD);
        Drill drill = drill("d1", "1 2");
        Camp before = Edit.add(Place.DRILLS, drill).applyTo(empty);
        List<Edit> edits = List.of(
                Edit.add(Place.DRILLS, drill("d2", "3")),
                Edit.change(Place.DRILLS, drill, drill.withLine("1 2 3")),
                Edit.remove(Place.DRILLS, drill),
                new Edit.OfCard(
                        CARD, new Card("Other", CARD.athlete(), CARD.opponent(), CARD.firstDay(), CARD.fightNight())),
                Edit.together(
                        Edit.add(Place.SESSIONS, new Session("s1", DAY, "Tonight", "kickboxing")),
                        Edit.add(Place.ROUNDS, new RoundPlan("r1", "s1", 0, "d1", 60, 4))));
        for (Edit edit : edits) {
            Camp after = edit.applyTo(before);
            assertThat(after).isNotEqualTo(before);
            assertThat(edit.inverse().applyTo(after)).isEqualTo(before);
            assertThat(edit.inverse().inverse().applyTo(before)).isEqualTo(after);
        }
    }

    @Test
    void togetherIsTakenBackFromItsEnd() {
        Drill first = drill("d1", "1");
        Edit both = Edit.together(Edit.add(Place.DRILLS, first), Edit.change(Place.DRILLS, first, first.withBpm(90)));
        Camp empty = Camp.empty(CARD);
        assertThat(both.inverse().applyTo(both.applyTo(empty))).isEqualTo(empty);
    }

    @Test
    void whatWasDoneKnowsWhatItReplaced() {
        Camp before = Edit.add(Place.DRILLS, drill("d1", "1 2")).applyTo(Camp.empty(CARD));
        Card other = new Card("Other", CARD.athlete(), CARD.opponent(), DAY, DAY.plusWeeks(6));
        List<Edit> mistaken = List.of(
                Edit.add(Place.DRILLS, drill("d1", "3")),
                Edit.change(Place.DRILLS, drill("d1", "4"), drill("d1", "3")),
                Edit.remove(Place.DRILLS, drill("d1", "4")),
                new Edit.OfCard(other, other));
        for (Edit edit : mistaken) {
            Edit.Done done = edit.doneTo(before);
            assertThat(done.camp()).isNotEqualTo(before);
            assertThat(done.edit().inverse().applyTo(done.camp())).isEqualTo(before);
        }
        Edit.Done nothing = Edit.remove(Place.DRILLS, drill("d9", "1")).doneTo(before);
        assertThat(nothing.camp()).isEqualTo(before);
        assertThat(nothing.edit().inverse().applyTo(before)).isEqualTo(before);
    }

    @Test
    void newIdsAreFree() {
        Camp camp = Edit.add(Place.DRILLS, drill("d7", "1")).applyTo(Camp.empty(CARD));
        camp = Edit.add(Place.DRILLS, drill("dx", "1")).applyTo(camp);
        assertThat(camp.drills().nextId("d")).isEqualTo("d8");
        assertThat(camp.sessions().nextId("s")).isEqualTo("s1");
    }

    @Test
    void aThingChangesInItsPlace() {
        Camp camp = Camp.empty(CARD);
        camp = Edit.add(Place.DRILLS, drill("d1", "1")).applyTo(camp);
        camp = Edit.add(Place.DRILLS, drill("d2", "2")).applyTo(camp);
        camp = Edit.change(Place.DRILLS, drill("d1", "1"), drill("d1", "3")).applyTo(camp);
        assertThat(camp.drills().all()).extracting(Drill::line).containsExactly("3", "2");
    }

    @Test
    void ownLinesAreWordsOfTheCamp() {
        Camp camp = Edit.add(Place.OWN_LINES, new OwnLine("doorstep", "(1) catch+1 2"))
                .applyTo(Camp.empty(CARD));
        assertThat(camp.vocabulary().own("doorstep")).isPresent();
        assertThat(camp.context().setting().pairing().name()).isEqualTo("OPEN");
    }

    @Test
    void roundsStandInTheirOrder() {
        Camp camp = Camp.empty(CARD);
        for (int position : new int[] {2, 0, 1}) {
            camp = Edit.add(Place.ROUNDS, new RoundPlan("r" + position, "s1", position, "d", 60, 4))
                    .applyTo(camp);
        }
        assertThat(camp.roundsOf("s1")).extracting(RoundPlan::id).containsExactly("r0", "r1", "r2");
        assertThat(camp.roundsOf("s2")).isEmpty();
        assertThat(camp.sessionOn(DAY)).isEmpty();
    }
}
