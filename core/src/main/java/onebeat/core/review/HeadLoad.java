package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Level;
import onebeat.core.play.Step;

/// HEAD_LOAD: more strikes to a head, of either, that meet no pad in one repetition than the coach allows. Without a
/// limit of the coach's nothing is found; the program sets none.
final class HeadLoad implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return PartnerLoad.passed(input, Limits.Of.HEAD, HeadLoad::isToHead);
    }

    private static boolean isToHead(Step step) {
        return step.placed().act().level() == Level.HEAD;
    }
}
