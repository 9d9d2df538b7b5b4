package onebeat.core.holding;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/// How often the feeder gives each cue of each read of a line. It is kept beside the line and written as
/// whole weights: `3:2:1 1:1` for a read of three and one of two. Reads that nothing is said of are even.
///
/// @param reads the weights of each read, in the order in which the reads stand in the line
public record Odds(List<List<Integer>> reads) {

    /// The largest weight; nobody means more.
    public static final int MOST = 999;

    public Odds {
        reads = reads.stream().map(List::copyOf).toList();
    }

    /// Every cue as often as the others.
    public static Odds even() {
        return new Odds(List.of());
    }

    /// The share of each cue of a read; adds up to 1.
    ///
    /// @param read which read, from 0
    /// @param cues how many cues it has
    public double[] shares(int read, int cues) {
        double[] shares = new double[cues];
        List<Integer> weights = weights(read, cues);
        double sum = weights.stream().mapToInt(w -> w).sum();
        for (int i = 0; i < cues; i++) {
            shares[i] = weights.get(i) / sum;
        }
        return shares;
    }

    /// The weights of a read; even where nothing usable is said of it.
    public List<Integer> weights(int read, int cues) {
        if (read < reads.size()
                && reads.get(read).size() == cues
                && reads.get(read).stream().anyMatch(w -> w > 0)) {
            return reads.get(read);
        }
        Integer[] even = new Integer[cues];
        Arrays.fill(even, 1);
        return List.of(even);
    }

    /// These odds with another weight for one cue.
    public Odds with(int read, int cues, int cue, int weight) {
        List<List<Integer>> changed = new ArrayList<>(reads);
        while (changed.size() <= read) {
            changed.add(List.of());
        }
        List<Integer> weights = new ArrayList<>(weights(read, cues));
        weights.set(cue, Math.clamp(weight, 0, MOST));
        changed.set(read, weights);
        return new Odds(changed);
    }

    /// The odds in words; [#parse] reads them.
    public String words() {
        return reads.stream()
                .map(weights -> weights.isEmpty()
                        ? "-"
                        : weights.stream().map(String::valueOf).collect(Collectors.joining(":")))
                .collect(Collectors.joining(" "));
    }

    /// Reads what [#words] writes; no words are even odds.
    ///
    /// @throws IllegalArgumentException with a sentence that names the word that is wrong
    public static Odds parse(String words) {
        List<List<Integer>> reads = new ArrayList<>();
        for (String word : words.isBlank() ? new String[0] : words.strip().split("\\s+")) {
            reads.add(
                    word.equals("-")
                            ? List.of()
                            : Arrays.stream(word.split(":", -1))
                                    .map(weight -> weight(word, weight))
                                    .toList());
        }
        return new Odds(reads);
    }

    private static int weight(String word, String weight) {
        if (!weight.matches("\\d{1,3}")) {
            throw new IllegalArgumentException("Odds are whole weights from 0 to " + MOST
                    + " joined by colons, such as 3:2:1, not "
                    + (word.length() > LONG ? word.substring(0, LONG) + "…" : word) + ".");
        }
        return Integer.parseInt(weight);
    }

    /// So many characters of a wrong word are said.
    private static final int LONG = 40;
}
