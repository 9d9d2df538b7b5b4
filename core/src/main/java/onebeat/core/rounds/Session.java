package onebeat.core.rounds;

import java.time.LocalDate;

/// An evening on the floor.
///
/// @param schemeId how long its rounds and rests are
public record Session(String id, LocalDate date, String name, String schemeId) {

    public Scheme scheme() {
        return Scheme.byId(schemeId).orElseGet(Scheme::usual);
    }

    public Session withScheme(Scheme scheme) {
        return new Session(id, date, name, scheme.id());
    }
}
