package onebeat.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import onebeat.core.camp.Edit;
import onebeat.core.review.Code;
import onebeat.core.review.School;
import onebeat.core.review.Severity;
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
        School strict = new School("muaythai", Map.of(), Map.of(Code.NAKED_HOOK, Severity.STOP));
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            var before = file.camp().card();
            var after = new onebeat.core.camp.Card(
                    before.name(), before.athlete(), before.opponent(), before.firstDay(), before.fightNight(), strict);
            file.save(new Edit.OfCard(before, after));
        }
        try (CampFile file = ((Opened) CampFile.open(path)).file()) {
            assertThat(file.camp().card().school()).isEqualTo(strict);
            file.undo();
            assertThat(file.camp().card().school()).isEqualTo(School.usual());
        }
    }
}
