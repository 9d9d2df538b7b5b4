package onebeat.core.review;

import java.util.List;
import java.util.stream.Collectors;
import onebeat.core.exchange.Intent;
import onebeat.core.holding.Gear;
import onebeat.core.holding.Holding;
import onebeat.core.play.Step;

/// PAD_MISSING: none of the gear at hand takes this strike. It is touched only, or other gear is fetched.
final class PadMissing implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.plan().missing().stream()
                .filter(i -> !scene.plan().sore().containsKey(i))
                .map(i -> scene.way().steps().get(i))
                .filter(s -> s.placed().act().intent() != Intent.LIGHT)
                .map(s -> suspicion(scene, s))
                .toList();
    }

    private static Suspicion suspicion(Scene scene, Step step) {
        String gear = Holding.gearFor(
                        step.placed().technique(), step.placed().act().level())
                .stream()
                .map(PadMissing::words)
                .collect(Collectors.joining(", "));
        String text = gear.isEmpty()
                ? Reasons.of("PAD_MISSING.none", Reasons.beat(step), Reasons.name(step))
                : Reasons.of("PAD_MISSING", Reasons.beat(step), Reasons.name(step), gear);
        return new Suspicion(
                Code.PAD_MISSING,
                List.of(step),
                text,
                () -> List.of(scene.surgery()
                        .replace(step, SameSide.lightened(step.placed().act()))));
    }

    private static String words(Gear gear) {
        return Reasons.of("gear." + gear);
    }
}
