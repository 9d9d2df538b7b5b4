package onebeat.core.review;

import java.util.List;
import onebeat.core.opening.Openings;
import onebeat.core.play.Played;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Who;

/// What a line is worth beside others of its kind. Ranks count, not decimals.
public final class Score {

    private Score() {}

    /// Of all ways, the mean.
    static double of(Played played, List<Openings> openings) {
        double sum = 0;
        for (int i = 0; i < openings.size(); i++) {
            sum += of(played.ways().get(i), openings.get(i));
        }
        return openings.isEmpty() ? 0 : sum / openings.size();
    }

    private static double of(PlayedWay way, Openings openings) {
        double gained = way.strikesOf(Who.ATHLETE)
                .flatMap(s -> openings.of(s).stream().map(o -> of(o.value(), o.effect())))
                .reduce(0.0, Double::sum);
        return of(gained, openings.exposure(), way.way().beats());
    }

    /// What one strike gains: how open its place is times what it is worth there.
    public static double of(double opening, double effect) {
        return opening * effect;
    }

    /// A bounded sum of what the strikes gain, less exposure, less a cost for each beat.
    public static double of(double gained, double exposure, double beats) {
        return 1 - StrictMath.exp(-gained) - ReviewNumbers.SCORE_EXPOSURE * exposure - ReviewNumbers.SCORE_BEAT * beats;
    }

    /// The same but for its last digits, which may differ between machines: for leaving out what cannot be
    /// among the best, never for a result.
    public static double quick(double gained, double exposure, double beats) {
        return 1 - Math.exp(-gained) - ReviewNumbers.SCORE_EXPOSURE * exposure - ReviewNumbers.SCORE_BEAT * beats;
    }
}
