/// How a drill is grown: its parts, its pieces, its steps up to live, and forms of a line such as pyramids.
@NullMarked
package onebeat.core.ladder;

import org.jspecify.annotations.NullMarked;
