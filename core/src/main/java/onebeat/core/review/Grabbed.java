package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// GRABBED: the partner takes hold, and nothing frames it off, breaks it or works inside it (F25, common practice).
final class Grabbed implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .of(Who.PARTNER)
                .filter(s ->
                        s.placed().technique().isHold() && !s.placed().act().feint())
                .filter(grab -> !isAnswered(input, grab))
                .map(grab -> new RuleHit(
                        Code.GRABBED,
                        List.of(grab),
                        Reasons.of("GRABBED", Reasons.beat(grab)),
                        () -> mends(input, grab)))
                .toList();
    }

    /// Somebody who holds already is not taken by surprise.
    private static boolean isAnswered(RuleInput input, Step grab) {
        Technique hold = grab.placed().technique();
        return input.own().stream()
                .filter(s -> !s.placed().act().feint())
                .anyMatch(s -> s.index() > grab.index()
                        ? s.placed().technique().answersHold(hold)
                                && s.beat().since(grab.beat()) <= ReviewNumbers.HOLD_BEATS
                        : isLastAndHolds(input, s, grab));
    }

    private static boolean isLastAndHolds(RuleInput input, Step own, Step grab) {
        Optional<Step> last =
                input.own().stream().filter(s -> s.index() < grab.index()).reduce((_, later) -> later);
        return last.filter(s -> s.equals(own) && s.placed().technique().isHold())
                .isPresent();
    }

    private static List<String> mends(RuleInput input, Step grab) {
        return List.of(
                input.editor().after(grab, "frame"),
                input.editor().after(grab, "break"),
                input.editor().after(grab, "tie"));
    }
}
