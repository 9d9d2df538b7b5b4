package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/// The best lines found so far, of each first strike of the answer its own.
final class BestByStrike {

    /// What two ways of adding the same numbers may differ by.
    private static final double ROUNDING = 1e-9;

    /// So many more are kept, since adding in another order can change the last digits.
    private static final int SPARE = 4;

    /// A line that may be the best of its first strike.
    record Candidate(String text, double score) {}

    private final int top;
    private final Map<String, TreeSet<Candidate>> byStrike = new HashMap<>();
    private double threshold = Double.NEGATIVE_INFINITY;

    BestByStrike(int top) {
        this.top = top;
    }

    /// The least score that a line needs to be of interest.
    ///
    /// @param strike the words of its first strike; empty where it is not known yet
    double needed(String strike) {
        TreeSet<Candidate> own = strike.isEmpty() ? null : byStrike.get(strike);
        double best = own == null || own.isEmpty()
                ? Double.NEGATIVE_INFINITY
                : own.first().score();
        return Math.max(best, threshold) - ROUNDING;
    }

    /// Takes a line; tells whether it changed anything.
    boolean offer(String strike, String text, double score) {
        TreeSet<Candidate> own = byStrike.computeIfAbsent(
                strike,
                _ -> new TreeSet<>(
                        Comparator.comparingDouble((Candidate c) -> -c.score).thenComparing(Candidate::text)));
        boolean better = own.isEmpty() || score > own.first().score();
        if (!own.add(new Candidate(text, score))) {
            return false;
        }
        double least = own.first().score() - 2 * ROUNDING;
        own.removeIf(c -> c.score < least);
        if (better) {
            double[] bests = byStrike.values().stream()
                    .mapToDouble(s -> s.first().score())
                    .sorted()
                    .toArray();
            int place = bests.length - (top + SPARE);
            threshold = place >= 0 ? bests[place] : Double.NEGATIVE_INFINITY;
        }
        return true;
    }

    /// The lines that may be the best of each first strike.
    List<List<Candidate>> byStrike() {
        List<List<Candidate>> all = new ArrayList<>();
        byStrike.values().forEach(own -> all.add(List.copyOf(own)));
        return all;
    }

    List<Candidate> all() {
        return byStrike().stream().flatMap(List::stream).toList();
    }
}
