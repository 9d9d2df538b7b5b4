package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Filling.Choice;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.Test;

class FillingTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);

    private Camp camp = Camp.empty(new Card(
            "Saltlight",
            Fighter.usual("Ilka", Stance.ORTHODOX),
            Fighter.usual("Noor", Stance.SOUTHPAW),
            DAY.minusWeeks(4),
            DAY.plusWeeks(4)));

    private void drill(String id, String line) {
        camp = Edit.add(Place.DRILLS, new Drill(id, id, line, 60, DAY, "")).applyTo(camp);
    }

    private void judged(String id, int daysAgo, int clean, int late) {
        for (int i = 0; i < clean + late; i++) {
            camp = Edit.add(
                            Place.REPETITIONS,
                            new Repetition(
                                    camp.repetitions().nextId("p"),
                                    "r",
                                    id,
                                    DAY.minusDays(daysAgo),
                                    60,
                                    i,
                                    i < clean ? Judgement.CLEAN : Judgement.LATE))
                    .applyTo(camp);
        }
    }

    private List<String> filled(int rounds) {
        return Filling.of(camp, DAY, rounds).stream().map(c -> c.drill().id()).toList();
    }

    @Test
    void whatSlippedComesFirstThenWhatGoesOnThenWhatIsOldThenOneNewLine() {
        drill("fresh", "(3) block 3");
        drill("another", "(2) parry 3b");
        drill("even", "1 2");
        drill("old", "1 3");
        drill("up", "1 2 3");
        drill("slipped", "2 3 2");
        judged("even", 2, 6, 4);
        judged("old", 12, 6, 4);
        judged("up", 2, 20, 0);
        judged("slipped", 2, 2, 14);
        assertThat(filled(6)).containsExactly("slipped", "up", "old", "even", "fresh");
        assertThat(filled(2)).containsExactly("slipped", "up");
    }

    @Test
    void aBadNightChangesTheProposalAndItSaysWhy() {
        drill("d1", "1 2 3");
        judged("d1", 5, 20, 0);
        Choice before = Filling.of(camp, DAY, 1).getFirst();
        assertThat(before.bpm()).isEqualTo(66);
        assertThat(before.reason()).contains("Up, to whole at 66", "20 of 20 clean", "5 days ago");
        judged("d1", 1, 2, 14);
        Choice after = Filling.of(camp, DAY, 1).getFirst();
        assertThat(after.bpm()).isEqualTo(54);
        assertThat(after.reason()).contains("Back, to whole at 54", "2 of 16 clean", "1 days ago");
    }

    @Test
    void whatIsCleanAtTheTopIsKeptSharpAndComesAgainAfterLong() {
        drill("live", "1 2 3");
        drill("up", "1 2 3 rlow");
        judged("up", 2, 20, 0);
        for (int i = 0; i < 20; i++) {
            String id = camp.repetitions().nextId("p");
            Repetition one =
                    new Repetition(id, "r", "live", DAY.minusDays(2), 90, i, Judgement.CLEAN, Rung.LIVE, "", "");
            camp = Edit.add(Place.REPETITIONS, one).applyTo(camp);
        }
        assertThat(filled(2)).containsExactly("up", "live");
        Choice kept = Filling.of(camp, DAY, 2).get(1);
        assertThat(kept.rung()).isEqualTo(Rung.LIVE);
        assertThat(kept.bpm()).isEqualTo(90);
        assertThat(kept.reason()).contains("Keep it sharp, live at 90", "20 of 20 clean");
        assertThat(Filling.of(camp, DAY.plusDays(20), 2).get(1).reason()).contains("not done for a while");
    }

    @Test
    void whatTheLineIsBuiltOnComesFirst() {
        drill("long", "(1) catch+2 3 rlow");
        drill("short", "(1) catch+2 3");
        assertThat(filled(3)).containsExactly("short");
        judged("short", 2, 8, 0);
        assertThat(filled(3)).containsExactly("short", "long");
    }

    @Test
    void nothingNewInTheLastDays() {
        drill("fresh", "(3) block 3");
        LocalDate near = camp.card().fightNight().minusDays(5);
        assertThat(Filling.of(camp, near, 3)).isEmpty();
        assertThat(Filling.of(camp, near.minusDays(5), 3)).hasSize(1);
    }

    @Test
    void whatThePartnerDoesNotFeedIsLeftOut() {
        drill("kick", "(rmid) check 2");
        drill("punch", "(1) parry 2");
        judged("kick", 3, 2, 14);
        judged("punch", 3, 6, 4);
        assertThat(filled(2)).containsExactly("kick", "punch");
        Partner hands = new Partner(
                "p1",
                Fighter.usual("Runa", Stance.ORTHODOX),
                true,
                Set.of(Gear.MITTS),
                JabSchool.STRAIGHT,
                Set.of(),
                Set.of(Family.PUNCH),
                Rung.LIVE);
        camp = Edit.add(Place.PARTNERS, hands).applyTo(camp);
        camp = new Edit.OfCard(camp.card(), camp.card().withPartner("p1")).applyTo(camp);
        assertThat(filled(2)).containsExactly("punch");
    }

    @Test
    void theCoachOverrulesUntilItIsDoneAgain() {
        drill("d1", "1 2 3");
        judged("d1", 5, 20, 0);
        Drill before = camp.drills().get("d1").orElseThrow();
        Drill after = before.at(Rung.WHOLE, 60).overruledOn(DAY.minusDays(1), "again at 60");
        camp = Edit.change(Place.DRILLS, before, after).applyTo(camp);
        Choice choice = Filling.of(camp, DAY, 1).getFirst();
        assertThat(choice.bpm()).isEqualTo(60);
        assertThat(choice.reason()).contains("You decided: ", "again at 60");
        judged("d1", 0, 20, 0);
        assertThat(Filling.of(camp, DAY, 1).getFirst().reason()).contains("Up");
    }

    @Test
    void whatIsProposedForAllIsWhatIsProposedForEach() {
        drill("up", "1 2 3");
        drill("slipped", "2 3 2");
        drill("never", "(3) block 3");
        drill("unread", "1 2 zz");
        judged("up", 2, 20, 0);
        judged("slipped", 2, 2, 14);
        judged("unread", 2, 20, 0);
        Proposals all = Proposals.of(camp);
        for (Drill drill : camp.drills().all()) {
            assertThat(all.of(drill)).as(drill.id()).isEqualTo(Proposals.of(camp, drill));
            assertThat(all.ledger(drill)).as(drill.id()).isEqualTo(camp.ledger(drill.id()));
        }
        assertThat(camp.drills().all().stream()
                        .filter(drill -> all.of(drill).isPresent())
                        .map(Drill::id))
                .containsExactlyInAnyOrder("up", "slipped", "unread");
        Drill gone = new Drill("gone", "gone", "1", 60, DAY, "");
        assertThat(all.of(gone)).isEmpty();
        assertThat(all.ledger(gone).days()).isEmpty();
    }
}
