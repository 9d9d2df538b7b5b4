package onebeat.core.timing;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Table;

/// A step of the ladder that a drill climbs, from its parts to live. What it asks of the feeder and of the
/// line lies in `rungs.csv`.
public enum Rung {
    PARTS,
    SLOW,
    WHOLE,
    TEMPO,
    BROKEN,
    READS,
    RANDOM,
    FILM,
    LIVE;

    private record Row(double showMs, boolean asksLevels, boolean asksRhythm) {}

    private static final Map<Rung, Row> ROWS = read();

    /// The word for it, for example `whole`.
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /// The step of this word.
    public static Optional<Rung> of(String id) {
        return Arrays.stream(values()).filter(r -> r.id().equals(id)).findFirst();
    }

    /// How long before its own motion the feeder shows what the feeder throws, in milliseconds.
    public double showMs() {
        return row().showMs;
    }

    /// Whether a line should change level and kind by now.
    public boolean asksLevels() {
        return row().asksLevels;
    }

    /// Whether a line should break its rhythm by now.
    public boolean asksRhythm() {
        return row().asksRhythm;
    }

    private Row row() {
        Row row = ROWS.get(this);
        if (row == null) {
            throw new IllegalStateException("rungs.csv has no " + this);
        }
        return row;
    }

    private static Map<Rung, Row> read() {
        Map<Rung, Row> rows = new EnumMap<>(Rung.class);
        for (var row : Table.rows(Rung.class, "rungs.csv")) {
            rows.put(
                    of(row.get("step")).orElseThrow(),
                    new Row(
                            Double.parseDouble(row.get("show_ms")),
                            row.get("levels").equals("yes"),
                            row.get("rhythm").equals("yes")));
        }
        return Collections.unmodifiableMap(rows);
    }
}
