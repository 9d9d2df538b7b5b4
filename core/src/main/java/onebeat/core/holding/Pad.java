package onebeat.core.holding;

import onebeat.core.exchange.Level;

/// One target that the holder shows.
///
/// @param step the index of the strike in its way
/// @param heightCm how high above the floor it is held
/// @param angle how it is held, in words
/// @param showMs when it has to stand there at the latest, in milliseconds from the first beat: a step ahead
/// @param travelCm how far the holder's hands move for it
public record Pad(
        int step, Gear gear, Hand hand, Level level, double heightCm, String angle, double showMs, double travelCm) {}
