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
    public List<RuleHit> check(RuleInput input) {
        Optional<Step> first = input.way()
                .of(Who.ATHLETE)
                .filter(s -> s.placed().technique().isStrike()
                        || s.placed().technique().isDefence()
                        || s.placed().act().feint())
                .findFirst();
        return first.filter(NakedHook::isLeadHook)
                .filter(hook -> !isWalkedInto(input, hook))
                .map(hook -> new RuleHit(
                        Code.NAKED_HOOK,
                        List.of(hook),
                        Reasons.of("NAKED_HOOK"),
                        () -> List.of(input.editor().before(hook, "1"))))
                .map(List::of)
                .orElse(List.of());
    }

    /// A partner who steps in cannot defend at the same time: that earns a lead hook (F27).
    private static boolean isWalkedInto(RuleInput input, Step hook) {
        return input.way()
                .of(Who.PARTNER)
                .anyMatch(
                        p -> p.index() < hook.index() && p.placed().technique().stepsIn());
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
