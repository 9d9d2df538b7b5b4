package onebeat.core.film;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.Posture;
import onebeat.core.opening.Stimulus;
import onebeat.core.play.Placed;

/// What film says of how the opponent reacts: the shipped reactions as a prior with a visible weight, and what was
/// seen of them added to it (a Dirichlet posterior; Gelman and others, Bayesian Data Analysis, 3rd ed. 2013,
/// section 3.4).
///
/// @param model the shipped tables with the rows that film has changed
/// @param seen how many sightings stand behind each row that film has changed
public record Learned(PartnerModel model, Map<Stimulus, Integer> seen) {

    /// How many sightings the shipped reactions count for.
    public static final double PRIOR_WEIGHT =
            Constants.of(Learned.class, "habits.csv", "number").get("prior_weight");

    public Learned {
        seen = Map.copyOf(seen);
    }

    /// Learns from sightings of the opponent. Responses that are no posture, such as a strike back, say nothing of
    /// what is covered and are left out.
    public static Learned of(PartnerModel prior, List<Sighting> sightings) {
        Map<Stimulus, Map<Posture, Integer>> counts = new HashMap<>();
        Map<Stimulus, Integer> seen = new HashMap<>();
        for (Sighting one : sightings) {
            posture(one).ifPresent(posture -> {
                Stimulus stimulus = stimulus(one);
                counts.computeIfAbsent(stimulus, _ -> new HashMap<>()).merge(posture, 1, Integer::sum);
                seen.merge(stimulus, 1, Integer::sum);
            });
        }
        return new Learned(prior.learned(counts, PRIOR_WEIGHT), seen);
    }

    private static Stimulus stimulus(Sighting one) {
        Pairing pairing = one.exchange().pairing();
        Placed shown = one.shown();
        Side side = shown.side().orElse(Side.LEAD);
        return new Stimulus(
                shown.technique().code(),
                shown.act().level(),
                shown.technique().arrival().at(side, pairing));
    }

    private static Optional<Posture> posture(Sighting one) {
        if (one.answered().act().feint()) {
            return Optional.empty();
        }
        return PartnerModel.usual()
                .shown(
                        one.answered().technique(),
                        one.answered().side().orElse(Side.LEAD),
                        Optional.of(one.shown().act().level()));
    }
}
