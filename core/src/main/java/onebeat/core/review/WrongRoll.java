package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// WRONG_ROLL: a roll goes under toward the side the punch comes from. After a chain ending with the rear hand expect
/// his lead hook, after one ending with the lead hand his cross (F11, common practice).
final class WrongRoll implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        List<Suspicion> found = new ArrayList<>();
        for (Step roll : scene.own()) {
            if (!isRoll(roll)) {
                continue;
            }
            Optional<Step> met = met(scene, roll);
            if (met.isPresent()) {
                Side from = WrongSide.arrives(scene, met.get());
                if (!roll.placed().side().equals(Optional.of(from))
                        && met.get().placed().act().level() == Level.HEAD) {
                    found.add(suspicion(
                            scene,
                            roll,
                            Reasons.of(
                                    "WRONG_ROLL.met",
                                    Reasons.beat(roll),
                                    Reasons.name(met.get()),
                                    Reasons.side(from))));
                }
            } else {
                asExit(scene, roll).ifPresent(found::add);
            }
        }
        return found;
    }

    static boolean isRoll(Step step) {
        return step.placed().technique().code().startsWith("roll-");
    }

    private static Optional<Step> met(Scene scene, Step roll) {
        return roll.placed().meets().isPresent()
                ? Optional.of(scene.way().steps().get(roll.placed().meets().getAsInt()))
                : Optional.empty();
    }

    /// The roll behind a last hand: which of his hands comes now, and from where.
    private static Optional<Suspicion> asExit(Scene scene, Step roll) {
        return scene.own().stream()
                .filter(s -> s.index() < roll.index())
                .reduce((_, last) -> last)
                .filter(s -> s.placed().act().isStrike() && s.who() == Who.ATHLETE)
                .filter(s -> !s.placed().technique().isLegStrike())
                .flatMap(last -> {
                    Pairing pairing = scene.pairingAt(roll);
                    Side hand = last.placed().side().orElse(Side.LEAD).opposite();
                    Side from = pairing.arrivalOf(hand);
                    return roll.placed().side().equals(Optional.of(from))
                            ? Optional.empty()
                            : Optional.of(suspicion(
                                    scene,
                                    roll,
                                    Reasons.of(
                                            "WRONG_ROLL.exit",
                                            Reasons.beat(roll),
                                            Reasons.name(last),
                                            Reasons.of("answer." + hand),
                                            Reasons.side(from))));
                });
    }

    private static Suspicion suspicion(Scene scene, Step roll, String text) {
        String other = roll.placed().technique().code().equals("roll-lead") ? "roll-rear" : "roll-lead";
        return new Suspicion(
                Code.WRONG_ROLL,
                List.of(roll),
                text,
                () -> List.of(scene.surgery().replace(roll, other)));
    }
}
