package onebeat.core.camp;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;

/// Exchanges that come from elsewhere into a camp: onto the reels of their names, or onto new ones. What
/// stands in the camp already is left out.
///
/// @param edits what brings them in
/// @param fresh how many come
/// @param known how many stand in the camp already
/// @param reels the names of the reels that come with them
public record Arrivals(List<Edit> edits, int fresh, int known, List<String> reels) {

    /// A new reel runs so much longer than its last exchange, in seconds. A default.
    private static final double AFTER_S = 30;

    /// Rounds on a new reel, in seconds, where its exchanges do not say. A default (F40).
    private static final double ROUND_S = 180;

    public Arrivals {
        edits = List.copyOf(edits);
        reels = List.copyOf(reels);
    }

    /// What brings these exchanges in.
    ///
    /// @param arriving their reel ids may be names of reels
    public static Arrivals of(Camp camp, Collection<Exchange> arriving) {
        return of(camp, arriving, List.of());
    }

    /// The same where something is known of the reels.
    ///
    /// @param told what is known; a length of 0 is not known
    public static Arrivals of(Camp camp, Collection<Exchange> arriving, Collection<Reel> told) {
        Map<String, Reel> known = new HashMap<>();
        told.forEach(reel -> known.put(reel.id(), reel));
        return new Coming(camp, arriving, known).in();
    }

    /// What comes into which camp.
    ///
    /// @param told what is known of the reels, by their names
    private record Coming(Camp camp, Collection<Exchange> arriving, Map<String, Reel> told) {

        private Arrivals in() {
            Map<String, String> reelIds = new HashMap<>();
            camp.reels().all().forEach(r -> reelIds.put(r.id(), r.id()));
            camp.reels().all().forEach(r -> reelIds.put(r.name(), r.id()));
            Set<String> here = new HashSet<>();
            camp.exchanges().all().forEach(e -> here.add(key(e, e.reelId())));
            List<Edit> edits = new ArrayList<>();
            List<String> names = new ArrayList<>();
            int nextReel = number(camp.reels().nextId("r"));
            int next = number(camp.exchanges().nextId("x"));
            int fresh = 0;
            int known = 0;
            for (Exchange one : arriving) {
                String reel = reelIds.get(one.reelId());
                if (reel == null) {
                    reel = "r" + nextReel++;
                    reelIds.put(one.reelId(), reel);
                    names.add(one.reelId());
                    edits.add(Edit.add(Place.REELS, reel(reel, one.reelId())));
                }
                if (here.add(key(one, reel))) {
                    edits.add(Edit.add(Place.EXCHANGES, one.moved("x" + next++, reel)));
                    fresh++;
                } else {
                    known++;
                }
            }
            return new Arrivals(edits, fresh, known, names);
        }

        private Reel reel(String id, String name) {
            double last = 0;
            int rounds = 1;
            for (Exchange one : arriving) {
                if (one.reelId().equals(name)) {
                    last = Math.max(last, one.timeS());
                    rounds = Math.max(rounds, one.round());
                }
            }
            double seconds = Math.max(last + AFTER_S, rounds == 1 ? 0 : (rounds - 1) * ROUND_S + AFTER_S);
            double guessed = Math.min(seconds, Reel.MOST_SECONDS);
            Reel known = told.get(name);
            if (known == null) {
                return new Reel(id, name, guessed, ROUND_S);
            }
            // A reel of the camp's own opponent names nobody.
            String subject = known.subject().equals(camp.card().opponent().name()) ? "" : known.subject();
            double runs = known.seconds() > 0 ? Math.max(known.seconds(), last) : guessed;
            return new Reel(id, name, runs, known.roundSeconds(), subject, known.file(), known.roundStarts());
        }
    }

    private static String key(Exchange exchange, String reel) {
        return reel + " " + exchange.timeS() + " " + exchange.line();
    }

    private static int number(String id) {
        return Integer.parseInt(id.substring(1));
    }
}
