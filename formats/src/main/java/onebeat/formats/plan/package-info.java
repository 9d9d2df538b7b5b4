/// A camp's plan as a file: JSON for programs and for other camps of the gym, iCalendar for phones. Open
/// [PlanJson] and [PlanCalendarFile].
@NullMarked
package onebeat.formats.plan;

import org.jspecify.annotations.NullMarked;
