package onebeat.store;

import static onebeat.store.CampFileTest.drill;
import static onebeat.store.CampFileTest.opened;
import static onebeat.store.CampFileTest.refused;
import static onebeat.store.CampFileTest.saved;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.stream.Collectors;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.store.Opening.Reason;
import org.jdbi.v3.core.Handle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CampSchemaTest {

    @TempDir
    private Path folder;

    private Path camp() {
        Path path = folder.resolve("a.onebeat");
        opened(CampFile.create(path, CampFileTest.CARD, f -> f.add(Edit.add(Place.DRILLS, drill("d0", "1")))))
                .close();
        return path;
    }

    /// What the migrations make. After a new migration run it with `-Donebeat.schema.write=FILE`.
    @Test
    void theSchemaThatIsAskedForIsTheOneThatIsMade() throws IOException, SQLException {
        Path path = folder.resolve("made");
        CampOpener.migrate(Sqlite.source(path, false));
        try (Connection connection = Sqlite.connect(path, false);
                Handle handle = PlainStatements.on(connection)) {
            Map<String, String> made = CampSchema.of(handle);
            String write = System.getProperty("onebeat.schema.write");
            if (write != null) {
                Files.writeString(
                        Path.of(write),
                        made.entrySet().stream()
                                .map(object -> object.getKey() + "\t" + object.getValue() + "\n")
                                .collect(Collectors.joining()));
            }
            assertThat(made).containsKeys("table exchange", "table drill", "table history");
            assertThat(CampSchema.foreign(handle)).isEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "CREATE TRIGGER t AFTER INSERT ON drill BEGIN DELETE FROM drill; END",
                "CREATE VIEW v AS SELECT * FROM drill",
                "ALTER TABLE drill ADD COLUMN extra TEXT GENERATED ALWAYS AS (name || name) VIRTUAL",
                "CREATE TABLE other (a)",
                "CREATE UNIQUE INDEX i ON drill (name)",
                "DROP TABLE draft",
            })
    void aCampWithPartsOfStrangersIsRefusedAndLeftAsItIs(String statement) throws IOException, SQLException {
        Path path = camp();
        try (Connection connection = Sqlite.connect(path, false);
                Statement change = connection.createStatement()) {
            change.execute(statement);
        }
        byte[] before = Files.readAllBytes(path);
        assertThat(refused(CampFile.open(path)))
                .satisfies(no -> assertThat(no.reason()).isEqualTo(Reason.SPOILT))
                .satisfies(no -> assertThat(no.sentence()).contains("changed by another program"));
        assertThat(refused(CampFile.read(path)).sentence()).contains("changed by another program");
        assertThat(Files.readAllBytes(path)).isEqualTo(before);
    }

    /// Statistics of the database itself are nobody's part.
    @Test
    void aCampThatWasAnalysedIsOpened() throws SQLException {
        Path path = camp();
        try (Connection connection = Sqlite.connect(path, false);
                Statement change = connection.createStatement()) {
            change.execute("ANALYZE");
        }
        try (CampFile file = opened(CampFile.open(path))) {
            saved(file.save(Edit.add(Place.DRILLS, drill("d1", "1"))));
        }
    }
}
