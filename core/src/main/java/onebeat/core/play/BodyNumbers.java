package onebeat.core.play;

import onebeat.core.exchange.Constants;

/// The numbers of `body.csv`, each with its meaning and provenance in the table.
final class BodyNumbers {

    private static final Constants TABLE = Constants.of(BodyNumbers.class, "body.csv", "constant");

    static final double KEEP_PER_BEAT = TABLE.get("keep_per_beat");
    static final double FULL_FROM = TABLE.get("full_from");
    static final double PART_FROM = TABLE.get("part_from");
    static final double REACH_FULL = TABLE.get("reach_full");
    static final double REACH_NORMAL = TABLE.get("reach_normal");
    static final double REACH_LIGHT = TABLE.get("reach_light");
    static final double REACH_FEINT = TABLE.get("reach_feint");
    static final double POWER_NORMAL = TABLE.get("power_normal");
    static final double POWER_LIGHT = TABLE.get("power_light");
    static final double LOADED_FROM = TABLE.get("loaded_from");
    static final double BODY_HEIGHT = TABLE.get("body_height");

    static final double STANCE_HALF_LENGTH = TABLE.get("stance_half_length");
    static final double STANCE_HALF_WIDTH = TABLE.get("stance_half_width");
    static final double MOST_GAP_CM = TABLE.get("most_gap_cm");
    static final double TURN_LEFT_PER_BEAT = TABLE.get("turn_left_per_beat");
    static final double FIGHT_BEAT_MS = TABLE.get("fight_beat_ms");
    static final double STEP_MS = TABLE.get("step_ms");
    static final double FEINT_STEP = TABLE.get("feint_step");
    static final double BACK_STEP = TABLE.get("back_step");
    static final double MOST_STEPS = TABLE.get("most_steps");
    static final double LANDS_FORWARD_CM = TABLE.get("lands_forward_cm");

    static final double DRAWN_ON_CM = TABLE.get("drawn_on_cm");
    static final double ANSWER_STEP = TABLE.get("answer_step");
    static final double LEAVING = TABLE.get("leaving");

    private BodyNumbers() {}
}
