package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.core.review.Context;

/// Something that an opponent leaves open: after this the opponent does that, and then there is a place for a strike.
///
/// @param stimulus what the athlete does
/// @param response what the opponent does after it
/// @param share how often, with its interval
/// @param reply what pays best then
/// @param exchanges the ids of the exchanges behind it
public record Idea(String stimulus, String response, Share share, Reply reply, List<String> exchanges) {

    public Idea {
        exchanges = List.copyOf(exchanges);
    }

    /// What ideas are ranked by: what the strike is worth there, counted only as often as the opponent does it for
    /// certain (the lower
    /// end of the
    /// interval).
    public double worth() {
        return share.low() * reply.opening() * reply.effect();
    }

    /// The ideas that these habits give, the surest and most open first, one for each response.
    ///
    /// @param habits the opponent's responses to what the athlete does
    public static List<Idea> of(List<After> habits, Context context, Repertoire repertoire) {
        List<Idea> ideas = new ArrayList<>();
        for (After after : habits) {
            for (FollowUp follow : after.responses()) {
                if (follow.share().n() > 1) {
                    of(after, follow, context, repertoire).ifPresent(ideas::add);
                }
            }
        }
        ideas.sort(Comparator.comparingDouble((Idea i) -> -i.worth())
                .thenComparing(Idea::stimulus)
                .thenComparing(Idea::response));
        return ideas;
    }

    private static Optional<Idea> of(After after, FollowUp follow, Context context, Repertoire repertoire) {
        return Reply.best(after.stimulus(), follow.response(), context, repertoire)
                .map(reply -> new Idea(after.stimulus(), follow.response(), follow.share(), reply, follow.exchanges()));
    }
}
