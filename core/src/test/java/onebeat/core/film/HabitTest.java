package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import onebeat.core.Lines;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Vocabulary;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.Posture;
import onebeat.core.opening.Stimulus;
import onebeat.core.play.Who;
import org.apache.commons.statistics.inference.ChiSquareTest;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class HabitTest {

    /// A round of the film lasts so long, in seconds.
    private static final double ROUND_S = 200;

    private static List<Sighting> seen(Stance partner, int round, String line, int times) {
        return seen("reel", partner, round, line, times);
    }

    private static List<Sighting> seen(String reel, Stance partner, int round, String line, int times) {
        List<Exchange> all = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            all.add(new Exchange(
                    reel + line + round + partner + i,
                    reel,
                    ROUND_S * round + i,
                    round,
                    Who.ATHLETE,
                    Stance.ORTHODOX,
                    partner,
                    Optional.empty(),
                    line,
                    Outcome.NONE,
                    ""));
        }
        return Sightings.of(all, Who.PARTNER, Vocabulary.standard());
    }

    @SafeVarargs
    private static List<Sighting> all(List<Sighting>... parts) {
        List<Sighting> all = new ArrayList<>();
        for (List<Sighting> part : parts) {
            all.addAll(part);
        }
        return all;
    }

    @Test
    void contextsAreToldWhereTheCountAllows() {
        List<Sighting> own = all(
                seen(Stance.SOUTHPAW, 1, "1b (low)", 8),
                seen(Stance.SOUTHPAW, 2, "1b (low)", 2),
                seen(Stance.SOUTHPAW, 2, "1b (parry)", 6),
                seen(Stance.ORTHODOX, 3, "1b (parry)", 3));
        Habit habit = Habit.of(own, List.of(), "1b", "low").orElseThrow();
        assertThat(habit.share()).isEqualTo(Share.of(10, 19));
        assertThat(habit.contexts())
                .containsEntry("round 1", Share.of(8, 8))
                .containsEntry("round 2", Share.of(2, 8))
                .doesNotContainKey("round 3")
                .doesNotContainKey("pairing SAME");
        assertThat(habit.base()).isEmpty();
        assertThat(Habit.of(own, List.of(), "2", "low")).isEmpty();
    }

    @Test
    @DisplayName("early comes before late on film, in whatever order it was logged")
    void theOrderOfLoggingDoesNotMatter() {
        List<Sighting> own = new ArrayList<>(all(
                seen(Stance.SOUTHPAW, 1, "1 (parry)", 18),
                seen(Stance.SOUTHPAW, 1, "1 (slip-out)", 2),
                seen(Stance.SOUTHPAW, 3, "1 (parry)", 7),
                seen(Stance.SOUTHPAW, 3, "1 (slip-out)", 13)));
        Habit inOrder = Habit.of(own, List.of(), "1", "parry").orElseThrow();
        for (long seed = 1; seed <= 5; seed++) {
            Collections.shuffle(own, new Random(seed));
            assertThat(Habit.of(own, List.of(), "1", "parry")).contains(inOrder);
        }
    }

    @Test
    @DisplayName("which fight came first no reel says: early and late are told in each by itself")
    void earlyAndLateAreThoseOfEachFight() {
        for (String other : List.of("a earlier name", "z later name")) {
            Habit.Against change = Habit.of(
                            all(
                                    seen(Stance.SOUTHPAW, 1, "1 (parry)", 9),
                                    seen(Stance.SOUTHPAW, 3, "1 (slip-out)", 9),
                                    seen(other, Stance.SOUTHPAW, 11, "1 (parry)", 2),
                                    seen(other, Stance.SOUTHPAW, 12, "1 (catch)", 1),
                                    seen(other, Stance.SOUTHPAW, 13, "1 (slip-out)", 2)),
                            List.of(),
                            "1",
                            "parry")
                    .orElseThrow()
                    .change()
                    .orElseThrow();
            assertThat(change.here()).as(other).isEqualTo(Share.of(11, 11));
            assertThat(change.there()).as(other).isEqualTo(Share.of(0, 11));
        }
    }

    @Test
    @DisplayName(
            "early against late: Fisher's exact test; the lady tasting tea (Fisher 1935, The Design of Experiments,"
                    + " chapter II: 3 of 4 against 1 of 4, two-sided p = 34/70) needs more cups")
    void changeIsTested() {
        List<Sighting> tea = all(
                seen(Stance.SOUTHPAW, 1, "1 (parry)", 3),
                seen(Stance.SOUTHPAW, 1, "1 (slip-out)", 1),
                seen(Stance.SOUTHPAW, 2, "1 (parry)", 1),
                seen(Stance.SOUTHPAW, 2, "1 (slip-out)", 3));
        assertThat(Habit.of(tea, List.of(), "1", "parry").orElseThrow().change())
                .as("too few to ask")
                .isEmpty();
        List<Sighting> own = all(
                seen(Stance.SOUTHPAW, 1, "1 (parry)", 18),
                seen(Stance.SOUTHPAW, 1, "1 (slip-out)", 2),
                seen(Stance.SOUTHPAW, 3, "1 (parry)", 7),
                seen(Stance.SOUTHPAW, 3, "1 (slip-out)", 13));
        Habit habit = Habit.of(own, own, "1", "parry").orElseThrow();
        Habit.Against change = habit.change().orElseThrow();
        assertThat(change.here()).isEqualTo(Share.of(18, 20));
        assertThat(change.there()).isEqualTo(Share.of(7, 20));
        assertThat(change.isClear()).isTrue();
        // Against a reference test of the same table; the two differ a little by construction.
        double chi = ChiSquareTest.withDefaults()
                .test(new long[][] {{18, 2}, {7, 13}})
                .getPValue();
        assertThat(change.p()).isCloseTo(chi, within(0.002));
        assertThat(habit.base().orElseThrow().p())
                .as("the opponent against the same opponent")
                .isCloseTo(1, within(1e-9));
    }

    @Test
    void theOpponentIsComparedWithOthers() {
        List<Sighting> own = all(seen(Stance.SOUTHPAW, 1, "1b (low)", 14), seen(Stance.SOUTHPAW, 1, "1b (parry)", 2));
        List<Sighting> others =
                all(seen(Stance.SOUTHPAW, 1, "1b (low)", 6), seen(Stance.SOUTHPAW, 1, "1b (parry)", 18));
        Habit habit = Habit.of(own, others, "1b", "low").orElseThrow();
        assertThat(habit.base().orElseThrow().isClear()).isTrue();
        assertThat(habit.base().orElseThrow().there()).isEqualTo(Share.of(6, 24));
    }

    @Test
    void twoAndThreeInARow() {
        List<Sighting> own = all(
                seen(Stance.SOUTHPAW, 1, "1 (parry) 2 (high) 3b (low)", 4),
                seen(Stance.SOUTHPAW, 1, "1 (parry) 2 (lean)", 2));
        assertThat(Runs.of(own, 2).getFirst().words()).isEqualTo("1 2");
        assertThat(Runs.of(own, 2).getFirst().share()).isEqualTo(Share.of(4, 6));
        assertThat(Runs.of(own, 2).getFirst().response()).isEqualTo("high");
        assertThat(Runs.of(own, 3)).singleElement().satisfies(run -> {
            assertThat(run.words()).isEqualTo("1 2 3b");
            assertThat(run.share()).isEqualTo(Share.of(4, 4));
        });
        assertThat(Runs.of(seen(Stance.SOUTHPAW, 1, "1 (parry)", 5), 2))
                .as("not over exchanges")
                .isEmpty();
    }

    @Test
    @DisplayName(
            "film moves the reactions toward what was seen, the more the more was seen (Dirichlet posterior, by hand)")
    void reactionsLearn() {
        Stimulus jab = new Stimulus("1", Level.BODY, Side.LEAD);
        double prior = PartnerModel.usual().chance(jab, Posture.LOW).orElseThrow();
        Learned few = Learned.of(PartnerModel.usual(), seen(Stance.SOUTHPAW, 1, "1b (low)", 2));
        Learned many = Learned.of(PartnerModel.usual(), seen(Stance.SOUTHPAW, 1, "1b (low)", 32));
        assertThat(few.seen()).containsEntry(jab, 2);
        assertThat(few.model().chance(jab, Posture.LOW).orElseThrow()).isCloseTo((8 * prior + 2) / 10, within(1e-12));
        assertThat(many.model().chance(jab, Posture.LOW).orElseThrow()).isCloseTo((8 * prior + 32) / 40, within(1e-12));
        double sum = 0;
        for (Posture posture : Posture.values()) {
            sum += many.model().chance(jab, posture).orElseThrow();
        }
        assertThat(sum).isCloseTo(1, within(1e-12));
    }

    @Test
    void whatOpensOnFilmIsMoreOpen() {
        PartnerModel low = Learned.of(PartnerModel.usual(), seen(Stance.SOUTHPAW, 1, "1b (low)", 30))
                .model();
        PartnerModel still = Learned.of(PartnerModel.usual(), seen(Stance.SOUTHPAW, 1, "1b (none)", 30))
                .model();
        double usual = Lines.opening("1b 2 3", 1, Lines.OPEN, PartnerModel.usual());
        assertThat(Lines.opening("1b 2 3", 1, Lines.OPEN, low)).isGreaterThan(usual);
        assertThat(Lines.opening("1b 2 3", 1, Lines.OPEN, still)).isLessThan(usual);
    }

    @Test
    void aStrikeBackIsNoPosture() {
        assertThat(Learned.of(PartnerModel.usual(), seen(Stance.SOUTHPAW, 1, "1 (2) slip-in", 9))
                        .seen())
                .isEmpty();
    }

    @Test
    void theOddsOfReadsComeFromFilm() {
        List<Exchange> film = new ArrayList<>();
        all(
                        seen(Stance.SOUTHPAW, 1, "1 (parry)", 3),
                        seen(Stance.SOUTHPAW, 1, "1 (slip-out)", 2),
                        seen(Stance.SOUTHPAW, 1, "2 (high)", 7))
                .forEach(s -> film.add(s.exchange()));
        assertThat(FilmOdds.of(
                                Lines.read("1 { (parry): 3 | (slip-out): rlow | (none): 2 } off")
                                        .line(),
                                film,
                                Vocabulary.standard())
                        .words())
                .isEqualTo("3:2:0");
        assertThat(FilmOdds.of(Lines.read("3 { (high): 3b | (low): 2 } off").line(), film, Vocabulary.standard())
                        .words())
                .isEmpty();
    }
}
