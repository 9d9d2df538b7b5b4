package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// WRONG_SIDE: a block, tuck, shield or check against a round strike that comes from the other side. Straights may be
/// parried by either hand (F25, common practice).
final class WrongSide implements Rule {

    private static final Set<String> SIDED =
            Set.of("lblock", "rblock", "ltuck", "rtuck", "lshield", "rshield", "lcheck", "rcheck");

    @Override
    public List<Suspicion> check(Scene scene) {
        return scene.way()
                .strikesOf(Who.PARTNER)
                .filter(feed -> feed.placed().technique().path() == Path.ROUND
                        || feed.placed().technique().path() == Path.FALLING)
                .flatMap(feed -> scene.way().metBy(feed).stream()
                        .filter(d -> SIDED.contains(d.placed().technique().code()))
                        .filter(d -> !d.placed().side().equals(Optional.of(arrives(scene, feed))))
                        .map(d -> suspicion(scene, feed, d)))
                .toList();
    }

    /// The side of the athlete's on which a fed strike arrives.
    static Side arrives(Scene scene, Step feed) {
        return feed.placed().technique().arrival().at(feed.placed().side().orElse(Side.LEAD), scene.pairingAt(feed));
    }

    private static Suspicion suspicion(Scene scene, Step feed, Step defence) {
        Technique technique = defence.placed().technique();
        String text = Reasons.of(
                "WRONG_SIDE",
                Reasons.beat(feed),
                Reasons.name(feed),
                Reasons.side(arrives(scene, feed)),
                Reasons.name(defence));
        return new Suspicion(
                Code.WRONG_SIDE,
                List.of(defence, feed),
                text,
                () -> List.of(
                        scene.surgery().replace(defence, technique.code().substring(1)),
                        scene.surgery().replace(defence, other(technique.code()))));
    }

    private static String other(String code) {
        return (code.startsWith("l") ? "r" : "l") + code.substring(1);
    }
}
