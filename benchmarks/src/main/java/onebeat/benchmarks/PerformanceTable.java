package onebeat.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// One table of all that was measured in a run: each row beside something that is named and was measured in the
/// same run.
final class PerformanceTable {

    private static final List<Row> ROWS = new ArrayList<>();

    private PerformanceTable() {}

    /// @param ours what ours took, in the unit
    /// @param other what the other took, or the bound that is held against
    private record Row(String what, String unit, double ours, String beside, double other, String goal) {}

    /// Adds a row.
    ///
    /// @param what was measured
    /// @param unit of both values
    /// @param beside what it is held against
    /// @param goal what the ratio should be, for example `<= 1`; empty where there is none
    static void row(String what, String unit, double ours, String beside, double other, String goal) {
        ROWS.add(new Row(what, unit, ours, beside, other, goal));
    }

    /// Prints the rows that were measured.
    static void print() {
        if (ROWS.isEmpty()) {
            return;
        }
        System.out.printf(
                Locale.ROOT, "%n%-44s %12s %-34s %12s %8s %8s%n", "what", "ours", "beside", "", "ratio", "goal");
        for (Row row : ROWS) {
            System.out.printf(
                    Locale.ROOT,
                    "%-44s %12.2f %-34s %12.2f %8.2f %8s%n",
                    row.what + ", " + row.unit,
                    row.ours,
                    row.beside,
                    row.other,
                    row.ours / row.other,
                    row.goal);
        }
    }
}
