package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// NAKED_HOOK: the first thing in a line is a lead hook, with nothing thrown, feinted or defended before it. A straight
/// started with it arrives first (F7, common practice; schools differ).
final class NakedHook implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        Optional<Step> first = scene.way()
                .of(Who.ATHLETE)
                .filter(s -> s.placed().technique().isStrike()
                        || s.placed().technique().isDefence()
                        || s.placed().act().feint())
                .findFirst();
        return first.filter(NakedHook::isLeadHook)
                .map(hook -> new Suspicion(
                        Code.NAKED_HOOK,
                        List.of(hook),
                        Reasons.of("NAKED_HOOK"),
                        () -> List.of(scene.surgery().before(hook, "1"))))
                .map(List::of)
                .orElse(List.of());
    }

    /// The leaping hook from far away and the backfist are weapons of their own and not meant here.
    private static boolean isLeadHook(Step step) {
        var technique = step.placed().technique();
        return step.placed().act().isStrike()
                && technique.family() == Family.PUNCH
                && technique.path() == Path.ROUND
                && technique.fixedSide().equals(Optional.of(Side.LEAD))
                && technique.isNumbered();
    }
}
