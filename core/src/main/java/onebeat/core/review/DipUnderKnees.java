package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Move;
import onebeat.core.play.Step;

/// DIP_UNDER_KNEES: a dip where knees are thrown (common practice; schools differ).
final class DipUnderKnees implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        if (!input.context().rules().hasKnees()) {
            return List.of();
        }
        return input.own().stream()
                .filter(s -> s.placed().technique().traits().move() == Move.DIP)
                .map(s -> new RuleHit(
                        Code.DIP_UNDER_KNEES,
                        List.of(s),
                        Reasons.of("DIP_UNDER_KNEES", Reasons.beat(s)),
                        () -> mends(input, s)))
                .toList();
    }

    /// In the middle of a chain it is left out; at the end another way out is taken.
    private static List<String> mends(RuleInput input, Step dip) {
        boolean last = input.strikes().isEmpty() || input.strikes().getLast().index() < dip.index();
        return last || dip.placed().meets().isPresent()
                ? RollUnderKnees.mends(input, dip)
                : List.of(input.editor().without(dip));
    }
}
