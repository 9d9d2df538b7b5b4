/// Rounds as sound: what is said, the whole round as WAV and as a MIDI click track, and sounds given out on
/// time.
@NullMarked
package onebeat.formats.sound;

import org.jspecify.annotations.NullMarked;
