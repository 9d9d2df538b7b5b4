package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Pairing;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// NO_EXIT: nothing after the last strike. The exit leads away from the opponent's power side: toward the
/// own rear side in the same stance, toward the own lead side in open pairing (F10, common practice).
final class NoExit implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        List<Step> strikes = scene.strikes();
        if (strikes.isEmpty()) {
            return List.of();
        }
        Step last = strikes.getLast();
        boolean leaves = scene.way()
                .of(Who.ATHLETE)
                .anyMatch(
                        s -> s.index() > last.index() && s.placed().technique().isExit());
        if (leaves) {
            return List.of();
        }
        Pairing pairing = pairingAtEnd(scene, last);
        String exit = pairing.wayOut();
        String text = Reasons.of("NO_EXIT", Reasons.side(pairing.safeSide()));
        return List.of(new Suspicion(
                Code.NO_EXIT, List.of(last), text, () -> List.of(scene.surgery().append(exit))));
    }

    private static Pairing pairingAtEnd(Scene scene, Step last) {
        return Pairing.of(
                last.after().stance(), scene.way().at(last.beat()).partner().stance());
    }
}
