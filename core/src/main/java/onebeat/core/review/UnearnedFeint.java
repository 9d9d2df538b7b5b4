package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Intent;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// UNEARNED_FEINT: a feint whose real one was not shown before, in the line or earlier in the round (F22, common
/// practice).
final class UnearnedFeint implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.way()
                .of(Who.ATHLETE)
                .filter(s -> s.placed().act().feint() && s.placed().technique().isStrike())
                .filter(s -> !shown(scene, s))
                .map(s -> suspicion(scene, s))
                .toList();
    }

    /// In a line that was run already all of it has been shown.
    private static boolean shown(Scene scene, Step feint) {
        return scene.strikes().stream()
                .filter(s -> s.index() < feint.index() || scene.context().seenBefore() > 0)
                .filter(s -> s.placed().act().intent() != Intent.LIGHT)
                .anyMatch(s -> s.placed().technique().equals(feint.placed().technique())
                        && s.placed().act().level() == feint.placed().act().level());
    }

    private static Suspicion suspicion(Scene scene, Step feint) {
        String text = Reasons.of("UNEARNED_FEINT", Reasons.beat(feint), Reasons.name(feint));
        return new Suspicion(Code.UNEARNED_FEINT, List.of(feint), text, () -> mends(scene, feint));
    }

    private static List<String> mends(Scene scene, Step feint) {
        Act act = feint.placed().act();
        String real = Notation.print(new Act(false, act.technique(), act.level(), Intent.FULL, act.span()));
        return List.of(
                scene.surgery().before(feint, real + " reload"),
                scene.surgery().atStart(real),
                scene.surgery().before(feint, real));
    }
}
