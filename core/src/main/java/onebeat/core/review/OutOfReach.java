package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// OUT_OF_REACH: no step in the time given could reach (F8, common practice). Elbows, knees and holds from too far are
/// found as NO_ENTRY.
final class OutOfReach implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.way()
                .of(Who.ATHLETE)
                .filter(s -> s.shortCm() > 0 && !needsEntry(s.placed().technique()))
                .map(s -> suspicion(scene, s))
                .toList();
    }

    static boolean needsEntry(Technique technique) {
        return technique.family() == Family.ELBOW
                || technique.family() == Family.KNEE
                || technique.kind() == Kind.CLINCH;
    }

    private static Suspicion suspicion(Scene scene, Step step) {
        String text = Reasons.of("OUT_OF_REACH", Reasons.beat(step), Reasons.name(step), Reasons.cm(step.shortCm()));
        return new Suspicion(Code.OUT_OF_REACH, List.of(step), text, () -> entries(scene, step));
    }

    /// A step with the strike, a step before it, or the time to take one.
    static List<String> entries(Scene scene, Step step) {
        Surgery surgery = scene.surgery();
        return List.of(
                surgery.replace(step, "in+" + Surgery.words(step)),
                surgery.before(step, "in"),
                surgery.before(step, "in in"),
                surgery.before(step, "in in in"));
    }
}
