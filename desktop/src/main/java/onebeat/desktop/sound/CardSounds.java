package onebeat.desktop.sound;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.Clip;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.UnsupportedAudioFileException;
import onebeat.desktop.text.Texts;
import onebeat.formats.sound.Sound;
import onebeat.formats.sound.Voice;

/// Plays the shipped sounds on the sound card.
public final class CardSounds implements Sounds {

    private final Map<Sound, Clip> clips;
    private Optional<Clip> speaking = Optional.empty();
    private volatile Optional<String> silent = Optional.empty();
    private final ExecutorService mouth = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "voice");
        thread.setDaemon(true);
        return thread;
    });

    private CardSounds(Map<Sound, Clip> clips) {
        this.clips = clips;
    }

    /// The card's sounds, or silence with the reason. Without a card asking for a line throws
    /// `IllegalArgumentException`.
    public static Sounds orSilence() {
        Map<Sound, Clip> clips = new EnumMap<>(Sound.class);
        try {
            for (Sound sound : Sound.values()) {
                clips.put(sound, clip(sound));
            }
            return new CardSounds(clips);
        } catch (IllegalArgumentException | LineUnavailableException | IOException | UnsupportedAudioFileException e) {
            clips.values().forEach(Clip::close);
            return new SilentSounds(Texts.of("sound.none"));
        }
    }

    private static Clip clip(Sound sound) throws IOException, UnsupportedAudioFileException, LineUnavailableException {
        try (InputStream file = CardSounds.class.getResourceAsStream(sound.path())) {
            if (file == null) {
                throw new IOException("not shipped: " + sound.path());
            }
            try (AudioInputStream audio = AudioSystem.getAudioInputStream(new BufferedInputStream(file))) {
                Clip clip = AudioSystem.getClip();
                clip.open(audio);
                return clip;
            }
        }
    }

    @Override
    public void play(Sound sound) {
        Clip clip = clips.get(sound);
        if (clip != null) {
            clip.stop();
            clip.setFramePosition(0);
            clip.start();
        }
    }

    @Override
    public void say(List<String> words, Voice voice, To to) {
        byte[] sound = to == To.NOBODY ? new byte[0] : voice.said(words, to == To.FEEDER);
        if (sound.length == 0) {
            return;
        }
        mouth.execute(() -> speak(sound));
    }

    /// Opening a line takes the card some time, which must not hold up the clicks.
    private void speak(byte[] sound) {
        try {
            speaking.ifPresent(Clip::close);
            Clip clip = AudioSystem.getClip();
            clip.open(Voice.STEREO, sound, 0, sound.length);
            clip.start();
            speaking = Optional.of(clip);
        } catch (LineUnavailableException | IllegalArgumentException _) {
            silent = Optional.of(Texts.of("sound.voice.none"));
        }
    }

    @Override
    public Optional<String> silentBecause() {
        return silent;
    }

    @Override
    public void close() {
        clips.values().forEach(Clip::close);
        mouth.execute(() -> speaking.ifPresent(Clip::close));
        mouth.shutdown();
    }
}
