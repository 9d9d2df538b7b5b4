package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// WRONG_SIDE: a block, tuck, shield or check against a round strike that comes from the other side. Straights may be
/// parried by either hand (F25, common practice).
final class WrongSide implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way()
                .strikesOf(Who.PARTNER)
                .filter(feed -> feed.placed().technique().comesRound())
                .flatMap(feed -> input.way().metBy(feed).stream()
                        .filter(d -> d.placed().technique().coversOneSide())
                        .filter(d -> !d.placed().side().equals(Optional.of(arrives(input, feed))))
                        .map(d -> hit(input, feed, d)))
                .toList();
    }

    /// The side of the athlete's on which a fed strike arrives.
    static Side arrives(RuleInput input, Step feed) {
        return feed.placed().technique().arrival().at(feed.placed().side().orElse(Side.LEAD), input.pairingAt(feed));
    }

    private static RuleHit hit(RuleInput input, Step feed, Step defence) {
        String text = Reasons.of(
                "WRONG_SIDE",
                Reasons.beat(feed),
                Reasons.name(feed),
                Reasons.side(arrives(input, feed)),
                Reasons.name(defence));
        return new RuleHit(Code.WRONG_SIDE, List.of(defence, feed), text, () -> mends(input, defence));
    }

    /// The side left open, which follows the strike; the same from the other side.
    private static List<String> mends(RuleInput input, Step defence) {
        Technique technique = defence.placed().technique();
        Catalogue all = Catalogue.standard();
        return Stream.concat(all.unsided(technique).stream(), all.twin(technique, Level.NONE).stream())
                .map(t -> input.editor().replace(defence, t.code()))
                .toList();
    }
}
