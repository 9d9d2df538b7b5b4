package onebeat.core.film;

import java.util.Optional;
import onebeat.core.exchange.Side;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.Posture;
import onebeat.core.opening.Stimulus;
import onebeat.core.opening.Zone;
import onebeat.core.play.Placed;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The reaction of the opponent that a setup wants.
///
/// @param posture what they are in after it
/// @param chance how likely it is after its cause, from 0 to 1
/// @param cause what the athlete does for it
record WantedReaction(Posture posture, double chance, Placed cause) {

    /// Which of the opponent's reactions to the last strike before the weapon lands opens the zone most; empty where
    /// none does.
    static Optional<WantedReaction> before(
            Step landing, PlayedWay way, Zone zone, PartnerModel model, Setting setting) {
        return way.of(Who.ATHLETE)
                .filter(s ->
                        s.index() < landing.index() && s.placed().technique().isStrike())
                .reduce((_, later) -> later)
                .map(Step::placed)
                .flatMap(cause -> after(cause, zone, model, setting));
    }

    private static Optional<WantedReaction> after(Placed cause, Zone zone, PartnerModel model, Setting setting) {
        Stimulus stimulus = new Stimulus(
                cause.technique().code(),
                cause.act().level(),
                cause.technique().arrival().at(cause.side().orElse(Side.LEAD), setting.pairing()));
        return model.opener(stimulus, zone)
                .map(posture -> new WantedReaction(
                        posture, model.chance(stimulus, posture).orElse(0.0), cause));
    }

    /// The word for it in a call line.
    String word() {
        return posture.word();
    }
}
