package onebeat.core.camp;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.notation.OwnLine;
import onebeat.core.play.Who;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.Test;

class CampOfferTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    private static Camp camp(String name, String athlete, String opponent) {
        return Camp.empty(new Card(
                name,
                new Fighter(athlete, Stance.ORTHODOX, 168, 170),
                new Fighter(opponent, Stance.SOUTHPAW, 180, 184),
                DAY,
                DAY.plusDays(40)));
    }

    private static Camp with(Camp camp, Edit... edits) {
        return Edit.together(edits).applyTo(camp);
    }

    private static Edit drill(String id, String name, String line) {
        return Edit.add(Place.DRILLS, new Drill(id, name, line, 80, DAY.minusDays(9), "x3").at(Rung.TEMPO, 90));
    }

    private static Edit exchange(String id, String reel, double at, String line) {
        return Edit.add(
                Place.EXCHANGES,
                new Exchange(
                        id,
                        reel,
                        at,
                        1,
                        Who.PARTNER,
                        Stance.ORTHODOX,
                        Stance.SOUTHPAW,
                        Optional.empty(),
                        line,
                        Outcome.CLEAN,
                        "",
                        Optional.empty()));
    }

    private final Camp here = with(
            camp("Saltlight", "Ilka", "Noor"),
            drill("d1", "One two", "1 2"),
            Edit.add(Place.REELS, new Reel("r1", "Harbour night", 300, 120)),
            exchange("x1", "r1", 10, "(1) catch"));

    private final Camp other = with(
            camp("Maud's camp", "Maud", "Sunniva"),
            Edit.add(Place.OWN_LINES, new OwnLine("doorstep", "(1) catch+1 2")),
            drill("d1", "Same again", "1  2"),
            drill("d2", "The door", "\"doorstep\" rlow"),
            Edit.add(Place.REELS, new Reel("r1", "Harbour night", 300, 120)),
            Edit.add(Place.REELS, new Reel("r2", "Pier", 200, 120)),
            exchange("x1", "r1", 10, "(1) catch"),
            exchange("x2", "r2", 20, "(2) slip-in 3"));

    @Test
    void whatIsAlikeIsFound() {
        CampOffer offer = CampOffer.of(here, other, UnaryOperator.identity());
        assertThat(offer.lines())
                .extracting(CampOffer.Line::alike)
                .containsExactly(Optional.of("One two"), Optional.empty());
        assertThat(offer.lines()).extracting(CampOffer.Line::isNew).containsExactly(false, true);
        assertThat(offer.films()).extracting(CampOffer.Film::fresh).containsExactly(0, 1);
        assertThat(offer.films()).extracting(CampOffer.Film::known).containsExactly(1, 0);
    }

    @Test
    void whatIsTakenIsOneStepAndComesWithItsWords() {
        Edit edit = CampOffer.of(here, other, UnaryOperator.identity())
                .taken(List.of("d2"), List.of("r2"), DAY)
                .orElseThrow();
        Camp taken = edit.applyTo(here);
        Drill drill = taken.drills().get("d2").orElseThrow();
        assertThat(drill.line()).isEqualTo("\"doorstep\" rlow");
        assertThat(drill.rung()).as("another athlete begins at the whole line").isEqualTo(Rung.WHOLE);
        assertThat(drill.made()).isEqualTo(DAY);
        assertThat(drill.source())
                .as("an exchange of the other camp means nothing here")
                .isEmpty();
        assertThat(taken.ownLines().get("doorstep")).isPresent();
        Reel reel = taken.reels().get("r2").orElseThrow();
        assertThat(reel.name()).isEqualTo("Pier");
        assertThat(reel.subject()).as("it studies the other camp's opponent").isEqualTo("Sunniva");
        assertThat(taken.exchangesOn("r2")).extracting(Exchange::line).containsExactly("(2) slip-in 3");
        Edit.Done done = edit.doneTo(here);
        assertThat(done.edit().inverse().applyTo(done.camp())).isEqualTo(here);
    }

    @Test
    void filmIsFoundFromHereAndWordsWithinWordsEnd() {
        Camp filmed = with(
                camp("Filmed", "Maud", "Sunniva"),
                Edit.add(Place.OWN_LINES, new OwnLine("1 again", "1 2")),
                Edit.add(Place.OWN_LINES, new OwnLine("1", "1 again 1")),
                drill("d1", "Jab", "1 2 off"),
                Edit.add(Place.REELS, new Reel("r1", "Pier", 200, 120, "", "pier.mp4")),
                exchange("x1", "r1", 20, "(2) slip-in 3"));
        Camp taken = CampOffer.of(here, filmed, file -> "../filmed/" + file)
                .taken(List.of("d1"), List.of("r1"), DAY)
                .orElseThrow()
                .applyTo(here);
        assertThat(taken.reels().get("r2").orElseThrow().file()).isEqualTo("../filmed/pier.mp4");
    }

    @Test
    void nothingNewIsNoStep() {
        CampOffer offer = CampOffer.of(here, other, UnaryOperator.identity());
        assertThat(offer.taken(List.of(), List.of("r1"), DAY)).isEmpty();
    }

    @Test
    void theSameAthleteKeepsTheirPlaceOnTheLadder() {
        Camp before = with(camp("Last camp", "Ilka", "Sunniva"), drill("d1", "Slip", "(1) slip-in 3"));
        Camp taken = CampOffer.of(here, before, UnaryOperator.identity())
                .taken(List.of("d1"), List.of(), DAY)
                .orElseThrow()
                .applyTo(here);
        assertThat(taken.drills().get("d2").orElseThrow().rung()).isEqualTo(Rung.TEMPO);
    }
}
