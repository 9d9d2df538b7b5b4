package onebeat.core.play;

/// Where a strike lands, seen from the side: so far in front of the striker's axis and so high above the floor, in
/// centimetres. What is drawn has to be there too.
public record Landing(double forwardCm, double heightCm) {}
