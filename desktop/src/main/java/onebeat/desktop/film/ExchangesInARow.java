package onebeat.desktop.film;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import onebeat.core.film.Exchange;
import onebeat.desktop.text.Texts;

/// Exchanges that play one after the other, whatever reels they are on.
///
/// @param at which one plays, from 0
record ExchangesInARow(List<Exchange> exchanges, int at) {

    static final ExchangesInARow NONE = new ExchangesInARow(List.of(), 0);

    ExchangesInARow {
        exchanges = List.copyOf(exchanges);
    }

    /// These, in the order of their reels and times.
    static ExchangesInARow of(List<Exchange> all) {
        return new ExchangesInARow(
                all.stream()
                        .sorted(Comparator.comparing(Exchange::reelId).thenComparingDouble(Exchange::timeS))
                        .toList(),
                0);
    }

    boolean isEmpty() {
        return exchanges.isEmpty();
    }

    /// The one that plays.
    Optional<Exchange> here() {
        return at < exchanges.size() ? Optional.of(exchanges.get(at)) : Optional.empty();
    }

    /// With the next one; none where that was the last.
    ExchangesInARow next() {
        return at + 1 < exchanges.size() ? new ExchangesInARow(exchanges, at + 1) : NONE;
    }

    String words() {
        return Texts.of("film.row", at + 1, exchanges.size());
    }
}
