package onebeat.core.opening;

import onebeat.core.exchange.Arrival;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;

/// A place on the other fighter where a strike lands, told from their stance.
public enum Zone {
    HEAD_FRONT,
    HEAD_LEAD,
    HEAD_REAR,
    CHIN_BELOW,
    BODY_FRONT,
    BODY_LEAD,
    BODY_REAR,
    LEAD_THIGH_OUT,
    LEAD_THIGH_IN,
    LEAD_CALF,
    REAR_LEG;

    /// Where a strike lands.
    ///
    /// A low kick from the rear meets the outside of the other's lead leg where both stand alike and its inside in
    /// open pairing (F13); one from the lead side the other way round. A kick behind a switch of the feet
    /// carries past the lead leg to the rear one where both stand alike.
    public static Zone of(Technique strike, Level level, Side side, Pairing pairing) {
        Side arrives = strike.arrival().at(side, pairing);
        return switch (level) {
            case HEAD ->
                switch (strike.path()) {
                    case STRAIGHT, NONE -> HEAD_FRONT;
                    case RISING -> CHIN_BELOW;
                    case ROUND, FALLING -> arrives == Side.LEAD ? HEAD_LEAD : HEAD_REAR;
                };
            case BODY, NONE ->
                strike.path() == Path.STRAIGHT ? BODY_FRONT : arrives == Side.LEAD ? BODY_LEAD : BODY_REAR;
            case CALF -> LEAD_CALF;
            case LEG -> {
                if (strike.counts() > 1) {
                    yield pairing == Pairing.SAME ? REAR_LEG : LEAD_THIGH_OUT;
                }
                boolean outside = (side == Side.REAR) == (pairing == Pairing.SAME);
                yield outside && strike.arrival() != Arrival.LEAD ? LEAD_THIGH_OUT : LEAD_THIGH_IN;
            }
        };
    }

    /// Whether the liver lies there: on the right, which is the rear side in orthodox and the lead side in southpaw.
    public boolean isLiver(Stance theirs) {
        return this == (theirs == Stance.ORTHODOX ? BODY_REAR : BODY_LEAD);
    }

    /// The same place on the other side.
    public Zone mirrored() {
        return switch (this) {
            case HEAD_LEAD -> HEAD_REAR;
            case HEAD_REAR -> HEAD_LEAD;
            case BODY_LEAD -> BODY_REAR;
            case BODY_REAR -> BODY_LEAD;
            case HEAD_FRONT, CHIN_BELOW, BODY_FRONT, LEAD_THIGH_OUT, LEAD_THIGH_IN, LEAD_CALF, REAR_LEG -> this;
        };
    }
}
