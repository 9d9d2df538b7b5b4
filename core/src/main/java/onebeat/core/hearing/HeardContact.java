package onebeat.core.hearing;

import java.util.Optional;

/// A planned contact and what was heard of it.
///
/// @param heardMs when it was heard, in milliseconds from the bell on the round's clock; empty where it was not
/// @param onset the sound that it was heard as
public record HeardContact(PlannedContact planned, Optional<Double> heardMs, Optional<Onset> onset) {

    /// How much later than planned, in milliseconds.
    public Optional<Double> offMs() {
        return heardMs.map(ms -> ms - planned.ms());
    }
}
