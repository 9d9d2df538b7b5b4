/// What the program is: its version, as the build says it. Everything that is written tells it.
@NullMarked
package onebeat.core.program;

import org.jspecify.annotations.NullMarked;
