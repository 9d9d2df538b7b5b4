package onebeat.core.opening;

import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Target;
import onebeat.core.exchange.Technique;

/// Which row of the table of reactions an action has: the first one that fits it. A row is named by an action
/// (`tie`), by an action and its level (`1/head`), or by a pattern of strikes (see [Target]).
///
/// @param byTechnique the names of rows by the action's code and its level; an action without a row has an empty map
record ReactionRows(Map<String, Map<Level, String>> byTechnique) {

    /// @param rows the names of all rows, in the order of the table
    static ReactionRows of(Set<String> rows) {
        Map<String, Optional<Target>> patterns = new LinkedHashMap<>();
        rows.forEach(row -> patterns.put(row, pattern(row)));
        Map<String, Map<Level, String>> found = new HashMap<>();
        for (Technique technique : Catalogue.standard().all()) {
            Map<Level, String> byLevel = new EnumMap<>(Level.class);
            Set<Level> levels = technique.levels().isEmpty()
                    ? Set.of(Level.NONE)
                    : technique.levels().keySet();
            for (Level level : levels) {
                patterns.entrySet().stream()
                        .filter(row -> fits(row.getKey(), row.getValue(), technique, level))
                        .findFirst()
                        .ifPresent(row -> byLevel.put(level, row.getKey()));
            }
            found.put(technique.code(), byLevel);
        }
        return new ReactionRows(Collections.unmodifiableMap(found));
    }

    private static Optional<Target> pattern(String row) {
        boolean isPattern = row.indexOf('/') != row.lastIndexOf('/');
        return isPattern ? Optional.of(Target.parse(row)) : Optional.empty();
    }

    private static boolean fits(String row, Optional<Target> pattern, Technique technique, Level level) {
        if (pattern.isPresent()) {
            return technique.isStrike() && pattern.get().fits(technique, level);
        }
        return row.equals(technique.code()) || row.equals(technique.code() + "/" + level.word());
    }
}
