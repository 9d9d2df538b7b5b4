package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.opening.Opening;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.Posture;
import onebeat.core.opening.Stimulus;
import onebeat.core.opening.Why;
import onebeat.core.opening.Zone;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// UNREAD_PAYOFF: a strike behind a feint without the reaction that it was built for: with no reaction or read
/// between, with one that does not open its place, or after `(none)`. If the expected flinch does not come, the
/// payoff must not be thrown (F22, common practice). A jab after `(none)` is no payoff: it asks again.
final class UnreadPayoff implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .of(Who.ATHLETE)
                .filter(s -> s.placed().act().feint() && s.placed().technique().isStrike())
                .flatMap(feint -> hit(input, feint).stream())
                .toList();
    }

    private static Optional<RuleHit> hit(RuleInput input, Step feint) {
        Optional<Step> next = input.next(feint)
                .filter(s -> s.placed().act().isStrike() && s.beat().since(feint.beat()) <= 1);
        if (next.isEmpty()) {
            return Optional.empty();
        }
        Step payoff = next.get();
        List<Step> between = input.way()
                .of(Who.PARTNER)
                .filter(p -> p.index() > feint.index() && p.index() < payoff.index())
                .toList();
        if (between.isEmpty()) {
            return Optional.of(found(input, feint, payoff, "UNREAD_PAYOFF", "", ""));
        }
        if (asksAgain(payoff) || between.stream().anyMatch(p -> p.placed().act().isStrike())) {
            return Optional.empty();
        }
        Zone zone = input.openings().of(payoff).map(Opening::zone).orElse(Zone.HEAD_FRONT);
        PartnerModel model = input.context().partner();
        List<Posture> shown = between.stream()
                .flatMap(
                        p -> model
                                .shown(p.placed().technique(), p.placed().side().orElse(Side.LEAD), metLevel(input, p))
                                .stream())
                .toList();
        if (shown.isEmpty() || shown.stream().anyMatch(p -> model.opens(p, zone))) {
            return Optional.empty();
        }
        boolean none = shown.stream().allMatch(p -> p == Posture.GUARD);
        return Optional.of(found(
                input,
                feint,
                payoff,
                none ? "UNREAD_PAYOFF.none" : "UNREAD_PAYOFF.other",
                Why.does(shown.getLast()),
                Reasons.zone(zone)));
    }

    private static Optional<Level> metLevel(RuleInput input, Step reaction) {
        OptionalInt met = reaction.placed().meets();
        return met.isPresent()
                ? Optional.of(
                        input.way().steps().get(met.getAsInt()).placed().act().level())
                : Optional.empty();
    }

    /// What the arm does alone only asks again.
    private static boolean asksAgain(Step payoff) {
        return payoff.placed().act().intent() == Intent.LIGHT
                || payoff.placed().technique().drive().limbAlone() > ReviewNumbers.ARM_ALONE;
    }

    private static RuleHit found(RuleInput input, Step feint, Step payoff, String key, String reaction, String zone) {
        String text = Reasons.of(key, Reasons.beat(payoff), Reasons.name(payoff), Reasons.name(feint), reaction, zone);
        return new RuleHit(Code.UNREAD_PAYOFF, List.of(feint, payoff), text, () -> mends(input, feint, payoff));
    }

    /// The flinches that open the place of the payoff, the likeliest first.
    private static List<String> mends(RuleInput input, Step feint, Step payoff) {
        Zone zone = input.openings().of(payoff).map(Opening::zone).orElse(Zone.HEAD_FRONT);
        PartnerModel model = input.context().partner();
        Side arrives = feint.placed()
                .technique()
                .arrival()
                .at(feint.placed().side().orElse(Side.LEAD), input.pairingAt(feint));
        Stimulus stimulus = new Stimulus(
                feint.placed().technique().code(), feint.placed().act().level(), arrives);
        List<Step> told = input.way()
                .of(Who.PARTNER)
                .filter(p -> p.index() > feint.index() && p.index() < payoff.index())
                .toList();
        return model.openers(stimulus, zone).stream()
                .map(Posture::word)
                .distinct()
                .map(word -> told.isEmpty()
                        ? input.editor().after(feint, "(" + word + ")")
                        : input.editor().replace(told.getLast(), word))
                .toList();
    }
}
