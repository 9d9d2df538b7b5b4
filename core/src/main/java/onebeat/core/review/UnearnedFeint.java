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
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .of(Who.ATHLETE)
                .filter(s -> s.placed().act().feint() && s.placed().technique().isStrike())
                .filter(s -> !shown(input, s))
                .map(s -> hit(input, s))
                .toList();
    }

    /// In a line that was run already all of it has been shown.
    private static boolean shown(RuleInput input, Step feint) {
        return input.strikes().stream()
                .filter(s -> s.index() < feint.index() || input.context().seenBefore() > 0)
                .filter(s -> s.placed().act().intent() != Intent.LIGHT)
                .anyMatch(s -> s.placed().technique().equals(feint.placed().technique())
                        && s.placed().act().level() == feint.placed().act().level());
    }

    private static RuleHit hit(RuleInput input, Step feint) {
        String text = Reasons.of("UNEARNED_FEINT", Reasons.beat(feint), Reasons.name(feint));
        return new RuleHit(Code.UNEARNED_FEINT, List.of(feint), text, () -> mends(input, feint));
    }

    private static List<String> mends(RuleInput input, Step feint) {
        Act act = feint.placed().act();
        String real = Notation.print(new Act(false, act.technique(), act.level(), Intent.FULL, act.span()));
        return List.of(
                input.editor().before(feint, real),
                input.editor().atStart(real),
                input.editor().before(feint, real + " reload"));
    }
}
