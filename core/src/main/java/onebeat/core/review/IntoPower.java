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
                .filter(s -> !s.placed().side().orElse(Side.LEAD).equals(safe(scene.pairingAt(s))))
                .map(s -> suspicion(scene, s))
                .toList();
    }

    /// The own side toward which it is safe to go: toward his lead hand.
    static Side safe(Pairing pairing) {
        return pairing == Pairing.SAME ? Side.REAR : Side.LEAD;
    }

    private static Suspicion suspicion(Scene scene, Step step) {
        Side safe = safe(scene.pairingAt(step));
        String text = Reasons.of("INTO_POWER", Reasons.beat(step), Reasons.side(safe));
        String mend = safe == Side.REAR ? "circle-rear" : "circle-lead";
        return new Suspicion(
                Code.INTO_POWER,
                List.of(step),
                text,
                () -> List.of(scene.surgery().replace(step, mend)));
    }
}
