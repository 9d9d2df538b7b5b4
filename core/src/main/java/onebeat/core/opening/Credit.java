package onebeat.core.opening;

import java.util.Optional;

/// What an earlier action gave an opening: how much of it is gone when all is computed again without that action.
///
/// @param step the index of the action in its way
/// @param gain above 0 where it opened, below 0 where it closed
/// @param by the posture that the action made likelier and that gave it, where it was one
public record Credit(int step, double gain, Optional<Posture> by) {}
