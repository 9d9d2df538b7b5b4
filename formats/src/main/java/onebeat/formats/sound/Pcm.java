package onebeat.formats.sound;

import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/// A sound as samples: 48 kHz, 16 bit, mono. At that rate a millisecond is a whole number of samples.
final class Pcm {

    static final int RATE = 48_000;
    static final int SAMPLES_A_MS = RATE / 1_000;
    static final AudioFormat FORMAT = new AudioFormat(RATE, 16, 1, true, false);

    private final short[] samples;

    Pcm(short[] samples) {
        this.samples = samples.clone();
    }

    /// Silence.
    static Pcm silence(int length) {
        return new Pcm(new short[length]);
    }

    int length() {
        return samples.length;
    }

    short at(int sample) {
        return samples[sample];
    }

    /// Reads a WAV file of any usual format.
    ///
    /// @throws IOException if it is broken or of a kind that cannot be read
    static Pcm read(InputStream wav) throws IOException {
        return read(wav, FORMAT);
    }

    /// The same at another rate; one channel of 16 bits.
    static Pcm read(InputStream wav, AudioFormat format) throws IOException {
        try (AudioInputStream own = AudioSystem.getAudioInputStream(new BufferedInputStream(wav));
                AudioInputStream here = AudioSystem.getAudioInputStream(format, own)) {
            return of(here.readAllBytes());
        } catch (UnsupportedAudioFileException | IllegalArgumentException e) {
            throw new IOException("not a WAV file that can be read: " + e.getMessage(), e);
        }
    }

    /// A sound that ships.
    static Pcm shipped(Sound sound) throws IOException {
        try (InputStream in = Pcm.class.getResourceAsStream(sound.path())) {
            if (in == null) {
                throw new IOException("not shipped: " + sound.path());
            }
            return read(in);
        }
    }

    /// Sound in another format.
    static Pcm of(byte[] bytes, AudioFormat format) throws IOException {
        try (AudioInputStream own = new AudioInputStream(
                        new ByteArrayInputStream(bytes), format, bytes.length / format.getFrameSize());
                AudioInputStream here = AudioSystem.getAudioInputStream(FORMAT, own)) {
            return of(here.readAllBytes());
        }
    }

    private static Pcm of(byte[] bytes) {
        short[] samples = new short[bytes.length / 2];
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).asShortBuffer().get(samples);
        return new Pcm(samples);
    }

    /// Lays a sound over these samples; what would be too loud is cut.
    void lay(Pcm sound, int from) {
        for (int i = 0; i < sound.samples.length && from + i < samples.length; i++) {
            samples[from + i] =
                    (short) Math.clamp(samples[from + i] + sound.samples[i], Short.MIN_VALUE, Short.MAX_VALUE);
        }
    }

    /// The same without silence at its ends, and as loud as its loudest sample allows.
    ///
    /// @param floor samples quieter than this count as silence
    Pcm trimmedAndLevelled(int floor) {
        int from = 0;
        int to = samples.length;
        while (from < to && Math.abs(samples[from]) < floor) {
            from++;
        }
        while (to > from && Math.abs(samples[to - 1]) < floor) {
            to--;
        }
        short[] cut = Arrays.copyOfRange(samples, from, to);
        int loudest = 1;
        for (short sample : cut) {
            loudest = Math.max(loudest, Math.abs((int) sample));
        }
        for (int i = 0; i < cut.length; i++) {
            cut[i] = (short) (cut[i] * LEVEL / loudest);
        }
        return new Pcm(cut);
    }

    /// The loudest sample of a levelled clip: 3 dB below full scale.
    private static final int LEVEL = 23_197;

    /// The samples as bytes, the lower one first.
    byte[] bytes() {
        ByteBuffer bytes = ByteBuffer.allocate(samples.length * 2).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        return bytes.array();
    }

    /// The sound as a WAV file.
    byte[] wav() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (AudioInputStream stream =
                new AudioInputStream(new ByteArrayInputStream(bytes()), FORMAT, samples.length)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, out);
        }
        return out.toByteArray();
    }
}
