package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.timing.Interception;

/// TRADE: a strike begun with a feed arrives first and does not stop it, so both land (F7, common practice).
final class Trade implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .strikesOf(Who.PARTNER)
                .filter(feed -> Interception.of(input.way(), feed) == Interception.TRADED)
                .map(feed -> hit(input, feed))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step feed) {
        Step strike = input.strikes().stream()
                .filter(s -> s.beat().equals(feed.beat())
                        && Interception.arrivesFirst(
                                s.placed().technique(), feed.placed().technique()))
                .findFirst()
                .orElseThrow();
        String text = Reasons.of("TRADE", Reasons.beat(strike), Reasons.name(strike), Reasons.name(feed));
        return new RuleHit(Code.TRADE, List.of(strike, feed), text, () -> mends(input, feed, strike));
    }

    /// Something that meets it, with the strike or before it; a straight that stops it.
    private static List<String> mends(RuleInput input, Step feed, Step strike) {
        List<String> mends = new ArrayList<>();
        for (String answer : Unanswered.answersTo(input, feed)) {
            mends.add(input.editor().met(strike, answer, "+"));
            mends.add(input.editor().met(strike, answer, " "));
        }
        mends.add(input.editor().replace(strike, "stiffjab"));
        mends.add(input.editor().replace(strike, "2"));
        return mends;
    }
}
