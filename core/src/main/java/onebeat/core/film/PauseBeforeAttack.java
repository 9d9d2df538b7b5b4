package onebeat.core.film;

import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Constants;
import onebeat.core.film.ExchangesInTime.Pair;
import onebeat.core.play.Who;
import org.apache.commons.statistics.inference.MannWhitneyUTest;

/// Whether it pays to wait against this opponent: how long it was quiet before the attacks that landed, beside those
/// that
/// did not. Who waits for the other's rhythm to break lands more, say coaches (common practice); film tells for whom it
/// holds.
///
/// @param landed the median pause before attacks that landed, in seconds
/// @param landedOf how many of them there were
/// @param failed the median pause before those that were blocked, missed or countered, in seconds
/// @param failedOf how many of them there were
/// @param p how likely so large a difference would be if there were none: two-sided, Mann and Whitney's test (Mann and
///     Whitney 1947, Annals of Mathematical Statistics 18, 50–60; computed by commons-statistics)
/// @param exchanges the ids of the attacks that landed
public record PauseBeforeAttack(
        double landed, int landedOf, double failed, int failedOf, double p, List<String> exchanges) {

    private static final Constants NUMBERS = Constants.of(PauseBeforeAttack.class, "habits.csv", "number");
    private static final int LEAST_COMPARED = (int) NUMBERS.get("least_compared");
    private static final double CLEAR_P = 0.05;
    private static final Set<Outcome> FAILED = EnumSet.of(Outcome.BLOCKED, Outcome.MISSED, Outcome.COUNTERED);

    public PauseBeforeAttack {
        exchanges = List.copyOf(exchanges);
    }

    /// What follows from it.
    public enum Advice {
        /// What landed came clearly later after what went before.
        WAIT,
        /// What landed came clearly sooner after what went before.
        FOLLOW_AT_ONCE,
        /// The pauses do not tell the two apart.
        UNCLEAR
    }

    /// Looks at what was seen. The pause is counted from the beginning of the exchange before, in the same round.
    ///
    /// @param exchanges all of the opponent's film, in any order
    /// @return empty where too few attacks of either kind were seen
    public static Optional<PauseBeforeAttack> of(Collection<Exchange> exchanges) {
        List<Pair> attacks = ExchangesInTime.pairs(exchanges).stream()
                .filter(pair -> pair.after().starter() == Who.ATHLETE)
                .toList();
        List<Pair> landed =
                attacks.stream().filter(pair -> pair.after().outcome().landed()).toList();
        List<Pair> failed = attacks.stream()
                .filter(pair -> FAILED.contains(pair.after().outcome()))
                .toList();
        if (landed.size() < LEAST_COMPARED || failed.size() < LEAST_COMPARED) {
            return Optional.empty();
        }
        double p = MannWhitneyUTest.withDefaults()
                .test(pauses(landed), pauses(failed))
                .getPValue();
        return Optional.of(new PauseBeforeAttack(
                median(pauses(landed)),
                landed.size(),
                median(pauses(failed)),
                failed.size(),
                p,
                landed.stream().map(pair -> pair.after().id()).toList()));
    }

    public Advice advice() {
        if (p >= CLEAR_P) {
            return Advice.UNCLEAR;
        }
        return landed > failed ? Advice.WAIT : Advice.FOLLOW_AT_ONCE;
    }

    /// In order, from the shortest.
    private static double[] pauses(List<Pair> pairs) {
        return pairs.stream()
                .mapToDouble(pair -> pair.after().timeS() - pair.before().timeS())
                .sorted()
                .toArray();
    }

    private static double median(double[] sorted) {
        return (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2;
    }
}
