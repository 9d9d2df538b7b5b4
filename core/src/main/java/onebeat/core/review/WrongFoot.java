package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Side;
import onebeat.core.play.Footing;
import onebeat.core.play.Moment;
import onebeat.core.play.Step;

/// WRONG_FOOT: a written foot action that leaves the lead foot on the wrong line. Before a rear low kick the lead foot
/// steps across and out (F13); in open pairing it stands outside his before the rear side strikes (F12). Common
/// practice.
final class WrongFoot implements Rule {

    private static final Set<String> SETS_FEET = Set.of("in", "across", "circle-lead", "circle-rear");

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.own().stream()
                .filter(s -> SETS_FEET.contains(s.placed().technique().code())
                        && !s.placed().act().feint())
                .flatMap(foot -> strikeAfter(scene, foot).flatMap(strike -> suspicion(scene, foot, strike)).stream())
                .toList();
    }

    /// The strike that the foot was set for: joined to it, or the next thing done.
    private static Optional<Step> strikeAfter(Scene scene, Step foot) {
        return scene.own().stream()
                .filter(s -> s.placed().act().isStrike() && s.beat().equals(foot.beat()) && s.index() > foot.index())
                .findFirst()
                .or(() -> scene.next(foot).filter(s -> s.placed().act().isStrike()));
    }

    private static Optional<Suspicion> suspicion(Scene scene, Step foot, Step strike) {
        if (!strike.placed().side().equals(Optional.of(Side.REAR))) {
            return Optional.empty();
        }
        Moment moment = scene.way().at(foot.beat());
        Footing own = moment.athleteFeet();
        Footing his = moment.partnerFeet();
        boolean open = scene.pairingAt(foot) == Pairing.OPEN;
        boolean steps = !foot.placed().technique().code().startsWith("circle-");
        if (steps && isLowKick(strike) && own.leadFootOffLineCm(his) < ReviewNumbers.LEAD_FOOT_OUT_CM) {
            return Optional.of(found(
                    scene,
                    foot,
                    strike,
                    Reasons.of(
                            open ? "WRONG_FOOT.open" : "WRONG_FOOT.same", Reasons.beat(foot), Reasons.name(strike))));
        }
        double outside = own.leadFootOutsideCm(his);
        if (open && outside < -ReviewNumbers.LEAD_FOOT_LEVEL_CM) {
            return Optional.of(found(
                    scene,
                    foot,
                    strike,
                    Reasons.of("WRONG_FOOT.inside", Reasons.beat(foot), Reasons.cm(-outside), Reasons.name(strike))));
        }
        return Optional.empty();
    }

    private static boolean isLowKick(Step strike) {
        return strike.placed().technique().isLegStrike()
                && strike.placed().technique().path() == Path.ROUND
                && (strike.placed().act().level() == Level.LEG
                        || strike.placed().act().level() == Level.CALF);
    }

    private static Suspicion found(Scene scene, Step foot, Step strike, String text) {
        return new Suspicion(
                Code.WRONG_FOOT,
                List.of(foot, strike),
                text,
                () -> List.of(
                        scene.surgery().replace(foot, "across"), scene.surgery().replace(foot, "circle-lead")));
    }
}
