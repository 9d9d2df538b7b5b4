package onebeat.core.play;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// One way through a line, played.
///
/// @param steps all actions, in the order of the way
/// @param moments the states after each beat that something happens on and after each whole beat; the first is the
///     guard, a beat before the start
public record PlayedWay(Way way, List<Step> steps, List<Moment> moments) {

    public PlayedWay {
        steps = List.copyOf(steps);
        moments = List.copyOf(moments);
    }

    /// The steps of one of the two.
    public Stream<Step> of(Who who) {
        return steps.stream().filter(s -> s.who() == who);
    }

    /// The strikes of one of the two that are meant to land.
    public Stream<Step> strikesOf(Who who) {
        return of(who).filter(s -> s.placed().act().isStrike());
    }

    /// The defence that meets this strike.
    public Optional<Step> metBy(Step strike) {
        return way.metBy(strike.index()).map(p -> steps.get(p.index()));
    }

    /// The moment at or right before a beat.
    public Moment at(Beat beat) {
        int low = 0;
        int high = moments.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (moments.get(middle).beat().compareTo(beat) <= 0) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return moments.get(low);
    }
}
