package onebeat.desktop.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.film.FollowUps;
import onebeat.core.film.FollowUps.After;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.core.review.Severity;
import onebeat.formats.film.FilmCsv;
import onebeat.store.Opening.Opened;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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
        assertThat(camp.exchanges().size()).isEqualTo(40);
        assertThat(camp.exchanges().all()).allMatch(e -> e.timeS() < 540 && e.round() <= 3);
    }

    @Test
    void fiveHabitsShow() {
        List<After> habits = FollowUps.of(camp.exchanges().all(), Who.PARTNER, camp.vocabulary());
        assertThat(habits.stream().filter(h -> h.seen() >= 5).map(After::stimulus))
                .containsExactlyInAnyOrder("1", "1b", "inlow", "3", "out");
        assertThat(habits.stream().filter(h -> h.seen() >= 5))
                .allSatisfy(h ->
                        assertThat(h.responses().getFirst().share().share()).isGreaterThan(0.7));
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
    void tonightAndTwoJudgedEveningsAreThere() {
        assertThat(camp.roundsOf(camp.sessionOn(TODAY).orElseThrow().id())).hasSize(4);
        assertThat(camp.repetitions().all().stream().map(r -> r.date()).distinct())
                .hasSize(2);
        assertThat(camp.card().fightNight()).isAfter(TODAY);
    }
}
