package onebeat.calibration.judgement;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import onebeat.core.opening.Opening;
import onebeat.core.play.Played;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;

/// What two lines are compared by.
enum Quantity {
    OPENING,
    EFFECT,
    POWER,
    EXPOSURE,
    SCORE,
    CEILING;

    /// What a point of exposure takes in the plain sum by which whole lines are compared here.
    private static final double OF_EXPOSURE = 0.9;

    static Quantity of(String word) {
        return switch (word) {
            case "opening" -> OPENING;
            case "effect" -> EFFECT;
            case "power" -> POWER;
            case "exposure" -> EXPOSURE;
            case "score" -> SCORE;
            case "tempoCeiling" -> CEILING;
            default -> throw new IllegalArgumentException("Lines are not compared by " + word);
        };
    }

    /// Whether less is better.
    boolean isCost() {
        return this == EXPOSURE;
    }

    /// Of the last strike with this code, or of the line; empty where there is none.
    OptionalDouble of(Review review, String step) {
        return switch (this) {
            case OPENING ->
                last(review, step, n -> opening(review, n).map(Opening::value).orElse(Double.NaN));
            case EFFECT ->
                last(review, step, n -> opening(review, n).map(Opening::effect).orElse(Double.NaN));
            case POWER ->
                last(review, step, n -> n.step().impact().orElseThrow().power());
            case EXPOSURE -> OptionalDouble.of(review.exposure());
            case SCORE ->
                OptionalDouble.of(review.played().numbered().stream()
                                .filter(Quantity::isStrike)
                                .mapToDouble(n ->
                                        opening(review, n).map(Opening::effect).orElse(0.0))
                                .sum()
                        - OF_EXPOSURE * review.exposure());
            case CEILING ->
                review.played().ways().stream()
                        .flatMap(way -> Timing.ceiling(way).stream())
                        .mapToDouble(Link::ceilingBpm)
                        .min();
        };
    }

    private static boolean isStrike(Played.Numbered numbered) {
        Step step = numbered.step();
        return step.who() == Who.ATHLETE
                && !step.placed().act().feint()
                && step.impact().isPresent();
    }

    private static Optional<Opening> opening(Review review, Played.Numbered numbered) {
        return review.openings().get(numbered.way()).of(numbered.step());
    }

    private static OptionalDouble last(Review review, String step, ToDoubleFunction<Played.Numbered> number) {
        return review.played().numbered().stream()
                .filter(n -> isStrike(n) && n.step().placed().technique().code().equals(step))
                .mapToDouble(number)
                .filter(Double::isFinite)
                .reduce((_, later) -> later);
    }
}
