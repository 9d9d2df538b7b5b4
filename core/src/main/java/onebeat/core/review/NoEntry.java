package onebeat.core.review;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// NO_ENTRY: an elbow, a knee or a hold from too far, with nothing that carries him in (F8, F16; common practice).
final class NoEntry implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.way()
                .of(Who.ATHLETE)
                .filter(s -> s.shortCm() > 0 && OutOfReach.needsEntry(s.placed().technique()))
                .map(s -> suspicion(scene, s))
                .toList();
    }

    private static Suspicion suspicion(Scene scene, Step step) {
        String bands = step.placed().technique().ranges().stream()
                .map(b -> b.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
        String text = Reasons.of("NO_ENTRY", Reasons.beat(step), Reasons.name(step), Reasons.cm(step.shortCm()), bands);
        return new Suspicion(Code.NO_ENTRY, List.of(step), text, () -> OutOfReach.entries(scene, step));
    }
}
