package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Pairing;
import onebeat.core.play.Step;

/// STRAIGHT_RETREAT: after the last strike the athlete only steps straight back, where the next one still finds them
/// (F10, common practice).
final class StraightRetreat implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<Step> after = input.afterLastStrike();
        boolean straight = !after.isEmpty()
                && after.stream().allMatch(s -> s.placed().technique().traits().move() == Move.STEP_BACK);
        if (!straight) {
            return List.of();
        }
        Step out = after.getFirst();
        Pairing pairing = input.pairingAt(out);
        String text = Reasons.of("STRAIGHT_RETREAT", Reasons.beat(out), Reasons.side(pairing.safeSide()));
        String mend = pairing.wayOut();
        return List.of(new RuleHit(
                Code.STRAIGHT_RETREAT,
                List.of(out),
                text,
                () -> List.of(input.editor().replace(out, mend), input.editor().append(mend))));
    }
}
