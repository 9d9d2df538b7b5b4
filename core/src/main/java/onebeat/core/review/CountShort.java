package onebeat.core.review;

import java.util.List;
import onebeat.core.play.Step;

/// COUNT_SHORT: a switch or spin without the counts it takes (F5, common practice). Items give the counts by
/// themselves, so only `/` and `+` can take them away.
final class CountShort implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.way().steps().stream()
                .filter(s -> s.placed().counts() < s.placed().countsNeeded())
                .map(s -> suspicion(scene, s))
                .toList();
    }

    private static Suspicion suspicion(Scene scene, Step step) {
        String text = Reasons.of(
                "COUNT_SHORT",
                Reasons.beat(step),
                Reasons.name(step),
                step.placed().countsNeeded(),
                step.placed().counts());
        return new Suspicion(
                Code.COUNT_SHORT,
                List.of(step),
                text,
                () -> List.of(scene.surgery().alone(step)));
    }
}
