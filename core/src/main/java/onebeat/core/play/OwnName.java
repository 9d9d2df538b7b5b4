package onebeat.core.play;

/// The coach's own line that an action comes from.
///
/// @param name as the coach calls it
/// @param time which of the own lines on its way it is, from 0, so that the same one twice can be told apart
public record OwnName(String name, int time) {}
