package onebeat.formats.sound;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import onebeat.formats.PlainName;
import onebeat.formats.out.OutFiles;

/// The shipped voice clips, put together to what is said: 16 kHz, 16 bit, mono clips become two channels,
/// so that a word can be said into the left ear alone.
public final class Voice {

    /// What [#said] gives.
    public static final AudioFormat STEREO = new AudioFormat(16_000, 16, 2, true, false);

    private static final String SHIPPED = "/onebeat/formats/sound/voice/";
    private static final int SAMPLE_BYTES = 2;
    private static final int BETWEEN_MS = 60;

    private static final AudioFormat MONO = new AudioFormat(16_000, 16, 1, true, false);

    /// Samples of a recording quieter than this are silence: 40 dB below full scale.
    private static final int SILENCE = 328;

    private final Optional<Path> own;
    private final Map<String, Optional<byte[]>> clips = new ConcurrentHashMap<>();
    private final Set<String> missing = Collections.synchronizedSet(new LinkedHashSet<>());

    /// The shipped clips.
    public Voice() {
        own = Optional.empty();
    }

    /// The shipped clips, and the coach's own in a folder where there are some.
    public Voice(Path folder) {
        own = Optional.of(folder);
    }

    /// The sound of these words one after the other; words without a clip are left out and remembered.
    public byte[] said(List<String> words, boolean leftEarOnly) {
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

    /// A word as samples, as many a second as [#STEREO] has, full scale 1; empty where there is no clip.
    public Optional<float[]> mono(String word) {
        return clips.computeIfAbsent(word, this::read).map(bytes -> {
            float[] samples = new float[bytes.length / SAMPLE_BYTES];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) ((bytes[2 * i] & 0xff) | bytes[2 * i + 1] << 8) / 32_768f;
            }
            return samples;
        });
    }

    /// How long these words take to be said, in milliseconds.
    public double lengthMs(List<String> words) {
        double framesAMs = STEREO.getFrameRate() / 1000;
        double ms = 0;
        for (String word : words) {
            ms += clips.computeIfAbsent(word, this::read)
                    .map(mono -> (double) mono.length / SAMPLE_BYTES / framesAMs + BETWEEN_MS)
                    .orElse(0.0);
        }
        return ms;
    }

    /// The name of the clip that a word is said by, for example `the-doorstep`.
    public static String clip(String word) {
        return PlainName.of(word).toLowerCase(Locale.ROOT);
    }

    /// Takes a recording of the coach's own in: without silence at its ends, levelled, and said from now on.
    ///
    /// @param word what it is said for, as a name of a clip
    /// @throws IOException with the reason, if it cannot be read or kept, or nothing is heard in it
    public void take(String word, Path recording) throws IOException {
        Path folder = own.orElseThrow(() -> new IOException("there is no folder for recordings"));
        if (!Files.isRegularFile(recording)) {
            throw new IOException("it is no file");
        }
        Pcm heard;
        try (InputStream in = Files.newInputStream(recording)) {
            heard = Pcm.read(in, MONO).trimmedAndLevelled(SILENCE);
        }
        if (heard.length() == 0) {
            throw new IOException("nothing is heard in it");
        }
        Files.createDirectories(folder);
        byte[] bytes = heard.bytes();
        Path half = OutFiles.making(folder);
        try (AudioInputStream stream = new AudioInputStream(new ByteArrayInputStream(bytes), MONO, heard.length())) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, half.toFile());
            Files.move(half, folder.resolve(word + ".wav"), StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(half);
        }
        clips.remove(word);
        missing.remove(word + ".wav");
    }

    /// Whether the coach has recorded this word.
    public boolean hasOwn(String word) {
        return own.map(f -> f.resolve(word + ".wav"))
                .filter(Files::isRegularFile)
                .isPresent();
    }

    /// Words that had no clip.
    public Set<String> missing() {
        return Set.copyOf(missing);
    }

    private Optional<byte[]> read(String word) {
        return own(word).or(() -> shipped(word));
    }

    /// The coach's own recording; where it is broken or silent the shipped one is taken, and the word is remembered.
    private Optional<byte[]> own(String word) {
        Optional<Path> file = own.map(f -> f.resolve(word + ".wav")).filter(Files::isRegularFile);
        if (file.isEmpty()) {
            return Optional.empty();
        }
        try (InputStream in = Files.newInputStream(file.get())) {
            Pcm heard = Pcm.read(in, MONO).trimmedAndLevelled(SILENCE);
            if (heard.length() > 0) {
                return Optional.of(heard.bytes());
            }
        } catch (IOException _) {
            // Told with those in which nothing is heard.
        }
        missing.add(word + ".wav");
        return Optional.empty();
    }

    /// Whether a clip of this name ships.
    static boolean ships(String word) {
        return !word.isEmpty() && Voice.class.getResource(SHIPPED + word + ".wav") != null;
    }

    private Optional<byte[]> shipped(String word) {
        try (InputStream file = Voice.class.getResourceAsStream(SHIPPED + word + ".wav")) {
            if (file == null) {
                missing.add(word);
                return Optional.empty();
            }
            return Optional.of(Pcm.read(file, MONO).bytes());
        } catch (IOException _) {
            missing.add(word);
            return Optional.empty();
        }
    }
}
