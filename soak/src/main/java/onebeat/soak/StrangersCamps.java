package onebeat.soak;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import onebeat.store.CampFile;
import onebeat.store.Opening.Refused;

/// Camps with parts that another program put into their database: triggers, views, tables and columns. Each is refused
/// in a sentence, for writing and for reading, and its bytes stay as they are.
final class StrangersCamps implements Part {

    private static final List<String> TABLES =
            List.of("exchange", "drill", "reel", "history", "draft", "repetition", "partner", "card", "aside");
    private static final List<String> TIMES = List.of("AFTER INSERT", "BEFORE DELETE", "AFTER UPDATE", "BEFORE INSERT");

    private final Path folder;

    StrangersCamps(Path folder) {
        this.folder = folder;
    }

    @Override
    public String name() {
        return "strangers";
    }

    @Override
    public int usually() {
        return 200;
    }

    @Override
    public void attempt(long seed) throws Exception {
        Random random = new Random(seed);
        Path path = folder.resolve("strange.onebeat");
        Files.deleteIfExists(path);
        Camps.empty(path);
        String change = change(random);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + path);
                Statement statement = connection.createStatement()) {
            statement.execute(change);
        }
        byte[] before = Files.readAllBytes(path);
        Part.must(CampFile.open(path) instanceof Refused, "opened with " + change);
        Part.must(CampFile.read(path) instanceof Refused, "read with " + change);
        Part.must(Arrays.equals(Files.readAllBytes(path), before), "other bytes after " + change);
    }

    private static String change(Random random) {
        String table = TABLES.get(random.nextInt(TABLES.size()));
        String other = TABLES.get(random.nextInt(TABLES.size()));
        return switch (random.nextInt(6)) {
            case 0 ->
                "CREATE TRIGGER t " + TIMES.get(random.nextInt(TIMES.size())) + " ON " + table + " BEGIN DELETE FROM "
                        + other + "; END";
            case 1 -> "CREATE VIEW v" + random.nextInt(9) + " AS SELECT * FROM " + table;
            case 2 -> "ALTER TABLE " + table + " ADD COLUMN extra TEXT GENERATED ALWAYS AS ('x') VIRTUAL";
            case 3 -> "ALTER TABLE " + table + " RENAME TO was_" + table;
            case 4 -> "CREATE TABLE more (a TEXT, UNIQUE (a) ON CONFLICT REPLACE)";
            default -> "CREATE INDEX i ON " + table + " (1)";
        };
    }
}
