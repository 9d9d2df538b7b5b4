package onebeat.core.rounds;

import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Table;

/// How long rounds and rests are, by rule set (F40).
///
/// @param workS seconds of a round
/// @param restS seconds of rest between two rounds
/// @param source the rule book it follows
public record Scheme(String id, String name, int workS, int restS, String source) {

    private static final List<Scheme> ALL = Table.rows(Scheme.class, "schemes.csv").stream()
            .map(row -> new Scheme(
                    row.get("id"),
                    row.get("name"),
                    Integer.parseInt(row.get("work_s")),
                    Integer.parseInt(row.get("rest_s")),
                    row.get("source")))
            .toList();

    /// All schemes of `schemes.csv`.
    public static List<Scheme> all() {
        return ALL;
    }

    /// The scheme of this id.
    public static Optional<Scheme> byId(String id) {
        return ALL.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /// The first scheme: what a session starts with.
    public static Scheme usual() {
        return ALL.getFirst();
    }

    /// The next scheme in the table, from the last back to the first.
    public Scheme next() {
        return ALL.get((ALL.indexOf(this) + 1) % ALL.size());
    }
}
