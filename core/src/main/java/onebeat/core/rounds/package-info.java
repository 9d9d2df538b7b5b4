/// Rounds: a line on the clock.
///
/// A [onebeat.core.rounds.Scheme] says how long rounds and rests are; a [onebeat.core.rounds.RoundPlan] is
/// one line at a tempo; a [onebeat.core.rounds.Session] is an evening of them.
/// [onebeat.core.rounds.Schedule] lays out every event of a session in milliseconds, once: picture and
/// sound both follow it. It stands after `review` and before `book`. Open [onebeat.core.rounds.Schedule]
/// first.
@NullMarked
package onebeat.core.rounds;

import org.jspecify.annotations.NullMarked;
