package onebeat.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Edit;
import onebeat.core.film.Reel;
import onebeat.core.holding.Draw;
import onebeat.core.holding.Odds;
import onebeat.core.review.School;
import onebeat.core.timing.Rung;
import onebeat.store.Opening.Opened;
import org.flywaydb.core.Flyway;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A camp that an older One Beat wrote is brought up to date and loses nothing.
class OlderCampTest {

    @TempDir
    private Path folder;

    /// A file of the second version with a drill, a round and their history as that version wrote it.
    private Path second() {
        Path path = folder.resolve("second" + CampFile.ENDING);
        String url = "jdbc:sqlite:" + path;
        Flyway.configure()
                .dataSource(url, null, null)
                .locations("classpath:onebeat/store/migration")
                .target("2")
                .load()
                .migrate();
        try (Handle handle = Jdbi.create(url).open()) {
            handle.execute("INSERT INTO card VALUES ('card', 'Saltlight', 'Ilka', 'ORTHODOX', 168, 170, 'Noor', "
                    + "'SOUTHPAW', 177, 182, '2027-03-04', '2027-04-29', '')");
            handle.execute("INSERT INTO drill VALUES ('d1', 'Hands', '1 2', 60, '2027-03-04', '')");
            handle.execute("INSERT INTO session VALUES ('s1', '2027-03-04', 'Tonight', 'boxing')");
            handle.execute("INSERT INTO round_plan VALUES ('r1', 's1', 0, 'd1', 60, 4)");
            handle.execute(
                    "INSERT INTO history (edit, place, row_before, row_after) VALUES (1, 'round_plan', NULL, "
                            + "'{\"id\":\"r1\",\"session_id\":\"s1\",\"position\":0,\"drill_id\":\"d1\",\"bpm\":60,\"gap_beats\":4}')");
            handle.execute("PRAGMA application_id = " + Header.CAMP);
            handle.execute("PRAGMA user_version = 2");
        }
        return path;
    }

    @Test
    void roundsAndDrillsOfTheSecondVersionAreDrawnAsUsual() {
        try (CampFile file = ((Opened) CampFile.open(second())).file()) {
            var round = file.camp().rounds().get("r1").orElseThrow();
            assertThat(round.rung()).isEqualTo(Rung.WHOLE);
            assertThat(round.draw()).isEqualTo(new Draw(0, 3, 0));
            assertThat(file.camp().drills().get("d1").orElseThrow().odds()).isEqualTo(Odds.even());
            assertThat(file.camp().partner()).isEmpty();
            file.undo();
            assertThat(file.camp().rounds().size()).isZero();
            file.redo();
            assertThat(file.camp().rounds().get("r1")).contains(round);
        }
    }

    /// A camp of the third version, with a reel and with judged repetitions from before the ladder.
    private Path third() {
        Path path = folder.resolve("third" + CampFile.ENDING);
        String url = "jdbc:sqlite:" + path;
        Flyway.configure()
                .dataSource(url, null, null)
                .locations("classpath:onebeat/store/migration")
                .target("3")
                .load()
                .migrate();
        try (Handle handle = Jdbi.create(url).open()) {
            handle.execute("INSERT INTO card VALUES ('card', 'Saltlight', 'Ilka', 'ORTHODOX', 168, 170, 'Noor', "
                    + "'SOUTHPAW', 177, 182, '2027-03-04', '2027-04-29', '', '')");
            handle.execute("INSERT INTO reel VALUES ('r1', 'harbour hall', 540, 180)");
            handle.execute("INSERT INTO session VALUES ('s1', '2027-03-04', 'Tonight', 'boxing')");
            handle.execute("INSERT INTO drill VALUES ('d1', 'Hands', '1 2', 60, '2027-03-04', '', '')");
            handle.execute("INSERT INTO repetition VALUES ('p1', 'r1', 'd1', '2027-03-04', 60, 1000, 'CLEAN')");
            handle.execute("INSERT INTO history (edit, place, row_before, row_after) VALUES (1, 'reel', NULL, "
                    + "'{\"id\":\"r1\",\"name\":\"harbour hall\",\"seconds\":540,\"round_seconds\":180}')");
            handle.execute("PRAGMA application_id = " + Header.CAMP);
            handle.execute("PRAGMA user_version = 3");
        }
        return path;
    }

