package onebeat.planning;

/// How long and how a plan is looked for.
///
/// @param seconds of the solver's own deterministic time, about as long as seconds of a clock on an idle machine: the
///     same question with the same seed gives the same plan whatever the clock does
/// @param seed of its random choices
public record PlanSearch(double seconds, int seed) {

    /// Ten seconds.
    public static final PlanSearch USUAL = new PlanSearch(10, 1);

    /// Two seconds: enough where a plan stands already and little of it changes.
    public static final PlanSearch REMAKE = new PlanSearch(2, 1);

    /// @throws IllegalArgumentException if it is not above 0
    public PlanSearch {
        if (!(seconds > 0)) {
            throw new IllegalArgumentException("seconds must be above 0, not " + seconds);
        }
    }

    /// A part of it.
    PlanSearch part(double share) {
        return new PlanSearch(seconds * share, seed);
    }
}
