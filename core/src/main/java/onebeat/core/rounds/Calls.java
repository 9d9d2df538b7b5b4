package onebeat.core.rounds;

import java.util.List;
import onebeat.core.play.Beat;

/// When a call has to begin, so that it is said, heard and answered by its beat. It answers the same each time it is
/// asked: where calls take another time from now on, that is another one of these.
public interface Calls {

    /// Nothing is said.
    Calls NONE = (_, _) -> 0;

    /// How long before the first beat of a repetition its call begins.
    ///
    /// @param turn the repetition
    /// @param roomMs milliseconds that the gap before it leaves
    /// @return milliseconds; 0 where nothing is said
    double beforeMs(Part.Turned turn, double roomMs);

    /// The calls within a repetition, one for each strike after the first; none where the line is said as a
    /// whole before it, and where words would run into each other.
    ///
    /// @param beatMs how long a beat is
    default List<Call> within(Part.Turned turn, double roomMs, double beatMs) {
        return List.of();
    }

    /// A call within a repetition.
    ///
    /// @param beat the beat of what is called
    /// @param beforeMs how long before that beat it begins
    /// @param text what is called, as it is written in a line
    record Call(Beat beat, double beforeMs, String text) {}
}
