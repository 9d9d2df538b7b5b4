/// The camp: everything from the first day to fight night, as one value.
///
/// [onebeat.core.camp.Camp] is immutable. Each change is an [onebeat.core.camp.Edit], a sealed family of records that
/// hold what was there before and what is there after, so that each knows its own inverse: undo, history, saving and
/// crash safety all come from that one path. It stands last in the flow; open [onebeat.core.camp.Camp] first.
@NullMarked
package onebeat.core.camp;

import org.jspecify.annotations.NullMarked;
