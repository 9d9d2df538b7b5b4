package onebeat.core.review;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Technique;

/// What may be thrown where, and what may be held: one rule set of `rules.csv`, or the coach's own made from one.
///
/// The table is a help and no rule book: the sanctioning body's and the local rules come first.
public final class RuleSet {

    private static final Map<String, RuleSet> SHIPPED = readAll();

    private final String id;
    private final Map<String, Set<Level>> targets;

    private RuleSet(String id, Map<String, Set<Level>> targets) {
        this.id = id;
        this.targets = targets;
    }

    /// The words of the shipped rule sets.
    public static Set<String> ids() {
        return Collections.unmodifiableSet(new TreeSet<>(SHIPPED.keySet()));
    }

    public static Optional<RuleSet> of(String id) {
        return Optional.ofNullable(SHIPPED.get(id));
    }

    /// Kickboxing: what is assumed where nothing is said.
    public static RuleSet usual() {
        return of("kickboxing").orElseThrow();
    }

    public String id() {
        return id;
    }

    /// The coach's own: these rules with one thing changed.
    ///
    /// @param what a family, or the canonical name of a technique that goes by a rule of its own
    public RuleSet own(String what, Set<Level> allowedAt) {
        Map<String, Set<Level>> changed = new HashMap<>(targets);
        changed.put(what, Set.copyOf(allowedAt));
        return new RuleSet("own", changed);
    }

    /// Whether a strike may go there, or a hold be taken.
    public boolean allows(Technique technique, Level level) {
        if (technique.kind() != Kind.STRIKE && technique.kind() != Kind.CLINCH) {
            return true;
        }
        Set<Level> allowed = targets.get(technique.code());
        if (allowed == null) {
            allowed = targets.getOrDefault(technique.family().name().toLowerCase(Locale.ROOT), Set.of());
        }
        return allowed.contains(level);
    }

    /// Whether knees are thrown at all: who rolls under a hook rolls into them.
    public boolean hasKnees() {
        return !targets.getOrDefault(Family.KNEE.name().toLowerCase(Locale.ROOT), Set.of())
                .isEmpty();
    }

    private static Map<String, RuleSet> readAll() {
        Map<String, Map<String, Set<Level>>> rows = new HashMap<>();
        for (var row : Table.rows(RuleSet.class, "rules.csv")) {
            rows.computeIfAbsent(row.get("rules"), _ -> new HashMap<>())
                    .put(row.get("what"), levels(row.get("targets")));
        }
        Map<String, RuleSet> sets = new HashMap<>();
        rows.forEach((id, targets) -> sets.put(id, new RuleSet(id, targets)));
        return sets;
    }

    private static Set<Level> levels(String text) {
        List<Level> levels = new ArrayList<>();
        for (String word : text.isBlank() ? new String[0] : text.split(" ")) {
            levels.add(word.equals("hold") ? Level.NONE : Level.valueOf(word.toUpperCase(Locale.ROOT)));
        }
        return levels.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(levels));
    }
}
