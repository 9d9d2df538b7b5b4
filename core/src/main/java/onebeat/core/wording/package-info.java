/// Call lines in words for a fighter: `(1) catch+2 3` is "Jab comes: catch and cross at once, left hook".
///
/// Open [onebeat.core.wording.Wording] first.
@NullMarked
package onebeat.core.wording;

import org.jspecify.annotations.NullMarked;
