package onebeat.core.exchange;

/// Where an action leaves the body, each from `-1` to `+1`.
///
/// @param turn `+1` with the rear side forward, `-1` with the lead side forward
/// @param weight `+1` on the lead foot, `-1` on the rear foot
/// @param height `+1` tall, `-1` with the legs bent
public record Ends(double turn, double weight, double height) {}
