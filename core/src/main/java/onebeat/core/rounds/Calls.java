package onebeat.core.rounds;

/// How long before the first beat of a repetition its call has to begin, so that it is said, heard and
/// answered.
public interface Calls {

    /// Nothing is said.
    Calls NONE = (_, _) -> 0;

    /// How long before.
    ///
    /// @param turn the repetition
    /// @param roomMs milliseconds that the gap before it leaves
    /// @return milliseconds; 0 where nothing is said
    double beforeMs(Part.Turned turn, double roomMs);
}
