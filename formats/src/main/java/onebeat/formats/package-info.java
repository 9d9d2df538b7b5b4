/// Open formats in and out: what several of them need.
@NullMarked
package onebeat.formats;

import org.jspecify.annotations.NullMarked;
