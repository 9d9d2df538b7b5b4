package onebeat.core.review;

import java.util.List;
import java.util.function.Predicate;
import onebeat.core.holding.Contact;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// PARTNER_LOAD: more touches on the partner himself in one repetition than the coach allows. Without a limit of his
/// nothing is found; the program sets none.
final class PartnerLoad implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        int touches = Contact.of(scene.way(), scene.plan()).onPartner();
        return scene.context().limits().partner().stream()
                .filter(most -> touches > most)
                .mapToObj(most ->
                        suspicion(scene, Code.PARTNER_LOAD, bare(scene, s -> s.who() == Who.ATHLETE), touches, most))
                .toList();
    }

    /// Strikes that meet no pad.
    static List<Step> bare(Scene scene, Predicate<Step> which) {
        return scene.way().steps().stream()
                .filter(s -> s.placed().act().isStrike()
                        && scene.plan().of(s.index()).isEmpty())
                .filter(which)
                .toList();
    }

    /// The mend is one touch less: the last one is left out.
    static Suspicion suspicion(Scene scene, Code code, List<Step> steps, int touches, int most) {
        return new Suspicion(
                code,
                steps,
                Reasons.of(code.name(), touches, most),
                () -> List.of(scene.surgery().without(steps.getLast())));
    }
}
