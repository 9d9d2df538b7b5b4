package onebeat.core.play;

/// What a strike has behind it.
///
/// @param drive share of its full travel of turn, weight and height that is still ahead of it when it starts, 0 to 1
/// @param power the limb's own share plus what the drive adds, times a factor for its intent, 0 to 1
/// @param room the share of the distance it needs that it had; below 1 it was thrown from too near
/// @param whole the power before intent, 0 to 1
/// @param grade the power before intent, graded: a light strike from a loaded body is light, not badly made
public record Impact(double drive, double power, double whole, Grade grade, double room) {}
