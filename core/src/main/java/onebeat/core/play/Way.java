package onebeat.core.play;

import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Band;

/// One way through a line: all its actions on their beats, from the first to the last, with one branch chosen at every
/// read.
///
/// @param branch the branches chosen, for example `a.b`; empty where the line has no reads
/// @param ranges the range marks that were written, each before the action of that index
/// @param beats how many beats it lasts until the next could start, pauses at its end included
public record Way(String branch, List<Placed> actions, List<Mark> ranges, int beats) {

    public Way {
        actions = List.copyOf(actions);
        ranges = List.copyOf(ranges);
    }

    /// A written range: from the action `before` on, the gap is that of the band.
    public record Mark(int before, Band band) {}

    /// The range written right before this action.
    public Optional<Band> markBefore(int index) {
        return ranges.isEmpty()
                ? Optional.empty()
                : ranges.stream()
                        .filter(m -> m.before() == index)
                        .map(Mark::band)
                        .reduce((_, last) -> last);
    }

    /// The defence that meets this strike.
    public Optional<Placed> metBy(int strike) {
        for (Placed action : actions) {
            if (action.meets().isPresent() && action.meets().getAsInt() == strike) {
                return Optional.of(action);
            }
        }
        return Optional.empty();
    }
}
