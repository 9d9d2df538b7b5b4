package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Step;

/// RELOAD: little drive because the strike before was the same side (F2, common practice).
final class Reload implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<RuleHit> found = new ArrayList<>();
        for (Step strike : SameSide.armOnly(input)) {
            SameSide.before(input, strike).ifPresent(last -> found.add(hit(input, last, strike)));
        }
        return found;
    }

    private static RuleHit hit(RuleInput input, Step last, Step strike) {
        double drive = strike.impact().orElseThrow().drive();
        String text = Reasons.of("RELOAD", Reasons.beat(strike), Reasons.name(last), Reasons.percent(drive));
        return new RuleHit(Code.RELOAD, List.of(strike, last), text, () -> mends(input, last, strike))
                .noteIf(SameSide.isNear(strike));
    }

    private static List<String> mends(RuleInput input, Step last, Step strike) {
        List<String> mends = new ArrayList<>();
        mends.add(input.editor().before(strike, "reload"));
        mends.add(input.editor().replace(last, SameSide.lightened(last.placed().act())));
        LineEditor.otherSide(strike.placed().act())
                .ifPresent(words -> mends.add(input.editor().replace(strike, words)));
        return mends;
    }
}
