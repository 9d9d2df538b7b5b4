package onebeat.core.review;

import onebeat.core.exchange.Constants;

/// The numbers of `numbers.csv`, each with its meaning and provenance in the table.
final class ReviewNumbers {

    private static final Constants TABLE = Constants.of(ReviewNumbers.class, "numbers.csv", "number");

    static final double CLOSED_BELOW = TABLE.get("closed_below");
    static final double LEAD_FOOT_OUT_CM = TABLE.get("lead_foot_out_cm");
    static final double LEAD_FOOT_LEVEL_CM = TABLE.get("lead_foot_level_cm");
    static final double MONOTONOUS_FROM = TABLE.get("monotonous_from");
    static final double SCORE_EXPOSURE = TABLE.get("score_exposure");
    static final double SCORE_BEAT = TABLE.get("score_beat");
    static final double SCORE_LIVER = TABLE.get("score_liver");
    static final double TELLS_APART = TABLE.get("tells_apart");

    private ReviewNumbers() {}
}
