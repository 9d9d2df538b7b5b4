package onebeat.core.play;

import java.util.Optional;
import onebeat.core.exchange.Band;

/// An action as played.
///
/// @param range the athlete's band in which it was done
/// @param gapCm the gap when it was done, in centimetres
/// @param shortCm by how many centimetres it fell short of its target with every step it had time for; 0 if it
///     reached
/// @param toleranceCm how much of that the spread of body proportions may make up for
/// @param before the body when it started
/// @param after the body right after it
/// @param impact what a strike had behind it
/// @param landing where a strike that is meant to land does
public record Step(
        Placed placed,
        Band range,
        double gapCm,
        double shortCm,
        double toleranceCm,
        Body before,
        Body after,
        Optional<Impact> impact,
        Optional<Landing> landing) {

    /// Whether it fell short beyond what bodies differ by.
    public boolean isShort() {
        return shortCm > toleranceCm;
    }

    public int index() {
        return placed.index();
    }

    public Who who() {
        return placed.who();
    }

    public Beat beat() {
        return placed.beat();
    }
}
