package onebeat.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.PlayedWay;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Review;

/// What the whole engine says of the lines that a search found: the search values a line faster and looks at less.
///
/// @param model how the partner reacts to what is seen for the first time
/// @param mastery how well the athlete has what, by its words
record AnswerReview(Context context, PartnerModel model, Map<String, Double> mastery) {

    /// A line as the whole engine values it; empty where it has a `stop` or ends straight back.
    Optional<Answer> of(String text) {
        if (!(Notation.read(text) instanceof Read read)) {
            return Optional.empty();
        }
        Review review = Review.withoutMends(read, context);
        if (review.hasStop() || !review.findings(Code.STRAIGHT_RETREAT).isEmpty()) {
            return Optional.empty();
        }
        PlayedWay way = review.played().ways().getFirst();
        Value value = Value.of(way, Openings.withoutCredits(way, context.setting(), model, 0), mastery);
        return Optional.of(new Answer(review.canonical(), value));
    }

    /// Whether all of the best can be told.
    boolean holds(BestByStrike best) {
        return best.all().stream().allMatch(c -> of(c.text()).isPresent());
    }

    /// Of each first strike the best line, the best first.
    List<Answer> of(BestByStrike best, int top) {
        List<Answer> all = new ArrayList<>();
        for (List<BestByStrike.Candidate> ofOne : best.byStrike()) {
            ofOne.stream().flatMap(c -> of(c.text()).stream()).min(Answer.BEST).ifPresent(all::add);
        }
        return all.stream().sorted(Answer.BEST).limit(top).toList();
    }
}
