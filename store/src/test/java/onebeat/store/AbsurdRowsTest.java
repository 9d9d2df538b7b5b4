package onebeat.store;

import static onebeat.store.CampFileTest.CARD;
import static onebeat.store.CampFileTest.opened;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import onebeat.core.book.Note;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.camp.PlanSetting;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
import onebeat.core.timing.Rung;
import onebeat.store.Saving.NotSaved;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Camps in which single values are absurd: each column of each table, each with values of every wrong kind.
class AbsurdRowsTest {

    @TempDir
    Path folder;

    /// Values that no column takes all of.
    private static final List<Object> ABSURD = Arrays.asList(
            Double.POSITIVE_INFINITY,
            1e300,
            -1e300,
            -1,
            0,
            Long.MAX_VALUE,
            "",
            "a\u0000b",
            "9999-99-99",
            "9999-12-31",
            "-999999999-01-01",
            "NaN",
            "1:".repeat(30_000),
            "§".repeat(1_000_000),
            new byte[] {0, 1, 2});

    private static byte[] whole = new byte[0];

    @BeforeAll
    static void makeACamp(@TempDir Path folder) throws IOException {
        Path path = folder.resolve("whole.onebeat");
        opened(CampFile.create(path, CARD, filling -> {
                    CampFileTest.oneOfEach().forEach(filling::add);
                    filling.add(Edit.add(
                            Place.PARTNERS,
                            new Partner(
                                    "p1",
                                    CARD.opponent(),
                                    true,
                                    Set.of(),
                                    JabSchool.STRAIGHT,
                                    Set.of(),
                                    Set.of(),
                                    Rung.WHOLE)));
                    filling.add(Edit.add(Place.PLAN_SETTINGS, new PlanSetting("number.HEAD", "40")));
                    filling.add(Edit.add(Place.NOTES, new Note("n1", "d1", CampFileTest.DAY, "a note", "")));
                }))
                .close();
        whole = Files.readAllBytes(path);
    }

    private Path camp() throws IOException {
        return Files.write(folder.resolve("a.onebeat"), whole);
    }

    private static Stream<Arguments> columns() {
        List<Arguments> all = new ArrayList<>();
        for (Rows<?> rows :
                Stream.concat(Stream.of(Tables.CARD), Tables.SHELVES.stream()).toList()) {
            rows.columns().forEach(column -> all.add(Arguments.of(rows.table(), column.name())));
        }
        // The database itself guards this one.
        all.removeIf(a -> a.get()[0].equals("card") && a.get()[1].equals("id"));
        return all.stream();
    }

    private static void put(Path path, String table, String column, @Nullable Object value) {
        try (Handle handle = Jdbi.create("jdbc:sqlite:" + path).open()) {
            handle.execute("PRAGMA ignore_check_constraints = 1");
            handle.createUpdate("UPDATE " + table + " SET " + column
                            + " = :value WHERE rowid = (SELECT max(rowid) FROM " + table + ")")
                    .bind("value", value)
                    .execute();
        }
    }

    /// With any value anywhere the camp opens, and what it holds is within its limits; what was set aside is in the
    /// file.
    @ParameterizedTest
    @MethodSource("columns")
    void noValueOfAColumnKeepsACampFromOpening(String table, String column) throws IOException {
        int first = (table + column).hashCode() & 0xFF;
        for (int i = 0; i < AT_ONCE; i++) {
            Path path = camp();
            put(path, table, column, ABSURD.get((first + i) % ABSURD.size()));
            try (CampFile file = opened(CampFile.open(path))) {
                assertThat(file.camp().card().firstDay().getYear()).isBetween(1900, 2200);
                assertThat(file.camp().reels().all())
                        .allSatisfy(reel -> assertThat(reel.seconds()).isBetween(0.0, 86_400.0));
                assertThat(file.setAside()).hasSameSizeAs(new int[aside(path, file)]);
            }
        }
    }

    /// So many of the values are tried on a column here; which ones differs from column to column. The soak tries
    /// all.
    private static final int AT_ONCE = 2;

    private static int aside(Path path, CampFile file) {
        assertThat(file.copyTo(path.resolveSibling("look"))).isEmpty();
        try (Handle handle =
                Jdbi.create("jdbc:sqlite:" + path.resolveSibling("look")).open()) {
            return handle.createQuery("SELECT count(*) FROM aside")
                    .mapTo(Integer.class)
                    .one();
        }
    }

