/// Sound to be heard: recordings read from files, and pad work that nobody did: hits, rooms and noise made from
/// numbers, with the truth beside them, for tests, for the table of how well hearing works, and for a microphone
/// where there is none.
@NullMarked
package onebeat.formats.hearing;

import org.jspecify.annotations.NullMarked;
