package onebeat.formats.film;

import java.util.HashMap;
import java.util.Map;
import onebeat.core.camp.Camp;
import onebeat.core.film.Reel;
import onebeat.core.film.RoundStarts;

/// What is known of the reels whose exchanges are written out, so that a log tells whose film it is.
///
/// @param reels by their ids
/// @param opponent whom a reel studies that names nobody
public record ReelTable(Map<String, Reel> reels, String opponent) {

    /// Nothing is known; reels go by their ids.
    public static final ReelTable NONE = new ReelTable(Map.of(), "");

    public ReelTable {
        reels = Map.copyOf(reels);
    }

    /// The reels of a camp.
    public static ReelTable of(Camp camp) {
        Map<String, Reel> all = new HashMap<>();
        camp.reels().all().forEach(reel -> all.put(reel.id(), reel));
        return new ReelTable(all, camp.card().opponent().name());
    }

    String name(String id) {
        Reel reel = reels.get(id);
        return reel == null ? id : reel.name();
    }

    String subject(String id) {
        Reel reel = reels.get(id);
        return reel == null || reel.subject().isEmpty() ? opponent : reel.subject();
    }

    String file(String id) {
        Reel reel = reels.get(id);
        return reel == null ? "" : reel.file();
    }

    String seconds(String id) {
        Reel reel = reels.get(id);
        return reel == null ? "" : "" + reel.seconds();
    }

    String roundSeconds(String id) {
        Reel reel = reels.get(id);
        return reel == null ? "" : "" + reel.roundSeconds();
    }

    String roundStarts(String id) {
        Reel reel = reels.get(id);
        return reel == null ? "" : RoundStarts.words(reel.roundStarts());
    }
}
