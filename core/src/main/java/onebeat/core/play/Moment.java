package onebeat.core.play;

/// Both bodies, where they stand, and the gap between them right after a beat.
///
/// @param gapCm distance between the two axes, in centimetres
public record Moment(Beat beat, double gapCm, Body athlete, Body partner, Footing athleteFeet, Footing partnerFeet) {

    public Body of(Who who) {
        return who == Who.ATHLETE ? athlete : partner;
    }

    public Footing feet(Who who) {
        return who == Who.ATHLETE ? athleteFeet : partnerFeet;
    }
}
