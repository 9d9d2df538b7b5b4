package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Side;
import onebeat.core.play.Step;

/// HEAD_OUTSIDE: the head goes to the outside right before a hold and nothing inside follows; in the hold it belongs on
/// the inside (F16, common practice).
final class HeadOutside implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.own().stream()
                .filter(s -> HipsFar.isHold(s) && !HipsFar.workedInside(input, s))
                .flatMap(hold -> outside(input, hold).stream().map(head -> hit(input, hold, head)))
                .toList();
    }

    /// A head that went to the side away from the partner's power hand, with the hold or a beat before it.
    private static Optional<Step> outside(RuleInput input, Step hold) {
        return input.own().stream()
                .filter(s -> s.index() < hold.index() && hold.beat().since(s.beat()) <= 1)
                .filter(s -> {
                    Move move = s.placed().technique().traits().move();
                    Side safe = input.pairingAt(s).safeSide();
                    return (move == Move.SLIP || move == Move.ROLL)
                            && s.placed().side().equals(Optional.of(safe));
                })
                .findFirst();
    }

    private static RuleHit hit(RuleInput input, Step hold, Step head) {
        return new RuleHit(
                Code.HEAD_OUTSIDE,
                List.of(hold, head),
                Reasons.of("HEAD_OUTSIDE", Reasons.beat(head), Reasons.name(hold)),
                () -> Catalogue.standard().twin(head.placed().technique(), Level.NONE).stream()
                        .map(inside -> input.editor().replace(head, inside.code()))
                        .toList());
    }
}
