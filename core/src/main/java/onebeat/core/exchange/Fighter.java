package onebeat.core.exchange;

/// One of the two: the athlete, or whoever stands across.
///
/// @param heightCm stature in centimetres, from 100 to 250
/// @param spanCm fingertip to fingertip with the arms out, in centimetres, from 100 to 280
public record Fighter(String name, Stance stance, double heightCm, double spanCm) {

    public static final double LEAST_CM = 100;
    public static final double MOST_HEIGHT_CM = 250;
    public static final double MOST_SPAN_CM = 280;

    /// @throws IllegalArgumentException if a measure is no possible one
    public Fighter {
        if (!(heightCm >= LEAST_CM && heightCm <= MOST_HEIGHT_CM)) {
            throw new IllegalArgumentException("height must be 100 to 250 cm, not " + heightCm);
        }
        if (!(spanCm >= LEAST_CM && spanCm <= MOST_SPAN_CM)) {
            throw new IllegalArgumentException("span must be 100 to 280 cm, not " + spanCm);
        }
    }

    /// Someone of 175 cm with a span of 178 cm: the one assumed where nothing is said.
    public static Fighter usual(String name, Stance stance) {
        return new Fighter(name, stance, 175, 178);
    }
}
