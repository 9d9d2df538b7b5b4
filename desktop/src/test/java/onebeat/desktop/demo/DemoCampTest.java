package onebeat.desktop.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Ladders;
import onebeat.core.film.FightPlan;
import onebeat.core.film.FollowUps;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.Habit;
import onebeat.core.film.Reel;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Sighting;
import onebeat.core.film.Sightings;
import onebeat.core.ladder.Ladder;
import onebeat.core.ladder.Stage;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.core.review.Severity;
import onebeat.core.timing.Rung;
import onebeat.formats.film.FilmCsv;
import onebeat.store.Opening.Opened;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The demo is what a stranger sees first: it has to hold.
class DemoCampTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 3, 4);

    @TempDir
    Path folder;

    private Camp camp;

    @BeforeEach
    void open() {
        Opened opened = (Opened) DemoCamp.openOrCreate(folder.resolve("demo.onebeat"), TODAY);
        camp = opened.file().camp();
        opened.file().close();
    }

    @Test
    void everyExchangeCouldBeRead() throws IOException {
        try (Reader file = new InputStreamReader(
                Objects.requireNonNull(DemoCamp.class.getResourceAsStream("/onebeat/desktop/demo/film.csv")),
                StandardCharsets.UTF_8)) {
            assertThat(FilmCsv.read(file, Vocabulary.standard()).rejected()).isEmpty();
        }
        assertThat(camp.exchangesOn("harbour-hall")).hasSize(40);
        for (Reel reel : camp.reels().all()) {
            assertThat(camp.exchangesOn(reel.id()))
                    .isNotEmpty()
                    .allMatch(e -> e.timeS() < reel.seconds() && e.round() == reel.roundAt(e.timeS()));
        }
        assertThat(camp.studiedOfOthers()).hasSizeGreaterThan(50);
    }

    @Test
    void noorsHabitsShow() {
        List<After> habits = FollowUps.of(camp.studied(), Who.PARTNER, camp.vocabulary());
        assertThat(habits.stream().filter(h -> h.seen() >= 5).map(After::stimulus))
                .containsExactlyInAnyOrder("1", "1b", "inlow", "3", "out");
        assertThat(habits.stream().filter(h -> h.seen() >= 5 && !h.stimulus().equals("3")))
                .allSatisfy(h ->
                        assertThat(h.responses().getFirst().share().share()).isGreaterThanOrEqualTo(0.7));
    }

    @Test
    void behindACrossTheLeadHookMakesNoorLeanAndBareItIsPunished() {
        List<Sighting> seen = Sightings.of(camp.studied(), Who.PARTNER, camp.vocabulary());
        FightPlan plan = FightPlan.of(FollowUps.of(seen), camp.againstOpponent(), Repertoire.usual());
        assertThat(plan.plans()).hasSize(3);
        assertThat(plan.avoid().getFirst().stimulus()).isEqualTo("3");
        assertThat(plan.avoid().getFirst().response()).isEqualTo("2");
    }

    @Test
    void noorParriesLowMoreThanOthersDo() {
        Habit habit = Habit.of(
                        Sightings.of(camp.studied(), Who.PARTNER, camp.vocabulary()),
                        Sightings.of(camp.studiedOfOthers(), Who.PARTNER, camp.vocabulary()),
                        "1b",
                        "low")
                .orElseThrow();
        assertThat(habit.base().orElseThrow().isClear()).isTrue();
        assertThat(habit.base().orElseThrow().here().share())
                .isGreaterThan(habit.base().orElseThrow().there().share());
    }

    @ParameterizedTest
    @ValueSource(strings = {"drills.csv", "film.csv", "partners.csv", "reels.csv", "sessions.csv"})
    void noWordOfItGuessesAGender(String file) throws IOException {
        try (InputStream words = DemoCamp.class.getResourceAsStream("/onebeat/desktop/demo/" + file)) {
            assertThat(new String(Objects.requireNonNull(words).readAllBytes(), StandardCharsets.UTF_8))
                    .doesNotContainPattern("(?i)\\b(he|him|his|she|her|hers)\\b");
        }
    }

    @Test
    void noLineHasAStopOrAWarning() {
        assertThat(camp.drills().size()).isEqualTo(15);
        for (Drill drill : camp.drills().all()) {
            Read read = (Read) Notation.read(drill.line());
            assertThat(read.canonical()).isEqualTo(drill.line());
            assertThat(Review.withoutMends(read, camp.context()).findings())
                    .as(drill.line())
                    .noneMatch(f -> f.severity() != Severity.NOTE);
        }
    }

    @Test
    void everyLineClimbsItsLadderWithoutAStop() {
        for (Drill drill : camp.drills().all()) {
            Ladder ladder = new Ladders().of(camp, (Read) Notation.read(drill.line()));
            assertThat(ladder.stages().stream().map(Stage::rung).distinct())
                    .as(drill.line())
                    .containsExactly(Rung.values());
            double before = 0;
            for (Stage stage : ladder.stages()) {
                Review review = Review.withoutMends(
                        (Read) Notation.read(stage.line()),
                        camp.context().at(stage.bpm()).on(stage.rung()));
                assertThat(review.hasStop()).as(stage.toString()).isFalse();
                assertThat(stage.difficulty()).as(stage.toString()).isGreaterThanOrEqualTo(before);
                before = stage.difficulty();
            }
        }
    }

    @Test
    void tonightAndTwoJudgedEveningsAreThere() {
        assertThat(camp.roundsOf(camp.sessionOn(TODAY).orElseThrow().id())).hasSize(4);
        assertThat(camp.repetitions().all().stream().map(r -> r.date()).distinct())
                .hasSize(2);
        assertThat(camp.card().fightNight()).isAfter(TODAY);
    }
}
