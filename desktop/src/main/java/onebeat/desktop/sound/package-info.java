/// Sound: bell, calls and clicks.
///
/// [onebeat.desktop.sound.Sounds] is what the floor rings; [onebeat.desktop.sound.CardSounds] plays on the sound card,
/// and [onebeat.desktop.sound.SilentSounds] stands in where there is none and says so.
@NullMarked
package onebeat.desktop.sound;

import org.jspecify.annotations.NullMarked;
