package onebeat.core.film;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import onebeat.core.review.Context;

/// The best replies of one athlete against one opponent, each worked out once: the lines of a camp ask for the same
/// ones again and again. May be asked from several threads; who asks never waits for another that works the same out.
public final class Replies {

    private record Asked(String beginning, String theirs) {}

    private final Context context;
    private final Repertoire repertoire;
    private final Map<Asked, Optional<Reply>> known = new HashMap<>();

    /// @param repertoire what the athlete has to answer with
    public Replies(Context context, Repertoire repertoire) {
        this.context = context;
        this.repertoire = repertoire;
    }

    public Context context() {
        return context;
    }

    /// The best reply, as [Reply#best] has it.
    ///
    /// @param beginning what came before, as a call line; may be empty
    /// @param theirs what the opponent does then, as it stands between brackets
    public Optional<Reply> best(String beginning, String theirs) {
        Asked asked = new Asked(beginning, theirs);
        return known(asked).orElseGet(() -> keep(asked, Reply.best(beginning, theirs, context, repertoire)));
    }

    private synchronized Optional<Optional<Reply>> known(Asked asked) {
        return Optional.ofNullable(known.get(asked));
    }

    private synchronized Optional<Reply> keep(Asked asked, Optional<Reply> found) {
        known.put(asked, found);
        return found;
    }
}
