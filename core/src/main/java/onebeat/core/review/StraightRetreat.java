package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Pairing;
import onebeat.core.play.Step;

/// STRAIGHT_RETREAT: after the last strike he only steps straight back, where the next one still finds him
/// (F10, common practice).
final class StraightRetreat implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        List<Step> after = scene.afterLastStrike();
        boolean straight = !after.isEmpty()
                && after.stream().allMatch(s -> s.placed().technique().code().equals("out"));
        if (!straight) {
            return List.of();
        }
        Step out = after.getFirst();
        Pairing pairing = scene.pairingAt(out);
        String text = Reasons.of("STRAIGHT_RETREAT", Reasons.beat(out), Reasons.side(pairing.safeSide()));
        String mend = pairing.wayOut();
        return List.of(new Suspicion(
                Code.STRAIGHT_RETREAT,
                List.of(out),
                text,
                () -> List.of(
                        scene.surgery().replace(out, mend), scene.surgery().append(mend))));
    }
}
