package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.exchange.Stance;
import onebeat.core.film.FollowUps.After;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import org.junit.jupiter.api.Test;

class SeizedTest {

    private static final Context OPEN = Context.of(Setting.of(Stance.ORTHODOX, Stance.SOUTHPAW));
    private static final Repertoire ALL = Repertoire.usual();

    private static Seized seized(String line, List<After> habits) {
        return Seized.of(OnFilm.times(1, line).getFirst(), habits, OPEN, ALL);
    }

    @Test
    void theAthletesOwnAnswerStaysAndTheOtherResponsesAreReadsWithTheirOdds() {
        List<After> habits =
                OnFilm.habits(OnFilm.times(9, "1b (low)"), OnFilm.times(2, "1b (out)"), OnFilm.times(4, "1b (parry)"));
        Seized drill = seized("1b (low) 3", habits);
        assertThat(drill.line()).startsWith("1b { (low): 3 | (parry): ").endsWith(" } circle-lead");
        assertThat(drill.reads().stream().map(Seized.IfThen::cue)).containsExactly("low", "parry", "out");
        assertThat(drill.odds().weights(0, 3)).containsExactly(9, 4, 2);
        Review review = Review.withoutMends((Read) Notation.read(drill.line()), OPEN);
        assertThat(review.hasStop()).isFalse();
        assertThat(review.canonical()).isEqualTo(drill.line());
    }

    @Test
    void oneResponseIsNoRead() {
        Seized drill = seized("1b (low) 3", OnFilm.habits(OnFilm.times(5, "1b (low) 3")));
        assertThat(drill.line()).isEqualTo("1b (low) 3 circle-lead");
        assertThat(drill.odds()).isEqualTo(Odds.even());
    }

    @Test
    void theirPartIsTheFeedWhereTheyStart() {
        Seized drill = seized(
                "(1 2) parry parry out (chase)",
                OnFilm.habits(OnFilm.times(4, "(1) parry out (chase)"), OnFilm.times(2, "(1) parry out (none)")));
        assertThat(drill.line()).startsWith("(1 2) parry parry out { (chase): ");
        assertThat(drill.odds().weights(0, 2)).containsExactly(4, 2);
    }

    @Test
    void whatFilmSaysNothingOfStaysAsItWasSeen() {
        assertThat(seized("(2) slip-in 5", List.of()).line()).isEqualTo("(2) slip-in 5");
        assertThat(seized("1 2", List.of()).line()).isEqualTo("1 2");
    }

    @Test
    void anAnswerThatWasStruckIntoAStopIsReplaced() {
        // The opponent strikes back, and what was seen met it with nothing.
        List<After> habits = OnFilm.habits(OnFilm.times(6, "3 (2)"), OnFilm.times(4, "3 (block)"));
        Seized drill = seized("3 (2) 3", habits);
        assertThat(Review.withoutMends((Read) Notation.read(drill.line()), OPEN).hasStop())
                .isFalse();
    }

    @Test
    void aDrillOfAHabitReadsAllThatIsDone() {
        After after = OnFilm.habits(OnFilm.times(5, "inlow (check)"), OnFilm.times(3, "inlow (none)"))
                .getFirst();
        Seized drill = Seized.of(after, OPEN, ALL).orElseThrow();
        assertThat(drill.line()).startsWith("inlow { (check): ").contains("| (none): ");
        assertThat(drill.reads().getFirst().share()).isEqualTo(Share.of(5, 8));
    }
}