    @Test
    void aBadRowIsNamedKeptAndGone() throws IOException {
        Path path = camp();
        put(path, "exchange", "outcome", "GLORIOUS");
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.camp().exchanges().size()).isEqualTo(1);
            assertThat(file.camp().drills().size()).isEqualTo(1);
            assertThat(file.setAside())
                    .hasSize(1)
                    .allSatisfy(row -> assertThat(row.toString())
                            .contains("exchange")
                            .contains("outcome")
                            .contains("GLORIOUS"));
            assertThat(aside(path, file)).isEqualTo(1);
        }
        try (CampFile again = opened(CampFile.open(path))) {
            assertThat(again.setAside()).isEmpty();
            assertThat(aside(path, again)).isEqualTo(1);
        }
    }

    @Test
    void aWishForThePlanThatSaysNothingIsNamed() throws IOException {
        Path path = camp();
        put(path, "plan_setting", "value", "perhaps");
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.camp().planSettings().size()).isZero();
            assertThat(file.setAside())
                    .singleElement()
                    .satisfies(row -> assertThat(row.toString()).contains("\"perhaps\" is nothing"));
        }
    }

    @Test
    void whatPointsNowhereIsSetAsideWithAllThatPointsAtIt() throws IOException {
        Path path = camp();
        put(path, "drill", "bpm", -5);
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.camp().drills().size()).isZero();
            assertThat(file.camp().rounds().size()).isZero();
            assertThat(file.camp().repetitions().size()).isZero();
            assertThat(file.camp().sessions().size()).isEqualTo(1);
            assertThat(file.setAside()).extracting(BadRow::place).contains("drill", "round_plan", "repetition");
        }
    }

    @Test
    void aCardWithABadDayKeepsTheRestOfItself() throws IOException {
        Path path = camp();
        put(path, "card", "fight_night", "9999-99-99");
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.camp().card().name()).isEqualTo("Saltlight");
            assertThat(file.camp().card().athlete()).isEqualTo(CARD.athlete());
            assertThat(file.setAside())
                    .singleElement()
                    .satisfies(row -> assertThat(row.toString()).contains("fight_night"));
        }
    }

    @Test
    void historyThatDoesNotParseIsToldAndChangesNothing() {
        Path path = folder.resolve("b.onebeat");
        opened(CampFile.create(path, CARD, _ -> {})).close();
        for (String history : List.of("no json", "{}", "{\"id\":1e999}", "[]", "{\"id\":\"d1\",\"made\":\"never\"}")) {
            try (CampFile file = opened(CampFile.open(path))) {
                file.save(Edit.add(
                        Place.DRILLS, CampFileTest.drill(file.camp().drills().nextId("d"), "1")));
            }
            put(path, "history", "row_after", history);
            try (CampFile file = opened(CampFile.open(path))) {
                var before = file.camp();
                assertThat(file.undo().orElseThrow())
                        .isInstanceOfSatisfying(
                                NotSaved.class,
                                not -> assertThat(not.sentence())
                                        .contains("cannot be taken back")
                                        .contains("Nothing was changed"));
                assertThat(file.camp()).isEqualTo(before);
            }
        }
    }

    /// What came and lies aside by now is gone already; what came with it is taken back.
    @Test
    void whatLiesAsideDoesNotKeepTheRestFromBeingTakenBack() {
        Path path = folder.resolve("c.onebeat");
        var before = CampFileTest.drill("d1", "1 2");
        try (CampFile file = opened(CampFile.create(path, CARD, _ -> {}))) {
            file.save(Edit.add(Place.DRILLS, before));
            file.save(Edit.together(
                    Edit.add(Place.DRILLS, CampFileTest.drill("d2", "3")),
                    Edit.add(Place.DRILLS, CampFileTest.drill("d3", "2"))));
        }
        put(path, "drill", "bpm", -5);
        try (CampFile file = opened(CampFile.open(path))) {
            assertThat(file.setAside()).hasSize(1);
            assertThat(file.undo()).isPresent();
            assertThat(file.camp().drills().all()).containsExactly(before);
            assertThat(file.undo()).isPresent();
            assertThat(file.camp().drills().size()).isZero();
            assertThat(file.redo()).isPresent();
            assertThat(file.redo()).isPresent();
            assertThat(file.camp().drills().all()).containsExactly(before, CampFileTest.drill("d2", "3"));
        }
    }
}
