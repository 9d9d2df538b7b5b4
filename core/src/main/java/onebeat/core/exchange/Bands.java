package onebeat.core.exchange;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;

/// The distance that each range band stands for, in centimetres between the two bodies.
public final class Bands {

    private static final Map<Band, Double> MIDDLE_CM = read();

    private Bands() {}

    /// The middle of a band, in centimetres.
    public static double middleCm(Band band) {
        Double cm = MIDDLE_CM.get(band);
        if (cm == null) {
            throw new IllegalStateException("bands.csv has no " + band);
        }
        return cm;
    }

    /// The band whose middle is nearest to this distance.
    public static Band at(double gapCm) {
        Band best = Band.CLINCH;
        for (Band band : Band.values()) {
            if (Math.abs(middleCm(band) - gapCm) < Math.abs(middleCm(best) - gapCm)) {
                best = band;
            }
        }
        return best;
    }

    private static Map<Band, Double> read() {
        Map<Band, Double> cm = new EnumMap<>(Band.class);
        for (var row : Table.rows(Bands.class, "bands.csv")) {
            cm.put(Band.valueOf(row.get("band").toUpperCase(Locale.ROOT)), Double.parseDouble(row.get("gap_cm")));
        }
        return Collections.unmodifiableMap(cm);
    }
}
