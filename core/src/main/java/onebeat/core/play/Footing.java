package onebeat.core.play;

import onebeat.core.exchange.Side;

/// Where one fighter stands and faces.
///
/// @param axis the spot under the middle of the body
/// @param facing where the fighter faces, in radians from the floor's first axis
/// @param handed `+1` for who stands as the athlete does at the start of the line, `-1` for the other stance
/// @param leadOut how far the lead foot stands outside its usual place, toward the own lead side, in centimetres
/// @param heightCm stature: a stance is as long and wide as the body asks
public record Footing(Spot axis, double facing, int handed, double leadOut, double heightCm) {

    static Footing at(Spot axis, double facing, int handed, double heightCm) {
        return new Footing(axis, facing, handed, 0, heightCm);
    }

    public Spot leadFoot() {
        return foot(BodyNumbers.STANCE_HALF_LENGTH * heightCm, BodyNumbers.STANCE_HALF_WIDTH * heightCm + leadOut);
    }

    public Spot rearFoot() {
        return foot(-BodyNumbers.STANCE_HALF_LENGTH * heightCm, -BodyNumbers.STANCE_HALF_WIDTH * heightCm);
    }

    private Spot foot(double forward, double aside) {
        return axis.plus(Spot.polar(forward, facing)).plus(Spot.polar(aside * handed, facing + Math.PI / 2));
    }

    /// The footing so far on the way to a later one, for pictures between two moments.
    ///
    /// @param share from 0 to 1
    public Footing toward(Footing later, double share) {
        if (handed != later.handed) {
            return share < HALF_WAY ? this : later;
        }
        return new Footing(
                new Spot(
                        axis.x() + share * (later.axis.x() - axis.x()), axis.y() + share * (later.axis.y() - axis.y())),
                facing + share * turnFrom(facing, later.facing),
                handed,
                leadOut + share * (later.leadOut - leadOut),
                heightCm);
    }

    /// Feet change all at once: half way there.
    private static final double HALF_WAY = 0.5;

    /// How far off the line of another's facing this one stands, in radians: positive toward the other's rear side,
    /// where the other's power is; negative toward the other's lead side.
    public double offLineOf(Footing other) {
        double bearing = turnFrom(other.facing, other.axis.bearingTo(axis));
        return -bearing * other.handed;
    }

    /// How far the own lead foot stands outside the other's in open pairing, measured across the line between the two
    /// toward the own lead side; negative inside (F12).
    public double leadFootOutsideCm(Footing other) {
        double across = axis.bearingTo(other.axis) + Math.PI / 2;
        double ownAside = aside(leadFoot(), across);
        double otherAside = aside(other.leadFoot(), across);
        return (ownAside - otherAside) * handed;
    }

    /// How far the lead foot stands from the line between the two, toward the own lead side.
    public double leadFootOffLineCm(Footing other) {
        double across = axis.bearingTo(other.axis) + Math.PI / 2;
        return (aside(leadFoot(), across) - aside(axis, across)) * handed;
    }

    private static double aside(Spot spot, double across) {
        return spot.x() * StrictMath.cos(across) + spot.y() * StrictMath.sin(across);
    }

    Footing facing(Footing other) {
        return new Footing(axis, axis.bearingTo(other.axis), handed, leadOut, heightCm);
    }

    /// Turned back toward the other so far that this share of the error is left.
    Footing towardFacing(Footing other, double left) {
        double to = axis.bearingTo(other.axis);
        double error = turnFrom(to, facing);
        return new Footing(axis, to + error * left, handed, leadOut, heightCm);
    }

    /// Nearer to the other by so many centimetres; negative is back. The lead foot keeps its place beside the line.
    Footing nearer(Footing other, double cm) {
        return cm == 0
                ? this
                : new Footing(axis.plus(Spot.polar(cm, axis.bearingTo(other.axis))), facing, handed, leadOut, heightCm);
    }

    /// Around the other by so many degrees, toward the own lead or rear side, facing the other.
    Footing around(Footing other, double degrees, Side toward) {
        double bearing = other.axis.bearingTo(axis);
        double sign = -handed * (toward == Side.LEAD ? 1 : -1);
        double turned = bearing + sign * StrictMath.toRadians(degrees);
        Spot spot = other.axis.plus(Spot.polar(axis.distanceTo(other.axis), turned));
        return new Footing(spot, facing, handed, 0, heightCm).facing(other);
    }

    Footing leadFootOut(double cm) {
        return new Footing(axis, facing, handed, cm, heightCm);
    }

    Footing otherStance() {
        return new Footing(axis, facing, -handed, 0, heightCm);
    }

    private static double turnFrom(double from, double to) {
        return StrictMath.IEEEremainder(to - from, 2 * Math.PI);
    }
}
