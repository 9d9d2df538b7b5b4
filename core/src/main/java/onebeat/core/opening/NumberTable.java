package onebeat.core.opening;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import onebeat.core.exchange.Table;

/// A table of numbers by row and column, of which a coach may change any one.
public final class NumberTable {

    /// One number's place.
    public record Cell(String row, String column) {}

    private final Map<String, Map<String, Double>> rows;

    private NumberTable(Map<String, Map<String, Double>> rows) {
        this.rows = rows;
    }

    /// Reads a shipped table.
    ///
    /// @param words columns that hold no numbers besides the row's name and the provenance
    static NumberTable read(String name, String rowColumn, Set<String> words) {
        Map<String, Map<String, Double>> rows = new LinkedHashMap<>();
        for (var row : Table.rows(NumberTable.class, name)) {
            Map<String, Double> numbers = new LinkedHashMap<>();
            row.toMap().forEach((column, text) -> {
                if (!column.equals(rowColumn) && !column.equals("provenance") && !words.contains(column)) {
                    numbers.put(column, Double.parseDouble(text));
                }
            });
            rows.put(row.get(rowColumn), Collections.unmodifiableMap(numbers));
        }
        return new NumberTable(Collections.unmodifiableMap(rows));
    }

    public Set<String> rows() {
        return rows.keySet();
    }

    public Map<String, Double> row(String name) {
        return rows.getOrDefault(name, Map.of());
    }

    /// The number of a table whose numbers stand in the column `value`.
    ///
    /// @throws IllegalStateException if it is not there: a fault of the build
    public double value(String row) {
        Double value = row(row).get("value");
        if (value == null) {
            throw new IllegalStateException("no number " + row);
        }
        return value;
    }

    /// All places, in the order of the table.
    public List<Cell> cells() {
        List<Cell> cells = new ArrayList<>();
        rows.forEach((row, numbers) -> numbers.keySet().forEach(column -> cells.add(new Cell(row, column))));
        return cells;
    }

    /// The number at this place.
    public double at(Cell cell) {
        return row(cell.row()).getOrDefault(cell.column(), 0.0);
    }

    /// The same table with another number there.
    public NumberTable with(Cell cell, double value) {
        Map<String, Map<String, Double>> changed = new LinkedHashMap<>(rows);
        Map<String, Double> row = new LinkedHashMap<>(row(cell.row()));
        row.put(cell.column(), value);
        changed.put(cell.row(), Collections.unmodifiableMap(row));
        return new NumberTable(Collections.unmodifiableMap(changed));
    }
}
