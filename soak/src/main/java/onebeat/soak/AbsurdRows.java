package onebeat.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import onebeat.store.CampFile;

/// Each column of each table of the demo camp with each of some absurd values, in all rows. Whatever it is, the camp
/// opens, and opens again with nothing more to set aside.
final class AbsurdRows implements Part {

    private static final List<Object> ABSURD = List.of(
            Double.POSITIVE_INFINITY,
            1e300,
            -1e300,
            Double.MIN_VALUE,
            -1,
            0,
            Long.MAX_VALUE,
            Long.MIN_VALUE,
            "",
            " ",
            "a\0b",
            "9999-99-99",
            "9999-12-31",
            "-999999999-01-01",
            "NaN",
            "1:".repeat(30_000),
            "(".repeat(15_000),
            "§".repeat(1_000_000),
            new byte[] {0, 1, 2});

    private record Column(String table, String name) {}

    private final Path folder;
    private final byte[] whole;
    private final List<Column> columns = new ArrayList<>();

    AbsurdRows(Path folder) {
        this.folder = folder;
        try {
            Path path = Camps.demo(folder.resolve("rows.onebeat"));
            this.whole = Files.readAllBytes(path);
            readColumns(path);
        } catch (IOException | SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private void readColumns(Path path) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + path);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(
                        "SELECT m.name AS t, p.name AS c FROM sqlite_master m, pragma_table_info(m.name) p "
                                + "WHERE m.type = 'table' AND m.name NOT LIKE 'sqlite%' AND m.name NOT LIKE 'flyway%' "
                                + "AND NOT (m.name = 'card' AND p.name = 'id')")) {
            while (rows.next()) {
                columns.add(new Column(rows.getString("t"), rows.getString("c")));
            }
        }
    }

    @Override
    public String name() {
        return "absurd-rows";
    }

    @Override
    public int usually() {
        return columns.size() * ABSURD.size();
    }

    @Override
    public void attempt(long seed) throws Exception {
        int at = (int) Math.floorMod(seed - 1, (long) usually());
        Column column = columns.get(at / ABSURD.size());
        Object value = ABSURD.get(at % ABSURD.size());
        Path path = Files.write(folder.resolve("absurd.onebeat"), whole);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + path)) {
            put(connection, column, value);
        }
        try (CampFile file = Camps.opened(CampFile.open(path))) {
            file.undo();
            file.save(Camps.edit(new Random(seed), file.camp()));
            file.camp().context();
            file.camp().studied();
        }
        try (CampFile again = Camps.opened(CampFile.open(path))) {
            Part.must(again.setAside().isEmpty(), column + ": set aside at the second opening too");
        }
    }

    /// Where all rows cannot hold it, one does.
    private static void put(Connection connection, Column column, Object value) throws SQLException {
        for (String which : List.of("", " WHERE rowid = (SELECT max(rowid) FROM " + column.table + ")")) {
            String sql = "UPDATE " + column.table + " SET " + column.name + " = ?" + which;
            try (PreparedStatement update = connection.prepareStatement(sql)) {
                update.setObject(1, value);
                update.executeUpdate();
                return;
            } catch (SQLException _) {
                // A key that may stand only once, or a column that takes no such value at all.
            }
        }
    }
}
