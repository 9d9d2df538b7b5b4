package onebeat.core.exchange;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;

/// A measure of the body as a fraction of stature: heights above the floor of someone standing, and lengths of limbs
/// (`proportions.csv`; Drillis and Contini 1966).
public enum Segment {
    EYE,
    CHIN,
    SHOULDER,
    HIP,
    KNEE,
    ANKLE,
    UPPER_ARM,
    FOREARM,
    HAND,
    HALF_SHOULDERS,
    HALF_HIPS,
    FOOT;

    private static final Map<Segment, Double> SHARES = read();

    /// The share of stature, for example 0.530 for the hip's height.
    public double share() {
        Double share = SHARES.get(this);
        if (share == null) {
            throw new IllegalStateException("proportions.csv has no " + this);
        }
        return share;
    }

    /// The measure of someone of this stature, in centimetres.
    public double of(double heightCm) {
        return share() * heightCm;
    }

    private static Map<Segment, Double> read() {
        Map<Segment, Double> shares = new EnumMap<>(Segment.class);
        for (var row : Table.rows(Segment.class, "proportions.csv")) {
            Segment segment = valueOf(row.get("segment").toUpperCase(Locale.ROOT));
            shares.put(segment, Double.parseDouble(row.get("share_of_stature")));
        }
        return Collections.unmodifiableMap(shares);
    }
}
