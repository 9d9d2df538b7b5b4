package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Pairing;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// NO_EXIT: nothing after the last strike. The exit leads away from the opponent's power side: toward the
/// own rear side in the same stance, toward the own lead side in open pairing (F10, common practice).
final class NoExit implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<Step> strikes = input.strikes();
        if (strikes.isEmpty()) {
            return List.of();
        }
        Step last = strikes.getLast();
        boolean leaves = input.way()
                .of(Who.ATHLETE)
                .anyMatch(
                        s -> s.index() > last.index() && s.placed().technique().isExit());
        if (leaves) {
            return List.of();
        }
        Pairing pairing = pairingAtEnd(input, last);
        String exit = pairing.wayOut();
        String text = Reasons.of("NO_EXIT", Reasons.side(pairing.safeSide()));
        return List.of(new RuleHit(
                Code.NO_EXIT, List.of(last), text, () -> List.of(input.editor().append(exit))));
    }

    private static Pairing pairingAtEnd(RuleInput input, Step last) {
        return Pairing.of(
                last.after().stance(), input.way().at(last.beat()).partner().stance());
    }
}
