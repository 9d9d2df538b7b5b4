package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.GapChange;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Side;
import onebeat.core.play.Footing;
import onebeat.core.play.Moment;
import onebeat.core.play.Step;

/// WRONG_FOOT: a written foot action that leaves the lead foot on the wrong line. Before a rear low kick the lead
/// foot steps across and out (F13); in open pairing it stands outside the other's before the rear side strikes
/// (F12). Common practice.
final class WrongFoot implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.own().stream()
                .filter(s -> setsFeet(s) && !s.placed().act().feint())
                .flatMap(foot -> strikeAfter(input, foot).flatMap(strike -> hit(input, foot, strike)).stream())
                .toList();
    }

    /// A step that sets the feet anew.
    private static boolean setsFeet(Step step) {
        return switch (step.placed().technique().traits().move()) {
            case ACROSS, CIRCLE -> true;
            case STEP_IN -> step.placed().technique().gap() instanceof GapChange.By(double cm) && cm != 0;
            case NONE, STEP_BACK, OFF_LINE, PIVOT, SLIP, ROLL, DIP, PULL -> false;
        };
    }

    /// The strike that the foot was set for: joined to it, or the next thing done.
    private static Optional<Step> strikeAfter(RuleInput input, Step foot) {
        return input.own().stream()
                .filter(s -> s.placed().act().isStrike() && s.beat().equals(foot.beat()) && s.index() > foot.index())
                .findFirst()
                .or(() -> input.next(foot).filter(s -> s.placed().act().isStrike()));
    }

    private static Optional<RuleHit> hit(RuleInput input, Step foot, Step strike) {
        if (!strike.placed().side().equals(Optional.of(Side.REAR))) {
            return Optional.empty();
        }
        Moment moment = input.way().at(foot.beat());
        Footing own = moment.athleteFeet();
        Footing theirs = moment.partnerFeet();
        boolean open = input.pairingAt(foot) == Pairing.OPEN;
        boolean steps = foot.placed().technique().traits().move() != Move.CIRCLE;
        if (steps && isLowKick(strike) && own.leadFootOffLineCm(theirs) < ReviewNumbers.LEAD_FOOT_OUT_CM) {
            return Optional.of(found(
                    input,
                    foot,
                    strike,
                    Reasons.of(
                            open ? "WRONG_FOOT.open" : "WRONG_FOOT.same", Reasons.beat(foot), Reasons.name(strike))));
        }
        double outside = own.leadFootOutsideCm(theirs);
        if (open && outside < -ReviewNumbers.LEAD_FOOT_LEVEL_CM) {
            return Optional.of(found(
                    input,
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

    private static RuleHit found(RuleInput input, Step foot, Step strike, String text) {
        return new RuleHit(
                Code.WRONG_FOOT,
                List.of(foot, strike),
                text,
                () -> List.of(
                        input.editor().replace(foot, "across"), input.editor().replace(foot, "circle-lead")));
    }
}
