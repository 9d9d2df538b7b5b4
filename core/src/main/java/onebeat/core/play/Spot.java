package onebeat.core.play;

/// A point on the floor, in centimetres. The first axis points from the athlete's start toward the partner's, the
/// second to the athlete's lead side, so that a mirrored pair of stances has the same numbers.
public record Spot(double x, double y) {

    public Spot plus(Spot other) {
        return new Spot(x + other.x, y + other.y);
    }

    public double distanceTo(Spot other) {
        double dx = other.x - x;
        double dy = other.y - y;
        return StrictMath.sqrt(dx * dx + dy * dy);
    }

    /// The direction to another spot, in radians from the first axis.
    public double bearingTo(Spot other) {
        return StrictMath.atan2(other.y - y, other.x - x);
    }

    /// So far in a direction, in radians.
    static Spot polar(double cm, double bearing) {
        return new Spot(cm * StrictMath.cos(bearing), cm * StrictMath.sin(bearing));
    }
}
