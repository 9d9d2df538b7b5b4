package onebeat.core.rounds;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.exchange.Table;

/// How a bout is laid out by a rule book, and what that book has otherwise than others (F40). Each row names its
/// source; none pretends to be the current text: the commission that is in charge says what holds.
///
/// @param rounds of a bout at most
/// @param workS seconds of a round
/// @param restS seconds of rest between two rounds
/// @param source the rule book it follows
public record Scheme(String id, String name, int rounds, int workS, int restS, Differences differences, String source) {

    /// Whether something is allowed.
    public enum Allowed {
        YES,
        NO,
        /// It differs from place to place, by class or by age.
        ASK
    }

    /// What rule books differ in.
    ///
    /// @param downElbow an elbow straight down
    /// @param jointKick a kick at the joint of a knee
    /// @param headKnee a knee to the head of somebody who stands
    /// @param clinch how long it may last, in words
    public record Differences(Allowed downElbow, Allowed jointKick, Allowed headKnee, String clinch) {}

    private static final List<Scheme> ALL = Table.rows(Scheme.class, "schemes.csv").stream()
            .map(row -> new Scheme(
                    row.get("id"),
                    row.get("name"),
                    Integer.parseInt(row.get("rounds")),
                    Integer.parseInt(row.get("work_s")),
                    Integer.parseInt(row.get("rest_s")),
                    new Differences(
                            allowed(row.get("down_elbow")),
                            allowed(row.get("joint_kick")),
                            allowed(row.get("head_knee")),
                            row.get("clinch")),
                    row.get("source")))
            .toList();

    private static Allowed allowed(String word) {
        return Allowed.valueOf(word.toUpperCase(Locale.ROOT));
    }

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
