package onebeat.core.book;

import java.util.List;
import onebeat.core.exchange.Table;

/// Something that a partner or coach sees going wrong in a repetition (F33).
///
/// @param id its key in the camp file
/// @param words how it is told
public record Fault(String id, String words) {

    private static final List<Fault> ALL = Table.rows(Fault.class, "faults.csv").stream()
            .map(row -> new Fault(row.get("id"), row.get("words")))
            .toList();

    /// All faults of `faults.csv`, at most nine: each has a digit.
    public static List<Fault> all() {
        return ALL;
    }
}
