package onebeat.formats.hearing;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioFormat.Encoding;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import onebeat.core.hearing.OnsetDetector;

/// A WAV file: whole numbers of 8, 16, 24 or 32 bits or floating point numbers, one channel or several, of which
/// the mean is taken. It is read part by part, so that an hour takes no more memory than a minute.
public final class WavSource implements SoundSource {

    private static final int MOST_CHANNELS = 64;

    private final AudioInputStream stream;
    private final AudioFormat format;
    private byte[] bytes = new byte[0];

    /// Opens a file.
    ///
    /// @throws IOException with the reason, where it is no such file
    public WavSource(Path file) throws IOException {
        try {
            stream = AudioSystem.getAudioInputStream(new BufferedInputStream(Files.newInputStream(file)));
        } catch (UnsupportedAudioFileException | IllegalArgumentException e) {
            throw new IOException("it is no WAV file that can be read", e);
        }
        format = stream.getFormat();
        String wrong = wrong(format);
        if (!wrong.isEmpty()) {
            stream.close();
            throw new IOException(wrong);
        }
    }

    private static String wrong(AudioFormat format) {
        int bits = format.getSampleSizeInBits();
        boolean whole = format.getEncoding().equals(Encoding.PCM_SIGNED) && bits % 8 == 0 && bits >= 8 && bits <= 32;
        boolean small = format.getEncoding().equals(Encoding.PCM_UNSIGNED) && bits == 8;
        boolean real = format.getEncoding().equals(Encoding.PCM_FLOAT) && (bits == 32 || bits == 64);
        if (!whole && !small && !real) {
            return "its samples are of a kind that cannot be read: " + format;
        }
        if (format.getChannels() < 1
                || format.getChannels() > MOST_CHANNELS
                || format.getFrameSize() != format.getChannels() * bits / 8) {
            return "it has channels that cannot be read: " + format.getChannels();
        }
        if (!(format.getSampleRate() >= OnsetDetector.LEAST_RATE
                && format.getSampleRate() <= OnsetDetector.MOST_RATE)) {
            return "it has " + Math.round(format.getSampleRate())
                    + " samples a second, and 8,000 to 192,000 can be heard";
        }
        return "";
    }

    @Override
    public int rate() {
        return Math.round(format.getSampleRate());
    }

    @Override
    public int read(float[] into) throws IOException {
        int frame = format.getFrameSize();
        if (bytes.length != into.length * frame) {
            bytes = new byte[into.length * frame];
        }
        int got = stream.readNBytes(bytes, 0, bytes.length);
        int frames = Math.max(0, got) / frame;
        ByteBuffer buffer =
                ByteBuffer.wrap(bytes).order(format.isBigEndian() ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN);
        int size = frame / format.getChannels();
        for (int i = 0; i < frames; i++) {
            double sum = 0;
            for (int c = 0; c < format.getChannels(); c++) {
                sum += sample(buffer, i * frame + c * size, size);
            }
            into[i] = (float) (sum / format.getChannels());
        }
        return frames;
    }

    private double sample(ByteBuffer buffer, int at, int size) {
        if (format.getEncoding().equals(Encoding.PCM_FLOAT)) {
            double value = size == 4 ? buffer.getFloat(at) : buffer.getDouble(at);
            return Double.isFinite(value) ? Math.clamp(value, -1, 1) : 0;
        }
        if (format.getEncoding().equals(Encoding.PCM_UNSIGNED)) {
            return ((buffer.get(at) & 0xff) - 128) / 128.0;
        }
        return switch (size) {
            case 1 -> buffer.get(at) / 128.0;
            case 2 -> buffer.getShort(at) / 32_768.0;
            case 3 -> threeBytes(buffer, at) / 8_388_608.0;
            default -> buffer.getInt(at) / 2_147_483_648.0;
        };
    }

    private static int threeBytes(ByteBuffer buffer, int at) {
        boolean big = buffer.order() == ByteOrder.BIG_ENDIAN;
        int high = buffer.get(at + (big ? 0 : 2));
        return high << 16 | (buffer.get(at + 1) & 0xff) << 8 | (buffer.get(at + (big ? 2 : 0)) & 0xff);
    }

    @Override
    public void close() {
        try {
            stream.close();
        } catch (IOException _) {
            // It was only read.
        }
    }
}
