package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.play.Step;

/// EMPTY_BEAT: a step has a beat of its own before a punch or a kick. The foot lands as the fist lands; an
/// empty beat is wasted unless it is meant, and then it is written (F6, common practice).
final class EmptyBeat implements Rule {

    private static final Set<String> STEPS = Set.of("in", "shuffle");

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.own().stream()
                .filter(s -> STEPS.contains(s.placed().technique().code())
                        && !s.placed().act().feint()
                        && isAlone(scene, s))
                .flatMap(s -> strikeAfter(scene, s).stream().map(strike -> suspicion(scene, s, strike)))
                .toList();
    }

    private static boolean isAlone(Scene scene, Step step) {
        return scene.own().stream()
                .noneMatch(s -> s.index() != step.index() && s.beat().equals(step.beat()));
    }

    private static Optional<Step> strikeAfter(Scene scene, Step step) {
        return scene.next(step)
                .filter(s -> s.placed().act().isStrike() && s.beat().since(step.beat()) == 1 && isAlone(scene, s));
    }

    private static Suspicion suspicion(Scene scene, Step step, Step strike) {
        String text = Reasons.of("EMPTY_BEAT", Reasons.beat(step), Reasons.name(step), Reasons.name(strike));
        return new Suspicion(
                Code.EMPTY_BEAT,
                List.of(step, strike),
                text,
                () -> List.of(scene.surgery().joined(step, strike)));
    }
}
