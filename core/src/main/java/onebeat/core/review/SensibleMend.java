package onebeat.core.review;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Line;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
import onebeat.core.play.Way;
import onebeat.core.play.Who;

/// Whether a mended line is one that somebody who knows the trade would offer, read as a whole (J21, common practice).
///
/// It does not step in and out again on neighbouring beats, steps out before no inside strike, takes no defence and no
/// strike away, and leaves what the partner throws as it is.
final class SensibleMend {

    private final Way way;
    private final List<Placed> own;

    private SensibleMend(Way way) {
        this.way = way;
        this.own = way.actions().stream()
                .filter(p -> p.who() == Who.ATHLETE)
                .sorted(Comparator.comparing(Placed::beat).thenComparingInt(Placed::index))
                .toList();
    }

    /// @param original the line that is mended
    static SensibleMend of(Line original, Context context) {
        return new SensibleMend(
                Placing.ways(original, context.setting().pairing()).getFirst());
    }

    /// Whether this line may become another.
    ///
    /// @param code what the mend is for: what the rules forbid has to go
    boolean allows(Line mended, Context context, Code code) {
        SensibleMend after = of(mended, context);
        if (after.inAndOut() > inAndOut() || after.outOfReach() > outOfReach()) {
            return false;
        }
        return code == Code.AGAINST_RULES
                || (after.defences() >= defences()
                        && after.strikes() >= strikes()
                        && after.thrownAtAthlete().equals(thrownAtAthlete()));
    }

    /// How often a step in and a step out, or the other way round, stand on neighbouring beats.
    private long inAndOut() {
        return pairs(p -> move(p) == Move.STEP_IN, p -> move(p) == Move.STEP_BACK)
                + pairs(p -> move(p) == Move.STEP_BACK, p -> move(p) == Move.STEP_IN);
    }

    /// How often a step out stands right before a strike from inside.
    private long outOfReach() {
        return pairs(p -> move(p) == Move.STEP_BACK, p -> isFromInside(p.technique()));
    }

    private static boolean isFromInside(Technique technique) {
        return technique.isStrike()
                && !technique.ranges().isEmpty()
                && !technique.ranges().contains(Band.LONG)
                && !technique.ranges().contains(Band.KICK);
    }

    private static Move move(Placed placed) {
        return placed.technique().traits().move();
    }

    private long pairs(Predicate<Placed> first, Predicate<Placed> second) {
        return own.stream()
                .filter(first)
                .filter(one -> own.stream()
                        .anyMatch(other -> other.beat().since(one.beat()) > 0
                                && other.beat().since(one.beat()) <= 1
                                && second.test(other)))
                .count();
    }

    private long defences() {
        return own.stream().filter(p -> p.technique().isDefence()).count();
    }

    private long strikes() {
        return own.stream().filter(p -> p.technique().isStrike()).count();
    }

    private List<String> thrownAtAthlete() {
        return way.actions().stream()
                .filter(p -> p.who() == Who.PARTNER && p.technique().isStrike())
                .map(p -> p.technique().code() + p.act().level())
                .toList();
    }
}
