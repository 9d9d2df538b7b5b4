/// Rounds and ladders as JSON.
@NullMarked
package onebeat.formats.rounds;

import org.jspecify.annotations.NullMarked;
