package onebeat.core.film;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import onebeat.core.review.Context;

/// The best replies of one athlete against one opponent, each worked out once: the lines of a camp ask for the same
/// ones again and again. May be asked from several threads; who asks never waits for another that works the same out.
public final class Replies {

    private record Asked(String beginning, String theirs) {}

    private final Context context;
    private final Repertoire repertoire;
    private final Map<Asked, Optional<Reply>> known = new ConcurrentHashMap<>();

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
        Optional<Reply> there = known.get(asked);
        if (there == null) {
            there = Reply.best(beginning, theirs, context, repertoire);
            known.put(asked, there);
        }
        return there;
    }
}
