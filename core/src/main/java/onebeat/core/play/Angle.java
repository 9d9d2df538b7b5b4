package onebeat.core.play;

/// How far one fighter stands off the other's line.
///
/// @param offLine of the body, in radians: positive toward the other's power side, negative toward the lead side
/// @param leadOutCm how far the lead foot stands outside its usual place, in centimetres
public record Angle(double offLine, double leadOutCm) {

    /// On the line.
    public static final Angle NONE = new Angle(0, 0);

    /// As one stands to another.
    public static Angle of(Footing own, Footing other) {
        return new Angle(own.offLineOf(other), own.leadOut());
    }
}
