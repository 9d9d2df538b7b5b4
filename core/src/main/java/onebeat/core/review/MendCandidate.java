package onebeat.core.review;

import java.util.Arrays;
import java.util.List;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Kind;
import onebeat.core.notation.Read;

/// A line that may be the mend of another.
///
/// @param changes how many words are put in, taken out or changed; what is parted counts too, what is joined
///     does not
/// @param repeats whether it does something twice in a row that the line did once
record MendCandidate(Read read, int changes, boolean repeats) {

    static MendCandidate of(String original, Read candidate) {
        List<String> before = words(original);
        List<String> after = words(candidate.canonical());
        int parted = Math.max(0, joints(original) - joints(candidate.canonical()));
        return new MendCandidate(candidate, distance(before, after) + parted, twice(after) > twice(before));
    }

    private static List<String> words(String line) {
        return Arrays.asList(line.split("[ +/]", -1));
    }

    private static int joints(String line) {
        return (int) line.chars().filter(c -> c == '+' || c == '/').count();
    }

    /// Steps may be taken twice, a beat may be left out twice, and two strikes are met by two defences.
    private static boolean mayRepeat(String word) {
        return word.equals("in")
                || word.equals("_")
                || Catalogue.standard()
                        .byCode(word)
                        .filter(t -> t.kind() == Kind.DEFENCE)
                        .isPresent();
    }

    private static int twice(List<String> words) {
        int count = 0;
        for (int i = 1; i < words.size(); i++) {
            String word = words.get(i);
            count += word.equals(words.get(i - 1)) && !mayRepeat(word) ? 1 : 0;
        }
        return count;
    }

    /// The edit distance in words (Levenshtein 1966).
    private static int distance(List<String> from, List<String> to) {
        int[] row = new int[to.size() + 1];
        for (int j = 0; j <= to.size(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= from.size(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= to.size(); j++) {
                int same = from.get(i - 1).equals(to.get(j - 1)) ? diagonal : diagonal + 1;
                diagonal = row[j];
                row[j] = Math.min(same, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[to.size()];
    }
}
