package onebeat.core.ladder;

import onebeat.core.holding.Odds;
import onebeat.core.timing.Rung;

/// One rung of a drill's ladder as it is done: a line, at a tempo.
///
/// @param line in canonical form
/// @param bpm beats a minute
/// @param odds of its reads
/// @param difficulty by [Difficulty]; grows from stage to stage
public record Stage(Rung rung, String line, int bpm, Odds odds, double difficulty) {}
