package onebeat.core.review;

import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Table;

/// The severity of each code. Schools differ, so a camp can set its own.
public final class Severities {

    private static final Severities USUAL = read();

    /// In the table: not told at all.
    private static final String NOTHING = "none";

    private final Map<Code, Severity> byCode;

    /// What is told otherwise under some rules, by their id: the school of those who fight under them.
    private final Map<Code, Map<String, Optional<Severity>>> underRules;

    private Severities(Map<Code, Severity> byCode, Map<Code, Map<String, Optional<Severity>>> underRules) {
        this.byCode = Collections.unmodifiableMap(byCode);
        this.underRules = Collections.unmodifiableMap(underRules);
    }

    /// The defaults of `severities.csv`.
    public static Severities usual() {
        return USUAL;
    }

    /// These, with one changed, whatever the rules.
    public Severities with(Code code, Severity severity) {
        Map<Code, Severity> changed = new EnumMap<>(byCode);
        changed.put(code, severity);
        Map<Code, Map<String, Optional<Severity>>> others = new EnumMap<>(Code.class);
        others.putAll(underRules);
        others.remove(code);
        return new Severities(changed, others);
    }

    /// The severity of a code under rules; empty where it is not told under them.
    public Optional<Severity> of(Code code, RuleSet rules) {
        Map<String, Optional<Severity>> under = underRules.getOrDefault(code, Map.of());
        return under.getOrDefault(rules.id(), Optional.of(of(code)));
    }

    public Severity of(Code code) {
        Severity severity = byCode.get(code);
        if (severity == null) {
            throw new IllegalStateException("severities.csv has no " + code);
        }
        return severity;
    }

    private static Severities read() {
        Map<Code, Severity> rows = new EnumMap<>(Code.class);
        Map<Code, Map<String, Optional<Severity>>> underRules = new EnumMap<>(Code.class);
        Table.rows(Severities.class, "severities.csv").forEach(row -> {
            Code code = Code.valueOf(row.get("code"));
            rows.put(code, severity(row.get("severity")));
            for (String other : row.get("under_rules").split(" ", -1)) {
                int equals = other.indexOf('=');
                if (equals > 0) {
                    String word = other.substring(equals + 1);
                    underRules
                            .computeIfAbsent(code, _ -> new HashMap<>())
                            .put(
                                    other.substring(0, equals),
                                    word.equals(NOTHING) ? Optional.empty() : Optional.of(severity(word)));
                }
            }
        });
        return new Severities(rows, underRules);
    }

    private static Severity severity(String word) {
        return Severity.valueOf(word.toUpperCase(Locale.ROOT));
    }
}
