/// What coaches do to a camp, as pure functions from a camp to an edit: put lines into tonight, move a round, climb a
/// ladder, weigh a cue, decide otherwise than the book, log an exchange.
///
/// Nothing here saves: an [onebeat.core.camp.Edit] goes to the camp's file, which takes it or says why not. Open
/// [onebeat.core.change.TonightChanges] first.
@NullMarked
package onebeat.core.change;

import org.jspecify.annotations.NullMarked;
