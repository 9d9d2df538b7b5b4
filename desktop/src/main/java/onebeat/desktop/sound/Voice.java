package onebeat.desktop.sound;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/// The shipped voice clips, put together to what is said: 16 kHz, 16 bit, mono clips become two channels, so that a
/// word can be said into the left ear alone.
final class Voice {

    static final AudioFormat STEREO = new AudioFormat(16_000, 16, 2, true, false);

    private static final int SAMPLE_BYTES = 2;
    private static final int BETWEEN_MS = 60;

    private final Map<String, Optional<byte[]>> clips = new HashMap<>();
    private final Set<String> missing = new LinkedHashSet<>();

    /// The sound of these words one after the other; words without a clip are left out and remembered.
    byte[] said(List<String> words, boolean leftEarOnly) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        for (String word : words) {
            Optional<byte[]> clip = clips.computeIfAbsent(word, this::read);
            clip.ifPresent(mono -> {
                for (int i = 0; i + 1 < mono.length; i += SAMPLE_BYTES) {
                    out.write(mono, i, SAMPLE_BYTES);
                    if (leftEarOnly) {
                        out.writeBytes(new byte[SAMPLE_BYTES]);
                    } else {
                        out.write(mono, i, SAMPLE_BYTES);
                    }
                }
                out.writeBytes(new byte[Math.round(STEREO.getFrameRate()) * BETWEEN_MS / 1000 * STEREO.getFrameSize()]);
            });
        }
        return out.toByteArray();
    }

    /// Words that had no clip.
    Set<String> missing() {
        return Set.copyOf(missing);
    }

    private Optional<byte[]> read(String word) {
        try (InputStream file = Voice.class.getResourceAsStream("/onebeat/desktop/sound/voice/" + word + ".wav")) {
            if (file == null) {
                missing.add(word);
                return Optional.empty();
            }
            try (AudioInputStream audio = AudioSystem.getAudioInputStream(new BufferedInputStream(file))) {
                return Optional.of(audio.readAllBytes());
            }
        } catch (IOException | UnsupportedAudioFileException _) {
            missing.add(word);
            return Optional.empty();
        }
    }
}
