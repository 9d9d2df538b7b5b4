package onebeat.desktop.sound;

import java.util.Optional;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/// The sound card, for sound that is decoded as it is heard.
public final class CardStream implements StreamedSound {

    private static final int BITS = 16;

    /// A tenth of a second lies ready in the card; less stutters, more lags.
    private static final int READY_BYTES = RATE / 10 * CHANNELS * Short.BYTES;

    @Override
    public Optional<Line> open() {
        try {
            AudioFormat format = new AudioFormat(RATE, BITS, CHANNELS, true, false);
            SourceDataLine line = AudioSystem.getSourceDataLine(format);
            line.open(format, READY_BYTES);
            line.start();
            return Optional.of(new CardLine(line));
        } catch (LineUnavailableException | IllegalArgumentException _) {
            // Without a card asking for a line throws the second one. A film plays silent then.
            return Optional.empty();
        }
    }

    private record CardLine(SourceDataLine line) implements Line {

        @Override
        public void write(short[] samples, int count) {
            byte[] bytes = new byte[count * Short.BYTES];
            for (int i = 0; i < count; i++) {
                bytes[2 * i] = (byte) samples[i];
                bytes[2 * i + 1] = (byte) (samples[i] >> Byte.SIZE);
            }
            line.write(bytes, 0, bytes.length);
        }

        @Override
        public long heard() {
            return line.getLongFramePosition();
        }

        @Override
        public void close() {
            line.stop();
            line.close();
        }
    }
}
