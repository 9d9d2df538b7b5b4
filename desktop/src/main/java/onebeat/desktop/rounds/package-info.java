/// Rounds: the lines that run tonight, laid out as one rope.
///
/// [onebeat.desktop.rounds.Rounds] is the station; [onebeat.desktop.rounds.HourRope] draws the hour, rounds thick and
/// rests thin.
@NullMarked
package onebeat.desktop.rounds;

import org.jspecify.annotations.NullMarked;
