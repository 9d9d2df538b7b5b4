package onebeat.core.rounds;

import java.time.LocalDate;
import java.util.List;

/// An evening on the floor.
///
/// @param schemeId how long its rounds and rests are
/// @param template what it holds beside its rounds, by the id of a [Template]; empty where it is rounds alone
public record Session(String id, LocalDate date, String name, String schemeId, String template) {

    /// Rounds alone.
    public Session(String id, LocalDate date, String name, String schemeId) {
        this(id, date, name, schemeId, "");
    }

    public Scheme scheme() {
        return Scheme.byId(schemeId).orElseGet(Scheme::usual);
    }

    public Session withScheme(Scheme scheme) {
        return new Session(id, date, name, scheme.id(), template);
    }

    public Session withTemplate(String changed) {
        return new Session(id, date, name, schemeId, changed);
    }

    /// What it holds, in order, for so many rounds.
    public List<Block> blocks(int rounds) {
        return Template.byId(template)
                .map(t -> t.blocks(scheme(), rounds))
                .orElseGet(() -> Block.alone(scheme(), rounds));
    }
}
