package onebeat.desktop.sound;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import onebeat.formats.sound.Sound;
import onebeat.formats.sound.Voice;

/// The stand-in where there is no sound card: it plays nothing, says so, and remembers what it would have
/// played.
public final class SilentSounds implements Sounds {

    private final String reason;
    private final List<Sound> played = new CopyOnWriteArrayList<>();
    private final List<String> said = new CopyOnWriteArrayList<>();

    public SilentSounds(String reason) {
        this.reason = reason;
    }

    @Override
    public void play(Sound sound) {
        played.add(sound);
    }

    @Override
    public void say(List<String> words, Voice voice, To to) {
        if (to != To.NOBODY) {
            words.forEach(word -> said.add(to + " " + word));
        }
    }

    /// What would have been said, each word with who would have heard it.
    public List<String> said() {
        return List.copyOf(said);
    }

    /// What would have been heard, in order.
    public List<Sound> played() {
        return List.copyOf(played);
    }

    @Override
    public Optional<String> silentBecause() {
        return Optional.of(reason);
    }

    @Override
    public void close() {
        // Nothing is open.
    }
}
