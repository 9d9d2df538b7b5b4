/// A line played through: what both bodies do, beat by beat.
///
/// [onebeat.core.play.Placing] lays the actions of a line on beats, once for each way through its reads (a
/// [onebeat.core.play.Way]), and finds which defence meets which strike. [onebeat.core.play.Play] then moves both
/// bodies through it: turn, weight, height, stance and hands, by one rule for all strikes. Review, pictures and
/// animation all read the result, [onebeat.core.play.Played]. It stands after `notation` and before `timing`.
///
/// Turn is `+1` with the rear side forward and `-1` with the lead side forward; a strike has drive as far as its turn,
/// weight and height still have way to go, so that an alternating chain flows and a doubled side does not (F1, F2).
@NullMarked
package onebeat.core.play;

import org.jspecify.annotations.NullMarked;
