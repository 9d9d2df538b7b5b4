package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.play.Who;
import org.junit.jupiter.api.Test;

class ArrivalsTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    private static final Camp EMPTY = Camp.empty(new Card(
            "Saltlight",
            Fighter.usual("Ilka", Stance.ORTHODOX),
            Fighter.usual("Noor", Stance.SOUTHPAW),
            DAY,
            DAY.plusWeeks(8)));

    private static Exchange seen(String reel, double timeS, int round, String line) {
        return new Exchange(
                "x1",
                reel,
                timeS,
                round,
                Who.ATHLETE,
                Stance.ORTHODOX,
                Stance.SOUTHPAW,
                Optional.empty(),
                line,
                Outcome.NONE,
                "");
    }

    private static Camp with(Camp camp, Arrivals arrivals) {
        return new Edit.Together(arrivals.edits()).applyTo(camp);
    }

    @Test
    void aReelOfTheNameIsUsedAndAnUnknownOneIsMade() {
        Camp camp = Edit.add(Place.REELS, new Reel("r1", "quay", 100, 180)).applyTo(EMPTY);
        Arrivals arrivals = Arrivals.of(
                camp, List.of(seen("quay", 4, 1, "1 (parry)"), seen("shed", 400, 3, "1 (low)"), seen("r1", 5, 1, "2")));
        assertThat(arrivals.reels()).containsExactly("shed");
        Camp after = with(camp, arrivals);
        assertThat(after.exchangesOn("r1")).hasSize(2);
        Reel made = after.reels().get("r2").orElseThrow();
        assertThat(made.name()).isEqualTo("shed");
        assertThat(made.seconds()).isGreaterThan(400);
        assertThat(made.roundAt(400)).isEqualTo(3);
    }

    @Test
    void whatIsHereAlreadyDoesNotComeTwice() {
        List<Exchange> file = List.of(seen("quay", 4, 1, "1 (parry)"), seen("quay", 9, 1, "1 (parry)"));
        Camp once = with(EMPTY, Arrivals.of(EMPTY, file));
        Arrivals again = Arrivals.of(once, file);
        assertThat(again.fresh()).isZero();
        assertThat(again.known()).isEqualTo(2);
        assertThat(with(once, again)).isEqualTo(once);
    }

    @Test
    void allOfItIsTakenBackAsOne() {
        Arrivals arrivals = Arrivals.of(EMPTY, List.of(seen("quay", 4, 1, "1"), seen("shed", 5, 1, "2")));
        Edit edit = new Edit.Together(arrivals.edits());
        assertThat(edit.inverse().applyTo(edit.applyTo(EMPTY))).isEqualTo(EMPTY);
    }

    @Test
    void othersAreToldFromTheOpponent() {
        Camp camp = Edit.together(
                        Edit.add(Place.REELS, new Reel("r1", "quay", 100, 180)),
                        Edit.add(Place.REELS, new Reel("r2", "shed", 100, 180, "Maud", "")),
                        Edit.add(Place.REELS, new Reel("r3", "loft", 100, 180, "Noor", "")),
                        Edit.add(Place.EXCHANGES, seen("r1", 1, 1, "1").moved("x1", "r1")),
                        Edit.add(Place.EXCHANGES, seen("r2", 1, 1, "1").moved("x2", "r2")),
                        Edit.add(Place.EXCHANGES, seen("r3", 1, 1, "1").moved("x3", "r3")))
                .applyTo(EMPTY);
        assertThat(camp.studied().stream().map(Exchange::id)).containsExactly("x1", "x3");
        assertThat(camp.studiedOfOthers().stream().map(Exchange::id)).containsExactly("x2");
    }

    @Test
    void aReelComesAsTheLogTellsOfIt() {
        Reel own = new Reel("quay", "quay", 540, 120, "Noor", "films/quay.mov");
        Reel other = new Reel("shed", "shed", 0, 180, "Maud", "");
        Camp after = with(
                EMPTY,
                Arrivals.of(EMPTY, List.of(seen("quay", 4, 1, "1"), seen("shed", 400, 3, "1")), List.of(own, other)));
        assertThat(after.reels().get("r1"))
                .as("the camp's own opponent is named by nobody")
                .contains(new Reel("r1", "quay", 540, 120, "", "films/quay.mov"));
        assertThat(after.reels().get("r2")).hasValueSatisfying(reel -> {
            assertThat(reel.subject()).isEqualTo("Maud");
            assertThat(reel.seconds()).as("guessed where it is not told").isEqualTo(430);
        });
    }
}
