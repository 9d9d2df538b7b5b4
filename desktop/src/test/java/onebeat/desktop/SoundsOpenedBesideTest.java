package onebeat.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CompletableFuture;
import onebeat.desktop.sound.SilentSounds;
import onebeat.desktop.sound.SoundsOpenedBeside;
import onebeat.formats.sound.Sound;
import org.junit.jupiter.api.Test;

class SoundsOpenedBesideTest {

    @Test
    void theCardIsWaitedForOnlyByWhoNeedsIt() {
        CompletableFuture<SilentSounds> card = new CompletableFuture<>();
        // Comes back though the card does not.
        SoundsOpenedBeside sounds = new SoundsOpenedBeside(card::join);
        CompletableFuture<Void> played = CompletableFuture.runAsync(() -> sounds.play(Sound.BELL));
        assertThat(played).isNotDone();
        SilentSounds silent = new SilentSounds("no card");
        card.complete(silent);
        played.join();
        assertThat(silent.played()).containsExactly(Sound.BELL);
        assertThat(sounds.silentBecause()).contains("no card");
    }
}
