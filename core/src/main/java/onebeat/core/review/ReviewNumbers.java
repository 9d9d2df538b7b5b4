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
    static final double TELLS_APART = TABLE.get("tells_apart");

    static final double CLOSED_NEAR = TABLE.get("closed_near");
    static final double ARM_NEAR = TABLE.get("arm_near");
    static final double UNSEEN_NEAR_MS = TABLE.get("unseen_near_ms");
    static final double FAST_NEAR = TABLE.get("fast_near");
    static final int BURST_FROM = (int) TABLE.get("burst_from");
    static final double ROOM_WHOLE = TABLE.get("room_whole");
    static final double ROOM_NEAR = TABLE.get("room_near");
    static final double TELEGRAPH_FROM = TABLE.get("telegraph_from");
    static final double HOLD_BEATS = TABLE.get("hold_beats");

    static final double ARM_ALONE = TABLE.get("arm_alone");

    private ReviewNumbers() {}
}
