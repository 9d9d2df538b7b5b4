package onebeat.core.notation;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.text.similarity.LevenshteinDistance;

/// Finds the known words that are written nearly like a given one.
final class Nearest {

    private static final int MOST = 3;
    private static final int LONGEST = 40;

    private Nearest() {}

    /// Known words within a third of the word's length (at least one letter) by Levenshtein distance, the nearest
    /// first.
    static List<String> to(String word, Collection<String> known) {
        if (word.isEmpty() || word.length() > LONGEST) {
            return List.of();
        }
        int bound = Math.max(1, (word.length() + 1) / 3);
        LevenshteinDistance distance = new LevenshteinDistance(bound);
        record Candidate(String word, int distance) {}
        return known.stream()
                .map(k -> new Candidate(k, distance.apply(word, k)))
                .filter(c -> c.distance >= 0 && c.distance < word.length())
                .sorted(Comparator.comparingInt(Candidate::distance))
                .limit(MOST)
                .map(Candidate::word)
                .toList();
    }
}
