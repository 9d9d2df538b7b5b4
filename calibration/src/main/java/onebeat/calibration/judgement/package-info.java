/// What coaches hold of lines, orders and searches, one row a case, and whether the engine comes to the same.
///
/// The cases stand in `judgements.jsonl`: common practice, each with the trade's reason.
@NullMarked
package onebeat.calibration.judgement;

import org.jspecify.annotations.NullMarked;
