package onebeat.core.review;

import java.util.List;
import java.util.stream.Collectors;
import onebeat.core.exchange.Intent;
import onebeat.core.holding.Gear;
import onebeat.core.holding.HoldOptions;
import onebeat.core.play.Step;

/// PAD_MISSING: none of the gear at hand takes this strike. It is touched only, or other gear is fetched.
final class PadMissing implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.plan().missing().stream()
                .filter(i -> !input.plan().sore().containsKey(i))
                .map(i -> input.way().steps().get(i))
                .filter(s -> s.placed().act().intent() != Intent.LIGHT)
                .map(s -> hit(input, s))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step step) {
        String gear = HoldOptions.gearFor(
                        step.placed().technique(), step.placed().act().level())
                .stream()
                .map(PadMissing::words)
                .collect(Collectors.joining(", "));
        String text = gear.isEmpty()
                ? Reasons.of("PAD_MISSING.none", Reasons.beat(step), Reasons.name(step))
                : Reasons.of("PAD_MISSING", Reasons.beat(step), Reasons.name(step), gear);
        return new RuleHit(
                Code.PAD_MISSING,
                List.of(step),
                text,
                () -> List.of(input.editor()
                        .replace(step, SameSide.lightened(step.placed().act()))));
    }

    private static String words(Gear gear) {
        return Reasons.of("gear." + gear);
    }
}
