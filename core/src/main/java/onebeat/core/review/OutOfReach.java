package onebeat.core.review;

import java.util.List;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// OUT_OF_REACH: no step in the time given could reach (F8, common practice). Elbows, knees and holds from too far are
/// found as NO_ENTRY. What the spread of body proportions
/// may make up for is a note.
final class OutOfReach implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .of(Who.ATHLETE)
                .filter(s -> s.shortCm() > 0 && !s.placed().technique().needsEntry())
                .map(s -> hit(input, s))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step step) {
        String text = step.isShort()
                ? Reasons.of("OUT_OF_REACH", Reasons.beat(step), Reasons.name(step), Reasons.cm(step.shortCm()))
                : Reasons.of(
                        "OUT_OF_REACH.near",
                        Reasons.beat(step),
                        Reasons.name(step),
                        Reasons.cm(step.shortCm()),
                        Reasons.cm(step.toleranceCm()));
        return new RuleHit(Code.OUT_OF_REACH, List.of(step), text, () -> entries(input, step)).noteIf(!step.isShort());
    }

    /// A step with the strike, a step before it, or the time to take one.
    static List<String> entries(RuleInput input, Step step) {
        LineEditor editor = input.editor();
        return List.of(
                editor.replace(step, "in+" + LineEditor.words(step)),
                editor.before(step, "in"),
                editor.before(step, "in in"),
                editor.before(step, "in in in"));
    }
}
