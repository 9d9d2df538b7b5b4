package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Shelf;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.film.SeenOften;
import org.jspecify.annotations.Nullable;

/// What is on at Film.
///
/// @param reel the id of the reel that is on
/// @param timeS where it is, in seconds
/// @param chosen the id of the exchange at hand
/// @param awaits the id of the exchange whose outcome is asked for
/// @param amends the id of the exchange whose line is corrected
/// @param behind the ids of the exchanges behind what is chosen beside the film
/// @param lines whether what lies beside the film offers lines
/// @param collected the ids of the exchanges that were collected, to be played or cut together
record FilmState(
        Optional<String> reel,
        double timeS,
        Optional<String> chosen,
        Optional<String> awaits,
        Optional<String> amends,
        List<String> behind,
        boolean lines,
        List<String> collected) {

    private static final double SAME_S = 1e-9;

    static final FilmState FIRST = new FilmState(
            Optional.empty(), 0, Optional.empty(), Optional.empty(), Optional.empty(), List.of(), false, List.of());

    FilmState {
        behind = List.copyOf(behind);
        collected = List.copyOf(collected);
    }

    FilmState on(Optional<String> id) {
        return new FilmState(id, timeS, Optional.empty(), Optional.empty(), Optional.empty(), behind, lines, collected);
    }

    FilmState choosing(Optional<String> id) {
        return new FilmState(reel, timeS, id, awaits, amends, behind, lines, collected);
    }

    FilmState awaiting(Optional<String> id) {
        return new FilmState(reel, timeS, chosen, id, amends, behind, lines, collected);
    }

    FilmState amending(Optional<String> id) {
        return new FilmState(reel, timeS, chosen, awaits, id, behind, lines, collected);
    }

    FilmState beside(List<String> exchanges, boolean offers) {
        return new FilmState(reel, timeS, chosen, awaits, amends, exchanges, offers, collected);
    }

    FilmState collecting(List<String> exchanges) {
        return new FilmState(reel, timeS, chosen, awaits, amends, behind, lines, exchanges);
    }

    /// The exchange at hand is collected, or no longer.
    FilmState collecting(String exchange) {
        List<String> now = new ArrayList<>(collected);
        if (!now.remove(exchange)) {
            now.add(exchange);
        }
        return collecting(now);
    }

    /// The exchanges that are played or cut together: what was collected, else what is behind what is chosen.
    List<Exchange> together(Camp camp) {
        return (collected.isEmpty() ? behind : collected)
                .stream().flatMap(id -> camp.exchanges().get(id).stream()).toList();
    }

    /// The film is at another time. Of two exchanges of one second the one at hand stays at hand.
    FilmState at(double seconds, Camp camp) {
        FilmState moved = new FilmState(reel, seconds, chosen, awaits, amends, behind, lines, collected);
        Optional<Exchange> nearest =
                exchanges(camp).stream().min(Comparator.comparingDouble(e -> Math.abs(e.timeS() - seconds)));
        boolean stays = nearest.isPresent()
                && exchange(camp)
                        .filter(e -> e.reelId().equals(nearest.get().reelId())
                                && Math.abs(e.timeS() - seconds)
                                        <= Math.abs(nearest.get().timeS() - seconds) + SAME_S)
                        .isPresent();
        return stays ? moved : moved.choosing(nearest.map(Exchange::id));
    }

    Optional<Reel> reel(Camp camp) {
        return reel.flatMap(camp.reels()::get);
    }

    /// The exchanges of the reel that is on, in time.
    List<Exchange> exchanges(Camp camp) {
        Listed known = listed;
        if (known == null || !known.reel.equals(reel) || !known.of.equals(camp.exchanges())) {
            known = new Listed(
                    reel, camp.exchanges(), reel.map(camp::exchangesOn).orElse(List.of()));
            listed = known;
        }
        return known.inTime;
    }

    /// The exchanges of a reel in time: they are asked for with every picture of a film that plays.
    private record Listed(Optional<String> reel, Shelf<Exchange> of, List<Exchange> inTime) {}

    private static volatile @Nullable Listed listed;

    /// So many lines that were seen often are offered.
    static final int OFFERED = 5;

    /// The lines that were seen often of late on film of the same fighter, to be logged again.
    List<String> offered(Camp camp) {
        String subject = reel(camp).map(Reel::subject).orElse("");
        Set<String> reels = camp.reels().all().stream()
                .filter(r -> r.subject().equals(subject))
                .map(Reel::id)
                .collect(Collectors.toSet());
        return SeenOften.lines(
                camp.exchanges().all().stream()
                        .filter(e -> reels.contains(e.reelId()))
                        .toList(),
                OFFERED);
    }

    /// The exchange at hand.
    Optional<Exchange> exchange(Camp camp) {
        return chosen.flatMap(camp.exchanges()::get);
    }

    /// The exchange whose line is corrected.
    Optional<Exchange> amended(Camp camp) {
        return amends.flatMap(camp.exchanges()::get);
    }
}