    @Test
    void reelsOfTheThirdVersionAreDrawnAndOfTheOpponent() {
        try (CampFile file = ((Opened) CampFile.open(third())).file()) {
            Reel reel = file.camp().reels().get("r1").orElseThrow();
            assertThat(reel.isDrawn()).isTrue();
            assertThat(reel.isOf("Noor")).isTrue();
            Repetition one = file.camp().repetitions().get("p1").orElseThrow();
            assertThat(one.rung()).isEqualTo(Rung.WHOLE);
            assertThat(one.fault()).isEmpty();
            assertThat(file.camp().sessions().get("s1").orElseThrow().template())
                    .isEmpty();
            file.undo();
            assertThat(file.camp().reels().size()).isZero();
            file.redo();
            assertThat(file.camp().reels().get("r1")).contains(reel);
        }
    }

    /// A camp that cannot be brought up to date, whatever is wrong with it, keeps its bytes.
    @Test
    void anOlderCampThatCannotBeBroughtUpToDateKeepsItsBytes() throws IOException {
        Path path = third();
        try (Handle handle = Jdbi.create("jdbc:sqlite:" + path).open()) {
            // The migration adds this table, and cannot.
            handle.execute("CREATE TABLE note (something TEXT)");
        }
        byte[] before = Files.readAllBytes(path);
        Opening.Refused refused = CampFileTest.refused(CampFile.open(path));
        assertThat(refused.sentence()).contains("left as it");
        assertThat(Files.readAllBytes(path)).isEqualTo(before);
        assertThat(path.resolveSibling(path.getFileName() + ".new")).doesNotExist();
    }

    @Test
    void anOlderCampWithABadRowOpensWithoutItAndItsOldBytesAreKept() throws IOException {
        Path path = third();
        try (Handle handle = Jdbi.create("jdbc:sqlite:" + path).open()) {
            handle.execute("INSERT INTO repetition VALUES ('p2', 'r1', 'd1', '2027-03-04', 60, 1000, 'SPLENDID')");
        }
        byte[] before = Files.readAllBytes(path);
        try (CampFile file = CampFileTest.opened(CampFile.open(path))) {
            assertThat(file.camp().repetitions().all())
                    .extracting(Repetition::id)
                    .containsExactly("p1");
            assertThat(file.setAside())
                    .singleElement()
                    .satisfies(row ->
                            assertThat(row.toString()).contains("repetition").contains("SPLENDID"));
        }
        assertThat(Copies.usual().of(path))
                .singleElement()
                .satisfies(copy -> assertThat(Files.readAllBytes(copy.file())).isEqualTo(before));
    }

    private Path first() {
        Path path = folder.resolve("old" + CampFile.ENDING);
        String url = "jdbc:sqlite:" + path;
        Flyway.configure()
                .dataSource(url, null, null)
                .locations("classpath:onebeat/store/migration")
                .target("1")
                .load()
                .migrate();
        try (Handle handle = Jdbi.create(url).open()) {
            handle.execute("INSERT INTO card VALUES ('card', 'Saltlight', 'Ilka', 'ORTHODOX', 168, 170, 'Noor', "
                    + "'SOUTHPAW', 177, 182, '2027-03-04', '2027-04-29')");
            handle.execute("PRAGMA application_id = " + Header.CAMP);
            handle.execute("PRAGMA user_version = 1");
        }
        return path;
    }

    @Test
    void theFirstVersionOpensWithTheUsualSchool() {
        try (CampFile file = ((Opened) CampFile.open(first())).file()) {
            assertThat(file.camp().card().school()).isEqualTo(School.usual());
            assertThat(file.camp().card().athlete().name()).isEqualTo("Ilka");
        }
    }

    @Test
    void aChangedSchoolIsKeptAndCanBeTakenBack() {
        Path path = first();
        School strict = School.parse("muaythai NAKED_HOOK=stop");
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            var before = file.camp().card();
            file.save(new Edit.OfCard(before, before.with(strict)));
        }
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            assertThat(file.camp().card().school()).isEqualTo(strict);
            file.undo();
            assertThat(file.camp().card().school()).isEqualTo(School.usual());
        }
    }
}
