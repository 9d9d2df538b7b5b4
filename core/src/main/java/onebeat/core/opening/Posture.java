package onebeat.core.opening;

import java.util.Locale;
import onebeat.core.exchange.Side;

/// What the partner may be doing at one moment. One of these is never known for sure; a line moves the odds.
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
    PARRY_LOW_LEAD,
    PARRY_LOW_REAR,
    REACH,
    LEAN,
    CHECK,
    WEIGHT_LEAD,
    TURNED,
    STEP_IN,
    RETREAT,
    GRAB,
    SLIP_LEAD,
    SLIP_REAR,
    DIP,
    HAND_LOW_LEAD,
    HAND_LOW_REAR,
    TOES_IN;

    /// The posture that a column or row of the tables names, on this side of the partner where it has one.
    static Posture of(String word, Side side) {
        return switch (word) {
            case "block" -> side == Side.LEAD ? BLOCK_LEAD : BLOCK_REAR;
            case "tuck" -> side == Side.LEAD ? TUCK_LEAD : TUCK_REAR;
            case "parry" -> side == Side.LEAD ? PARRY_LEAD : PARRY_REAR;
            case "parry_low" -> side == Side.LEAD ? PARRY_LOW_LEAD : PARRY_LOW_REAR;
            case "slip" -> side == Side.LEAD ? SLIP_LEAD : SLIP_REAR;
            case "hand_low" -> side == Side.LEAD ? HAND_LOW_LEAD : HAND_LOW_REAR;
            default -> valueOf(word.toUpperCase(Locale.ROOT));
        };
    }

    /// Whether a row of the tables is told for the lead side and holds mirrored for the rear one.
    static boolean isSided(String word) {
        return of(word, Side.LEAD) != of(word, Side.REAR);
    }

    /// Whether it is how somebody stands all along rather than an answer to something.
    public boolean isCarriage() {
        return this == HAND_LOW_LEAD || this == HAND_LOW_REAR || this == TOES_IN;
    }

    /// Whether it can be held: a head that has slipped comes back by itself.
    boolean holds() {
        return this != SLIP_LEAD && this != SLIP_REAR && this != DIP;
    }

    /// The word by which a partner is told to take it.
    public String word() {
        return switch (this) {
            case GUARD -> "none";
            case BLOCK_LEAD, BLOCK_REAR -> "block";
            case TUCK_LEAD, TUCK_REAR -> "tuck";
            case PARRY_LEAD, PARRY_REAR, PARRY_LOW_LEAD, PARRY_LOW_REAR -> "parry";
            case STEP_IN -> "chase";
            case WEIGHT_LEAD -> "weight-lead";
            case SLIP_LEAD, SLIP_REAR -> "slip-out";
            case HAND_LOW_LEAD -> "low-lead";
            case HAND_LOW_REAR -> "low-rear";
            case TOES_IN -> "toes-in";
            case HIGH, LOW, SHELL, REACH, LEAN, CHECK, TURNED, RETREAT, GRAB, DIP -> name().toLowerCase(Locale.ROOT);
        };
    }
}
