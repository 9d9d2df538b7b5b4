package onebeat.core.rounds;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;

/// An evening on the floor.
///
/// @param schemeId how long its rounds and rests are
/// @param template what it holds beside its rounds, by the id of a [Template]; empty where it is rounds alone
/// @param minutes how long it may take; 0 where it takes as long as it takes
/// @param effort how hard the athlete says it was, from 0 to [#MOST_EFFORT]; empty where nobody asked
public record Session(
        String id, LocalDate date, String name, String schemeId, String template, int minutes, OptionalInt effort) {

    /// The most that an effort is: as hard as can be.
    public static final int MOST_EFFORT = 10;

    /// More rounds no evening has: at three minutes and one of rest that is four hours. What a file holds beyond them
    /// is
    /// not laid out.
    public static final int MOST_LAID_OUT = 60;

    /// Longer no evening is.
    public static final int MOST_MINUTES = 240;

    /// Without minutes and without a template an evening is filled with so many rounds. A default.
    private static final int USUAL_ROUNDS = 4;

    /// More rounds than these an evening is not filled with.
    private static final int MOST_ROUNDS = 24;

    /// Rounds alone, as long as they take.
    public Session(String id, LocalDate date, String name, String schemeId) {
        this(id, date, name, schemeId, "", 0);
    }

    /// Nobody asked yet how hard it was.
    public Session(String id, LocalDate date, String name, String schemeId, String template, int minutes) {
        this(id, date, name, schemeId, template, minutes, OptionalInt.empty());
    }

    public Scheme scheme() {
        return Scheme.byId(schemeId).orElseGet(Scheme::usual);
    }

    public Session withScheme(Scheme scheme) {
        return new Session(id, date, name, scheme.id(), template, minutes, effort);
    }

    public Session withTemplate(String changed) {
        return new Session(id, date, name, schemeId, changed, minutes, effort);
    }

    public Session withMinutes(int changed) {
        return new Session(id, date, name, schemeId, template, Math.clamp(changed, 0, MOST_MINUTES), effort);
    }

    /// The same with how hard it was.
    ///
    /// @param said from 0 to [#MOST_EFFORT]
    public Session withEffort(int said) {
        return new Session(
                id, date, name, schemeId, template, minutes, OptionalInt.of(Math.clamp(said, 0, MOST_EFFORT)));
    }

    /// What it holds, in order, for so many rounds.
    public List<Block> blocks(int rounds) {
        return Template.byId(template)
                .map(t -> t.blocks(scheme(), rounds))
                .orElseGet(() -> Block.alone(scheme(), rounds));
    }

    /// How many rounds it has room for: as many as fit into its minutes with all else that it holds; where
    /// it has none, those of its template.
    public int room() {
        if (minutes == 0) {
            return Template.byId(template).map(Template::rounds).orElse(USUAL_ROUNDS);
        }
        int rounds = 0;
        while (rounds < MOST_ROUNDS && seconds(rounds + 1) <= minutes * 60) {
            rounds++;
        }
        return rounds;
    }

    private int seconds(int rounds) {
        return blocks(rounds).stream().mapToInt(Block::seconds).sum();
    }
}
