package onebeat.core.film;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import onebeat.core.exchange.Constants;
import onebeat.core.film.ExchangesInTime.Pair;
import onebeat.core.film.Habit.Against;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import org.apache.commons.statistics.inference.FisherExactTest;

/// How the opponent changes when they were hit clean: what they do first in the next exchange of the round, beside what
/// they do first otherwise.
///
/// @param hits how many clean hits they took on film, by round
/// @param changes what they do, each share after a clean hit beside the share otherwise; the clearest first. Where the
///     kinds are looked at together, each `p` is that of Fisher's exact test times their number (Bonferroni), so that
/// one
///     of them is not clear only because there are several
/// @param exchanges the ids of the hits and of what followed them
public record AfterCleanHit(Map<Integer, Integer> hits, List<Change> changes, List<String> exchanges) {

    private static final Constants NUMBERS = Constants.of(AfterCleanHit.class, "habits.csv", "number");
    private static final int LEAST_COMPARED = (int) NUMBERS.get("least_compared");

    public AfterCleanHit {
        hits = Map.copyOf(hits);
        changes = List.copyOf(changes);
        exchanges = List.copyOf(exchanges);
    }

    /// One kind of reaction after a clean hit (`here`) and otherwise (`there`).
    public record Change(Reaction reaction, Against shares) {}

    /// Looks at what was seen.
    ///
    /// @param exchanges all of the opponent's film, in any order
    /// @return empty where they were never hit clean on film
    public static Optional<AfterCleanHit> of(Collection<Exchange> exchanges, Vocabulary vocabulary) {
        Map<Integer, Integer> hits = new TreeMap<>(exchanges.stream()
                .filter(AfterCleanHit::isHit)
                .collect(Collectors.groupingBy(Exchange::round, Collectors.summingInt(_ -> 1))));
        if (hits.isEmpty()) {
            return Optional.empty();
        }
        Map<Boolean, List<Pair>> pairs = ExchangesInTime.pairs(exchanges).stream()
                .collect(Collectors.partitioningBy(pair -> isHit(pair.before())));
        List<String> behind = pairs.getOrDefault(true, List.of()).stream()
                .flatMap(pair -> Stream.of(pair.before().id(), pair.after().id()))
                .distinct()
                .toList();
        Function<Boolean, List<Reaction>> after = hit -> pairs.getOrDefault(hit, List.of()).stream()
                .map(pair -> Reaction.of(pair.after(), vocabulary))
                .toList();
        return Optional.of(new AfterCleanHit(hits, changes(after.apply(true), after.apply(false)), behind));
    }

    /// The clearest change, where there is one.
    public Optional<Change> clearest() {
        return changes.stream().filter(change -> change.shares().isClear()).findFirst();
    }

    /// It was the opponent who was hit: the athlete began, and it landed clean.
    private static boolean isHit(Exchange exchange) {
        return exchange.starter() == Who.ATHLETE
                && (exchange.outcome() == Outcome.CLEAN || exchange.outcome() == Outcome.HURT);
    }

    private static List<Change> changes(List<Reaction> hit, List<Reaction> otherwise) {
        if (hit.size() < LEAST_COMPARED || otherwise.size() < LEAST_COMPARED) {
            return List.of();
        }
        List<Reaction> seen = Stream.of(Reaction.values())
                .filter(one -> hit.contains(one) || otherwise.contains(one))
                .toList();
        return seen.stream()
                .map(one -> new Change(
                        one,
                        against(count(hit, one), hit.size(), count(otherwise, one), otherwise.size(), seen.size())))
                .sorted(Comparator.comparingDouble(
                                (Change change) -> change.shares().p())
                        .thenComparing(Change::reaction))
                .toList();
    }

    private static int count(List<Reaction> all, Reaction one) {
        return (int) all.stream().filter(reaction -> reaction == one).count();
    }

    private static Against against(int a, int ofA, int b, int ofB, int tests) {
        double p = a + b == ofA + ofB
                ? 1
                : FisherExactTest.withDefaults()
                        .test(new int[][] {{a, ofA - a}, {b, ofB - b}})
                        .getPValue();
        return new Against(Share.of(a, ofA), Share.of(b, ofB), Math.min(1, p * tests));
    }
}
