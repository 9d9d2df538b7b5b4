package onebeat.core.opening;

import onebeat.core.play.Footing;

/// How far the athlete stands off the other's line.
///
/// @param offLine of the body, in radians: positive toward the other's power side, negative toward the lead side
/// @param leadOutCm how far the lead foot stands outside its usual place, in centimetres
public record Angle(double offLine, double leadOutCm) {

    /// On the line.
    static final Angle NONE = new Angle(0, 0);

    public static Angle of(Footing own, Footing other) {
        return new Angle(own.offLineOf(other), own.leadOut());
    }

    /// What an angle is worth.
    ///
    /// @param full the angle that counts whole, in radians
    /// @param fullOutCm how far out the lead foot alone would count whole, in centimetres
    record Numbers(double full, double fullOutCm) {

        static Numbers of(PartnerModel model) {
            return new Numbers(model.number("full_angle"), model.number("full_out_cm"));
        }

        /// `+1` wholly past the other's line, `-1` wholly in front of the other's power.
        double share(Angle angle) {
            return Math.clamp(angle.leadOutCm / fullOutCm - angle.offLine / full, -1, 1);
        }
    }
}
