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

    /// @param code what the mend is for: what the rules forbid has to go
    static boolean of(Line original, Line mended, Context context, Code code) {
        SensibleMend before = new SensibleMend(
                Placing.ways(original, context.setting().pairing()).getFirst());
        SensibleMend after = new SensibleMend(
                Placing.ways(mended, context.setting().pairing()).getFirst());
        if (after.inAndOut() > before.inAndOut() || after.outOfReach() > before.outOfReach()) {
            return false;
        }
        return code == Code.AGAINST_RULES
                || (after.defences() >= before.defences()
                        && after.strikes() >= before.strikes()
                        && after.thrownAtAthlete().equals(before.thrownAtAthlete()));
    }

    /// How often a step in and a step out, or the other way round, stand on neighbouring beats.
    private long inAndOut() {
        return pairs(p -> move(p) == Move.STEP_IN, p -> move(p) == Move.STEP_BACK)
                + pairs(p -> move(p) == Move.STEP_BACK, p -> move(p) == Move.STEP_IN)
                + pairs(
                        p -> move(p) == Move.STEP_BACK,
                        p -> p.technique().code().equals(THROUGH));
    }

    private static final String THROUGH = "through";

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
