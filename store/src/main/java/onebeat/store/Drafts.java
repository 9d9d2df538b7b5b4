package onebeat.store;

import static onebeat.store.Rows.orNothing;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;

/// What stands half written, and what was chosen last. It is read from memory, since the interface asks often and
/// must not wait while a long change is being written.
final class Drafts {

    private final Map<String, String> texts = new ConcurrentHashMap<>();
    private final Map<String, String> unwritten = new ConcurrentHashMap<>();

    /// All that a camp file has.
    static Drafts read(Handle handle) {
        Drafts drafts = new Drafts();
        try {
            handle.createQuery("SELECT place, text FROM draft")
                    .map((row, _) -> Map.entry(orNothing(row, "place"), orNothing(row, "text")))
                    .forEach(draft -> drafts.texts.put(draft.getKey(), draft.getValue()));
        } catch (JdbiException _) {
            // A draft is a courtesy: a camp opens without them.
        }
        return drafts;
    }

    /// What was kept there; the empty text where nothing was.
    String get(String place) {
        return texts.getOrDefault(place, "");
    }

    void keep(String place, String text) {
        texts.put(place, text);
        unwritten.put(place, text);
    }

    /// Another file of the same camp has them too.
    void keepIn(Drafts others) {
        texts.forEach(others::keep);
    }

    /// Writes what was kept since the last time.
    ///
    /// @throws JdbiException if the file cannot be written; the next time tries again
    void write(Handle handle) {
        unwritten.forEach((place, text) -> {
            handle.createUpdate(
                            "INSERT INTO draft (place, text) VALUES (:place, :text) ON CONFLICT (place) DO UPDATE SET text = :text")
                    .bind("place", place)
                    .bind("text", text)
                    .execute();
            unwritten.remove(place, text);
        });
    }
}
