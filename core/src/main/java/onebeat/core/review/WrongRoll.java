package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// WRONG_ROLL: a roll goes under toward the side the punch comes from. After a chain ending with the rear hand expect
/// the partner's lead hook, after one ending with the lead hand the cross (F11, common practice).
final class WrongRoll implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<RuleHit> found = new ArrayList<>();
        for (Step roll : input.own()) {
            if (!isRoll(roll)) {
                continue;
            }
            Optional<Step> met = met(input, roll);
            if (met.isPresent()) {
                Side from = WrongSide.arrives(input, met.get());
                if (!roll.placed().side().equals(Optional.of(from))
                        && met.get().placed().act().level() == Level.HEAD) {
                    found.add(hit(
                            input,
                            roll,
                            Reasons.of(
                                    "WRONG_ROLL.met",
                                    Reasons.beat(roll),
                                    Reasons.name(met.get()),
                                    Reasons.side(from))));
                }
            } else {
                asExit(input, roll).ifPresent(found::add);
            }
        }
        return found;
    }

    static boolean isRoll(Step step) {
        return step.placed().technique().traits().move() == Move.ROLL;
    }

    private static Optional<Step> met(RuleInput input, Step roll) {
        return roll.placed().meets().isPresent()
                ? Optional.of(input.way().steps().get(roll.placed().meets().getAsInt()))
                : Optional.empty();
    }

    /// The roll behind a last hand: which of the partner's hands comes now, and from where.
    private static Optional<RuleHit> asExit(RuleInput input, Step roll) {
        return input.own().stream()
                .filter(s -> s.index() < roll.index())
                .reduce((_, last) -> last)
                .filter(s -> s.placed().act().isStrike() && s.who() == Who.ATHLETE)
                .filter(s -> !s.placed().technique().isLegStrike())
                .flatMap(last -> {
                    Pairing pairing = input.pairingAt(roll);
                    Side hand = last.placed().side().orElse(Side.LEAD).opposite();
                    Side from = pairing.arrivalOf(hand);
                    return roll.placed().side().equals(Optional.of(from))
                            ? Optional.empty()
                            : Optional.of(hit(
                                    input,
                                    roll,
                                    Reasons.of(
                                            "WRONG_ROLL.exit",
                                            Reasons.beat(roll),
                                            Reasons.name(last),
                                            Reasons.of("answer." + hand),
                                            Reasons.side(from))));
                });
    }

    private static RuleHit hit(RuleInput input, Step roll, String text) {
        return new RuleHit(
                Code.WRONG_ROLL,
                List.of(roll),
                text,
                () -> Catalogue.standard().twin(roll.placed().technique(), Level.NONE).stream()
                        .map(other -> input.editor().replace(roll, other.code()))
                        .toList());
    }
}
