package onebeat.core.opening;

import java.util.Locale;
import onebeat.core.exchange.Side;

/// What the other man may be doing at one moment. One of these is never known for sure; a line moves the odds.
public enum Posture {
    GUARD,
    HIGH,
    BLOCK_LEAD,
    BLOCK_REAR,
    LOW,
    TUCK_LEAD,
    TUCK_REAR,
    SHELL,
    PARRY_LEAD,
    PARRY_REAR,
    REACH,
    LEAN,
    CHECK,
    WEIGHT_LEAD,
    TURNED,
    STEP_IN,
    RETREAT,
    GRAB;

    /// The posture that a column or row of the tables names, on this side of his where it has one.
    static Posture of(String word, Side side) {
        return switch (word) {
            case "block" -> side == Side.LEAD ? BLOCK_LEAD : BLOCK_REAR;
            case "tuck" -> side == Side.LEAD ? TUCK_LEAD : TUCK_REAR;
            case "parry" -> side == Side.LEAD ? PARRY_LEAD : PARRY_REAR;
            default -> valueOf(word.toUpperCase(Locale.ROOT));
        };
    }

    /// The word by which a partner is told to take it.
    public String word() {
        return switch (this) {
            case GUARD -> "none";
            case BLOCK_LEAD, BLOCK_REAR -> "block";
            case TUCK_LEAD, TUCK_REAR -> "tuck";
            case PARRY_LEAD, PARRY_REAR -> "parry";
            case STEP_IN -> "chase";
            case WEIGHT_LEAD -> "weight-lead";
            case HIGH, LOW, SHELL, REACH, LEAN, CHECK, TURNED, RETREAT, GRAB -> name().toLowerCase(Locale.ROOT);
        };
    }
}
