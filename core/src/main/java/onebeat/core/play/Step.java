package onebeat.core.play;

import java.util.Optional;
import onebeat.core.exchange.Band;

/// An action as played.
///
/// @param range the band in which it was done
/// @param before the body when it started
/// @param after the body right after it
/// @param impact what a strike had behind it
public record Step(Placed placed, Band range, Body before, Body after, Optional<Impact> impact) {

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
