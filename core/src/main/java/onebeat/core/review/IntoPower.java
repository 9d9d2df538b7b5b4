package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;

/// INTO_POWER: circling toward the opponent's power side (F10, common practice).
final class IntoPower implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.own().stream()
                .filter(s -> s.placed().technique().traits().move() == Move.CIRCLE)
                .filter(s -> !s.placed()
                        .side()
                        .orElse(Side.LEAD)
                        .equals(input.pairingAt(s).safeSide()))
                .map(s -> hit(input, s))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step step) {
        Pairing pairing = input.pairingAt(step);
        String text = Reasons.of("INTO_POWER", Reasons.beat(step), Reasons.side(pairing.safeSide()));
        String mend = pairing.wayOut();
        return new RuleHit(
                Code.INTO_POWER,
                List.of(step),
                text,
                () -> List.of(input.editor().replace(step, mend)));
    }
}
