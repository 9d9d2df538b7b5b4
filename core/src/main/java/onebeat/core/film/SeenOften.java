package onebeat.core.film;

import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// What was seen often of late: lines that a coach is likely to write down next.
public final class SeenOften {

    /// So many of the exchanges logged last are looked at. A default: about what one reel holds.
    private static final int LOOKED_AT = 60;

    private SeenOften() {}

    /// The lines seen most often among those logged last; of those seen as often the one logged last comes first.
    ///
    /// @param logged in the order in which they were logged
    /// @param most so many at most
    public static List<String> lines(Collection<Exchange> logged, int most) {
        Map<String, int[]> seen = new LinkedHashMap<>();
        int number = 0;
        for (Exchange exchange :
                logged.stream().skip(Math.max(0, logged.size() - LOOKED_AT)).toList()) {
            int[] of = seen.computeIfAbsent(exchange.line(), _ -> new int[2]);
            of[0]++;
            of[1] = number++;
        }
        return seen.entrySet().stream()
                .sorted(Comparator.comparingInt((Map.Entry<String, int[]> e) -> -e.getValue()[0])
                        .thenComparingInt(e -> -e.getValue()[1]))
                .limit(most)
                .map(Map.Entry::getKey)
                .toList();
    }

    /// A line so far that goes on with what the other did then: an empty bracket for the opponent at its end, or
    /// nothing
    /// where the athlete is next.
    public static String goingOn(String line) {
        return line.endsWith(")") ? line + " " : line + " ()";
    }
}
