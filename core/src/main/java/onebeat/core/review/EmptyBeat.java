package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.play.Step;

/// EMPTY_BEAT: a step has a beat of its own before a punch or a kick. The foot lands as the fist lands; an
/// empty beat is wasted unless it is meant, and then it is written (F6, common practice).
final class EmptyBeat implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.own().stream()
                .filter(s ->
                        s.placed().technique().stepsIn() && !s.placed().act().feint() && isAlone(input, s))
                .flatMap(s -> strikeAfter(input, s).stream().map(strike -> hit(input, s, strike)))
                .toList();
    }

    private static boolean isAlone(RuleInput input, Step step) {
        return input.own().stream()
                .noneMatch(s -> s.index() != step.index() && s.beat().equals(step.beat()));
    }

    private static Optional<Step> strikeAfter(RuleInput input, Step step) {
        return input.next(step)
                .filter(s -> s.placed().act().isStrike() && s.beat().since(step.beat()) == 1 && isAlone(input, s));
    }

    private static RuleHit hit(RuleInput input, Step step, Step strike) {
        String text = Reasons.of("EMPTY_BEAT", Reasons.beat(step), Reasons.name(step), Reasons.name(strike));
        return new RuleHit(
                Code.EMPTY_BEAT,
                List.of(step, strike),
                text,
                () -> List.of(input.editor().joined(step, strike)));
    }
}
