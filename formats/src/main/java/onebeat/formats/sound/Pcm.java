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
        try (AudioInputStream own = AudioSystem.getAudioInputStream(new BufferedInputStream(wav))) {
            mustBeUsual(own.getFormat());
            try (AudioInputStream here = AudioSystem.getAudioInputStream(format, own)) {
                int most = MOST_SECONDS * Math.round(format.getFrameRate()) * format.getFrameSize();
                // Whole frames: asked for a part of one, such a stream gives nothing for ever.
                byte[] bytes = here.readNBytes(most + format.getFrameSize());
                if (bytes.length > most) {
                    throw new IOException("it is longer than " + MOST_SECONDS + " seconds");
                }
                return of(bytes);
            }
        } catch (UnsupportedAudioFileException | IllegalArgumentException e) {
            throw new IOException("it is not a WAV file that can be read", e);
        }
    }

    /// Calls and signals are short; what says that it is long is no call, and is not taken into memory.
    private static final int MOST_SECONDS = 60;

    private static final float LEAST_RATE = 4_000;
    private static final float MOST_RATE = 384_000;
    private static final int MOST_CHANNELS = 8;

    private static void mustBeUsual(AudioFormat format) throws IOException {
        if (!(format.getSampleRate() >= LEAST_RATE && format.getSampleRate() <= MOST_RATE)) {
            throw new IOException("it has " + Math.round(format.getSampleRate())
                    + " samples a second, and 4,000 to 384,000 can be read");
        }
        if (format.getChannels() < 1 || format.getChannels() > MOST_CHANNELS) {
            throw new IOException("it has " + format.getChannels() + " channels, and 1 to 8 can be read");
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

    /// Samples of full scale 1; they are within it.
    static Pcm of(float[] samples) {
        short[] all = new short[samples.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = (short) Math.clamp(Math.round(samples[i] * FULL_SCALE), Short.MIN_VALUE, Short.MAX_VALUE);
        }
        return new Pcm(all);
    }

    /// The samples, full scale 1.
    float[] floats() {
        float[] all = new float[samples.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = samples[i] / FULL_SCALE;
        }
        return all;
    }

    private static final float FULL_SCALE = 32_768;

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
