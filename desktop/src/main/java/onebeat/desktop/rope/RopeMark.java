package onebeat.desktop.rope;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.Predicate;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// Where on the rope one looks.
///
/// @param beat in beats from the first, from -0.5
/// @param side whose strand is meant where both do something there
public record RopeMark(double beat, Who side) {

    /// Before the first beat, on the athlete's side.
    public static final RopeMark START = new RopeMark(-0.35, Who.ATHLETE);

    /// An action so many beats from the mark still counts as at it.
    private static final double NEAR_BEATS = 0.5;

    /// Goes along the rope.
    ///
    /// @param beats how far, negative for back
    /// @param length of the line, in beats
    public RopeMark moved(double beats, int length) {
        return new RopeMark(Math.clamp(beat + beats, -0.5, Math.max(0, length - 0.5)), side);
    }

    /// What is done nearest to the mark, on its own side first; empty where nothing is near.
    public Optional<Step> step(PlayedWay way) {
        return step(way, _ -> true);
    }

    /// The same among some of what is done.
    public Optional<Step> step(PlayedWay way, Predicate<Step> among) {
        return way.steps().stream()
                .filter(among)
                .filter(s -> distance(s) <= NEAR_BEATS)
                .min(Comparator.comparingDouble(this::distance).thenComparingInt(s -> s.who() == side ? 0 : 1));
    }

    private double distance(Step step) {
        return Math.abs(step.beat().inBeats() - beat);
    }
}
