package onebeat.core.play;

/// Both bodies and the gap between them right after a beat.
///
/// @param gapCm distance between the two, in centimetres
public record Moment(Beat beat, double gapCm, Body athlete, Body partner) {

    public Body of(Who who) {
        return who == Who.ATHLETE ? athlete : partner;
    }
}
