package onebeat.core.play;

import java.util.HashMap;
import java.util.Map;
import onebeat.core.exchange.Table;

/// The numbers of `body.csv`, each with its meaning and provenance in the table.
final class Constants {

    private static final Map<String, Double> VALUES = read();

    static final double KEEP_PER_BEAT = get("keep_per_beat");
    static final double FULL_FROM = get("full_from");
    static final double PART_FROM = get("part_from");
    static final double REACH_FULL = get("reach_full");
    static final double REACH_NORMAL = get("reach_normal");
    static final double REACH_LIGHT = get("reach_light");
    static final double REACH_FEINT = get("reach_feint");
    static final double POWER_NORMAL = get("power_normal");
    static final double POWER_LIGHT = get("power_light");
    static final double LOADED_FROM = get("loaded_from");
    static final double BODY_HEIGHT = get("body_height");
    static final double STEP_CM = get("level_step_cm");

    private Constants() {}

    private static double get(String name) {
        Double value = VALUES.get(name);
        if (value == null) {
            throw new IllegalStateException("body.csv has no " + name);
        }
        return value;
    }

    private static Map<String, Double> read() {
        Map<String, Double> values = new HashMap<>();
        Table.rows(Constants.class, "body.csv")
                .forEach(row -> values.put(row.get("constant"), Double.parseDouble(row.get("value"))));
        return values;
    }
}
