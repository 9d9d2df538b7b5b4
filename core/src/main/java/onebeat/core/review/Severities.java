package onebeat.core.review;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import onebeat.core.exchange.Table;

/// The severity of each code. Schools differ, so a camp can set its own.
public final class Severities {

    private static final Severities USUAL = read();

    private final Map<Code, Severity> byCode;

    private Severities(Map<Code, Severity> byCode) {
        this.byCode = Collections.unmodifiableMap(byCode);
    }

    /// The defaults of `severities.csv`.
    public static Severities usual() {
        return USUAL;
    }

    /// These, with one changed.
    public Severities with(Code code, Severity severity) {
        Map<Code, Severity> changed = new EnumMap<>(byCode);
        changed.put(code, severity);
        return new Severities(changed);
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
        Table.rows(Severities.class, "severities.csv")
                .forEach(row -> rows.put(
                        Code.valueOf(row.get("code")),
                        Severity.valueOf(row.get("severity").toUpperCase(Locale.ROOT))));
        return new Severities(rows);
    }
}
