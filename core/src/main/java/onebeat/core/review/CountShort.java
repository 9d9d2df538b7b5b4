package onebeat.core.review;

import java.util.List;
import onebeat.core.play.Step;

/// COUNT_SHORT: a switch or spin without the counts it takes (F5, common practice). Items give the counts by
/// themselves, so only `/` and `+` can take them away.
final class CountShort implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way().steps().stream()
                .filter(s -> s.placed().counts() < s.placed().countsNeeded())
                .map(s -> hit(input, s))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step step) {
        String text = Reasons.of(
                "COUNT_SHORT",
                Reasons.beat(step),
                Reasons.name(step),
                step.placed().countsNeeded(),
                step.placed().counts());
        return new RuleHit(
                Code.COUNT_SHORT,
                List.of(step),
                text,
                () -> List.of(input.editor().alone(step)));
    }
}
