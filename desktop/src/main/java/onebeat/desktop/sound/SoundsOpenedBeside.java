package onebeat.desktop.sound;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import onebeat.formats.sound.Sound;
import onebeat.formats.sound.Voice;

/// Sounds that are opened beside the interface, since a sound card may take its time for each of them. Who needs them
/// before they are open waits.
public final class SoundsOpenedBeside implements Sounds {

    private final CompletableFuture<Sounds> opened;

    /// @param opening what opens them, or says why nothing is heard
    public SoundsOpenedBeside(Supplier<Sounds> opening) {
        this.opened = CompletableFuture.supplyAsync(
                opening, work -> Thread.ofPlatform().daemon().name("sound card").start(work));
    }

    @Override
    public void play(Sound sound) {
        opened.join().play(sound);
    }

    @Override
    public void say(List<String> words, Voice voice, To to) {
        opened.join().say(words, voice, to);
    }

    @Override
    public Optional<String> silentBecause() {
        return opened.join().silentBecause();
    }

    @Override
    public void close() {
        var _ = opened.thenAccept(Sounds::close);
    }
}
