package onebeat.core.film;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/// When the rounds of a reel begin, as files keep it: seconds from its start, apart by spaces.
public final class RoundStarts {

    private RoundStarts() {}

    public static String words(List<Double> starts) {
        return starts.stream().map(String::valueOf).collect(Collectors.joining(" "));
    }

    /// Reads them.
    ///
    /// @throws IllegalArgumentException where one is no number of seconds that a reel can have
    public static List<Double> read(String words) {
        return Arrays.stream(words.strip().split("\\s+", -1))
                .filter(word -> !word.isEmpty())
                .map(RoundStarts::seconds)
                .toList();
    }

    private static double seconds(String word) {
        double seconds = Double.parseDouble(word);
        if (seconds >= 0 && seconds <= Reel.MOST_SECONDS) {
            return seconds;
        }
        throw new IllegalArgumentException("no second of a film: " + word);
    }
}
