package onebeat.core.play;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Technique;

/// What an action does on the floor besides going nearer or away (`floor.csv`).
///
/// @param leadOutCm how far the lead foot steps out
/// @param aroundDeg how far the fighter goes around the other, in degrees
public record FloorMove(double leadOutCm, double aroundDeg, Toward toward) {

    /// Toward which side.
    public enum Toward {
        LEAD,
        REAR,
        /// Away from the partner's power side (F10).
        SAFE
    }

    private static final Map<String, FloorMove> ROWS = read();

    /// What a technique does; empty where it does nothing of the kind.
    public static Optional<FloorMove> of(Technique technique) {
        return Optional.ofNullable(ROWS.get(technique.code()));
    }

    private static Map<String, FloorMove> read() {
        Map<String, FloorMove> rows = new HashMap<>();
        Table.rows(FloorMove.class, "floor.csv")
                .forEach(row -> rows.put(
                        row.get("action"),
                        new FloorMove(
                                Double.parseDouble(row.get("lead_out_cm")),
                                Double.parseDouble(row.get("around_deg")),
                                Toward.valueOf(row.get("toward").toUpperCase(Locale.ROOT)))));
        return rows;
    }
}
