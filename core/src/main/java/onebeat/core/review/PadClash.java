package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.holding.PadPlan;
import onebeat.core.play.Step;

/// PAD_CLASH: the hand that should hold this target cannot be there in time after its last job, feeding included.
final class PadClash implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.plan().clash().map(c -> hit(input, c)).map(List::of).orElse(List.of());
    }

    private static RuleHit hit(RuleInput input, PadPlan.Clash clash) {
        Step strike = input.way().steps().get(clash.step());
        Step keeper = input.way().steps().get(clash.keeper());
        String text = Reasons.of(
                "PAD_CLASH",
                Reasons.beat(strike),
                Reasons.name(strike),
                Math.round(clash.shortMs()),
                Reasons.name(keeper),
                Reasons.beat(keeper));
        return new RuleHit(Code.PAD_CLASH, List.of(strike, keeper), text, () -> mends(input, strike));
    }

    /// The other hand, one beat more, a beat of its own.
    private static List<String> mends(RuleInput input, Step strike) {
        List<String> mends = new ArrayList<>();
        LineEditor.otherSide(strike.placed().act())
                .ifPresent(words -> mends.add(input.editor().replace(strike, words)));
        mends.add(input.editor().before(strike, "_"));
        mends.add(input.editor().alone(strike));
        return mends;
    }
}
