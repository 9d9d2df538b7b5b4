/// Forms that lie over a station until they are kept or left.
@NullMarked
package onebeat.desktop.forms;

import org.jspecify.annotations.NullMarked;
