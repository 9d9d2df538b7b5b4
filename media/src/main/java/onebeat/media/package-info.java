/// Film files: what is in them, their frames exact to the index, their sound, and cuts out of them. No window. FFmpeg
/// does the decoding and encoding; which frame is which, what is kept in memory and what a coach is told is ours.
@NullMarked
package onebeat.media;

import org.jspecify.annotations.NullMarked;
