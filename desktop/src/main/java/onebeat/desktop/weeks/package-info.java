/// The camp's weeks: the cord unrolled from today to fight night, the plan that the coach keeps, and what else it
/// could be.
@NullMarked
package onebeat.desktop.weeks;

import org.jspecify.annotations.NullMarked;
