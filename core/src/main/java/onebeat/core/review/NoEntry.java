package onebeat.core.review;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// NO_ENTRY: an elbow, a knee or a hold from too far, with nothing that carries the athlete in (F8, F16; common
/// practice).
final class NoEntry implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .of(Who.ATHLETE)
                .filter(s -> s.shortCm() > 0 && s.placed().technique().needsEntry())
                .map(s -> hit(input, s))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step step) {
        String bands = step.placed().technique().ranges().stream()
                .map(b -> b.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
        String text = step.isShort()
                ? Reasons.of("NO_ENTRY", Reasons.beat(step), Reasons.name(step), Reasons.cm(step.shortCm()), bands)
                : Reasons.of(
                        "NO_ENTRY.near",
                        Reasons.beat(step),
                        Reasons.name(step),
                        Reasons.cm(step.shortCm()),
                        Reasons.cm(step.toleranceCm()));
        return new RuleHit(Code.NO_ENTRY, List.of(step), text, () -> OutOfReach.entries(input, step))
                .noteIf(!step.isShort());
    }
}
