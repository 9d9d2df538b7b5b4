package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;

/// INTO_POWER: circling toward the opponent's power side (F10, common practice).
final class IntoPower implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.own().stream()
                .filter(s -> s.placed().technique().code().startsWith("circle-"))
                .filter(s -> !s.placed()
                        .side()
                        .orElse(Side.LEAD)
                        .equals(scene.pairingAt(s).safeSide()))
                .map(s -> suspicion(scene, s))
                .toList();
    }

    private static Suspicion suspicion(Scene scene, Step step) {
        Pairing pairing = scene.pairingAt(step);
        String text = Reasons.of("INTO_POWER", Reasons.beat(step), Reasons.side(pairing.safeSide()));
        String mend = pairing.wayOut();
        return new Suspicion(
                Code.INTO_POWER,
                List.of(step),
                text,
                () -> List.of(scene.surgery().replace(step, mend)));
    }
}
