package onebeat.core.review;

import java.util.List;
import onebeat.core.opening.Openings;
import onebeat.core.play.Played;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Who;

/// What a line is worth beside others of its kind. Ranks count, not decimals.
final class Score {

    private Score() {}

    /// Of all ways, the mean.
    static double of(Played played, List<Openings> openings) {
        double sum = 0;
        for (int i = 0; i < openings.size(); i++) {
            sum += of(played.ways().get(i), openings.get(i));
        }
        return openings.isEmpty() ? 0 : sum / openings.size();
    }

    /// A bounded sum over the strikes of opening times power, less exposure, less a cost for each beat.
    static double of(PlayedWay way, Openings openings) {
        double gained = way.strikesOf(Who.ATHLETE)
                .flatMap(s -> openings.of(s).stream()
                        .map(o -> o.value()
                                * s.impact().orElseThrow().power()
                                * (o.liver() ? ReviewNumbers.SCORE_LIVER : 1)))
                .reduce(0.0, Double::sum);
        return 1
                - StrictMath.exp(-gained)
                - ReviewNumbers.SCORE_EXPOSURE * openings.exposure()
                - ReviewNumbers.SCORE_BEAT * way.way().beats();
    }
}
