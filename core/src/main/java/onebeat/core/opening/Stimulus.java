package onebeat.core.opening;

import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;

/// Something that the athlete does and the partner reacts to.
///
/// @param code the technique's code
/// @param arrives the side of the partner on which it comes
public record Stimulus(String code, Level level, Side arrives) {}
