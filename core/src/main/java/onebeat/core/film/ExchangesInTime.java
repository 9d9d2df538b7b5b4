package onebeat.core.film;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/// Exchanges as they followed one another on film.
final class ExchangesInTime {

    /// One after another in the same round of the same reel.
    record Pair(Exchange before, Exchange after) {}

    private ExchangesInTime() {}

    /// Each exchange with the one that was logged next in its round.
    static List<Pair> pairs(Collection<Exchange> exchanges) {
        List<Exchange> inTime = exchanges.stream()
                .sorted(Comparator.comparing(Exchange::reelId)
                        .thenComparingInt(Exchange::round)
                        .thenComparingDouble(Exchange::timeS))
                .toList();
        List<Pair> all = new ArrayList<>();
        for (int i = 1; i < inTime.size(); i++) {
            Exchange before = inTime.get(i - 1);
            Exchange after = inTime.get(i);
            if (before.reelId().equals(after.reelId()) && before.round() == after.round()) {
                all.add(new Pair(before, after));
            }
        }
        return all;
    }
}
