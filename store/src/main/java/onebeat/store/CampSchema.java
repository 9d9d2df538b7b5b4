package onebeat.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.jdbi.v3.core.Handle;

/// What a camp's database consists of, object by object. A file that holds anything else is no camp of ours: a trigger
/// deletes what was saved, a view shows what is not there, another table of the same name keeps less than it is given.
final class CampSchema {

    private static final String RESOURCE = "schema.txt";

    private CampSchema() {}

    /// What is in a database that is of no camp, or missing, or not as it should be; empty where all is as it should
    /// be.
    static Optional<String> foreign(Handle handle) {
        Map<String, String> found = of(handle);
        Map<String, String> wanted = wanted();
        for (Map.Entry<String, String> object : found.entrySet()) {
            String sql = wanted.get(object.getKey());
            if (sql == null) {
                return Optional.of("the " + object.getKey() + " is not part of a camp");
            }
            if (!sql.equals(object.getValue())) {
                return Optional.of("the " + object.getKey() + " is not as a camp has it");
            }
        }
        return wanted.keySet().stream()
                .filter(name -> !found.containsKey(name))
                .findFirst()
                .map(name -> "the " + name + " is missing");
    }

    /// Kind and name of each object with its definition, in order. What the database makes for itself is left out.
    static Map<String, String> of(Handle handle) {
        Map<String, String> objects = new TreeMap<>();
        handle.createQuery("SELECT type, name, sql FROM sqlite_schema WHERE name NOT LIKE 'sqlite\\_%' ESCAPE '\\'")
                .map((row, _) -> Map.entry(
                        row.getString("type") + " " + row.getString("name"),
                        Objects.requireNonNullElse(row.getString("sql"), "")))
                .forEach(object -> objects.put(object.getKey(), plain(object.getValue())));
        return objects;
    }

    private static String plain(String sql) {
        return sql.replaceAll("\\s+", " ").strip();
    }

    private static Map<String, String> wanted() {
        Map<String, String> objects = new TreeMap<>();
        for (String line : lines()) {
            String[] parts = line.split("\t", 2);
            objects.put(parts[0], parts[1]);
        }
        return objects;
    }

    private static List<String> lines() {
        try (InputStream in = CampSchema.class.getResourceAsStream(RESOURCE)) {
            return new String(Objects.requireNonNull(in, RESOURCE).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
