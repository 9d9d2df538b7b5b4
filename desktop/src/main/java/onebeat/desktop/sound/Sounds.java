package onebeat.desktop.sound;

import java.util.List;
import java.util.Optional;
import onebeat.formats.sound.Sound;
import onebeat.formats.sound.Voice;

/// What can be heard on the floor.
public interface Sounds extends AutoCloseable {

    /// Plays a sound now and returns at once.
    void play(Sound sound);

    /// Who hears what is said.
    enum To {
        /// Nobody: nothing is said.
        NOBODY,
        /// Both ears: everybody who hears the speaker.
        BOTH,
        /// The left ear alone: the feeder, who wears that one.
        FEEDER
    }

    /// Says these words one after the other and returns at once.
    ///
    /// @param words names of clips: keys of techniques and the like
    /// @param voice where the clips come from
    void say(List<String> words, Voice voice, To to);

    /// Why nothing is heard, where nothing is.
    Optional<String> silentBecause();

    @Override
    void close();
}
