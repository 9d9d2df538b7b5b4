package onebeat.core.play;

import java.util.Optional;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.SideRule;
import onebeat.core.exchange.Technique;

/// On which side an action is done, and whether a defence meets a strike from the side that it covers.
///
/// @param pairing how the two stand to each other
record ActionSides(Pairing pairing) {

    /// Whether a defence meets a strike by path and level and, where it covers one side only, on that side.
    boolean meets(Technique defence, Placed strike) {
        boolean meets = defence.meets(strike.technique(), strike.act().level());
        if (!meets || !defence.coversOneSide() || !strike.technique().comesRound()) {
            return meets;
        }
        return defence.fixedSide().equals(Optional.of(arrival(strike)));
    }

    /// The side an action is done on. What the call leaves open follows the answered strike; without one it is done as
    /// against the other's lead hand, the one that comes most.
    Optional<Side> of(Technique technique, Optional<Placed> met) {
        if (technique.fixedSide().isPresent()
                || technique.side() == SideRule.NONE
                || technique.side() == SideRule.BOTH) {
            return technique.fixedSide();
        }
        Side arrives = met.map(this::arrival).orElseGet(() -> pairing.arrivalOf(Side.LEAD));
        boolean toHead = met.map(strike -> strike.act().level() == Level.HEAD).orElse(true);
        return Optional.of(
                switch (technique.side()) {
                    case AWAY -> arrives.opposite();
                    case ANSWERING -> toHead ? arrives : arrives.opposite();
                    case COMING, LEAD, REAR, BOTH, NONE -> arrives;
                });
    }

    /// The side of the one who is struck at, on which a strike arrives.
    private Side arrival(Placed strike) {
        return strike.technique().arrival().at(strike.side().orElse(Side.LEAD), pairing);
    }
}
