package onebeat.core.opening;

import onebeat.core.play.Angle;

/// What an angle is worth.
///
/// @param full the angle that counts whole, in radians
/// @param fullOutCm how far out the lead foot alone would count whole, in centimetres
record AngleNumbers(double full, double fullOutCm) {

    static AngleNumbers of(PartnerModel model) {
        return new AngleNumbers(model.number("full_angle"), model.number("full_out_cm"));
    }

    /// `+1` wholly past the other's line, `-1` wholly in front of the other's power.
    double share(Angle angle) {
        return Math.clamp(angle.leadOutCm() / fullOutCm - angle.offLine() / full, -1, 1);
    }
}
