/// Tries the engine on what coaches hold, and fits its numbers to that. It is no part of the shipped program.
@NullMarked
package onebeat.calibration;

import org.jspecify.annotations.NullMarked;
