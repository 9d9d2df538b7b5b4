package onebeat.core.hearing;

import onebeat.core.exchange.Constants;

/// Tells a second hit from the first one that rings on: pads beat and swing after a blow, and what comes then grows
/// by little, in few bands, and is softer. A logistic regression (Cox 1958, Journal of the Royal Statistical Society
/// B 20, 215–242; from memory) of five measures; its weights in `ringing-on.csv` were fitted to generated hits.
final class RingingOn {

    private static final Constants WEIGHTS = Constants.of(RingingOn.class, "ringing-on.csv", "measure");

    /// A hit is heard to ring on for so long, in seconds.
    static final double LONGEST_S = 0.12;

    private static final double MOST = 20;

    private RingingOn() {}

    /// The logarithm of how much likelier a sound soon after a hit is another hit than the first one ringing on.
    ///
    /// @param afterS how long after the hit it is, in seconds, up to [#LONGEST_S]
    /// @param louder by how much it is louder than the hit, in decibels
    static double anotherHit(SoundFeatures features, double afterS, double louder) {
        double odds = WEIGHTS.get("always")
                + WEIGHTS.get("breadth") * features.breadth()
                + WEIGHTS.get("rise") * features.rise()
                + WEIGHTS.get("peak") * features.peak()
                + WEIGHTS.get("louder") * louder
                + WEIGHTS.get("after_ms") * afterS * 1000;
        return Math.clamp(odds, -MOST, MOST);
    }
}
