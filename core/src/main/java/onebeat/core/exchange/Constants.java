package onebeat.core.exchange;

import java.util.HashMap;
import java.util.Map;

/// The numbers of a table with the columns `constant` (or `number`), `value`, `meaning` and `provenance`.
public final class Constants {

    private final String table;
    private final Map<String, Double> values = new HashMap<>();

    private Constants(String table) {
        this.table = table;
    }

    /// The numbers of the table `name` beside the class `owner`.
    ///
    /// @param key the column with the names
    public static Constants of(Class<?> owner, String name, String key) {
        Constants constants = new Constants(name);
        Table.rows(owner, name)
                .forEach(row -> constants.values.put(row.get(key), Double.parseDouble(row.get("value"))));
        return constants;
    }

    /// The number of this name.
    ///
    /// @throws IllegalStateException if the table has none: a fault of the build
    public double get(String constant) {
        Double value = values.get(constant);
        if (value == null) {
            throw new IllegalStateException(table + " has no " + constant);
        }
        return value;
    }
}
