package onebeat.core.exchange;

/// One of the two: the athlete, or whoever stands across.
///
/// @param heightCm stature in centimetres, from 100 to 250
/// @param spanCm fingertip to fingertip with the arms out, in centimetres, from 100 to 280
public record Fighter(String name, Stance stance, double heightCm, double spanCm) {

    /// @throws IllegalArgumentException if a measure is no possible one
    public Fighter {
        if (!(heightCm >= 100 && heightCm <= 250)) {
            throw new IllegalArgumentException("height must be 100 to 250 cm, not " + heightCm);
        }
        if (!(spanCm >= 100 && spanCm <= 280)) {
            throw new IllegalArgumentException("span must be 100 to 280 cm, not " + spanCm);
        }
    }

    /// Someone of 175 cm with a span of 178 cm: the one assumed where nothing is said.
    public static Fighter usual(String name, Stance stance) {
        return new Fighter(name, stance, 175, 178);
    }
}
