package onebeat.desktop.sound;

import java.util.Optional;
import java.util.function.LongSupplier;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;
import onebeat.core.rounds.Schedule;

/// The machine's microphone.
public final class CardMicrophone implements Microphone {

    private static final int RATE = 44_100;
    private static final int BITS = 16;

    /// A second waits in the line while the machine is busy, so that nothing is lost.
    private static final int LINE_BYTES = RATE * Short.BYTES;

    @Override
    public boolean isStandIn() {
        return false;
    }

    @Override
    public Optional<Ear> open(Schedule schedule, LongSupplier runMs) {
        try {
            AudioFormat format = new AudioFormat(RATE, BITS, 1, true, false);
            TargetDataLine line = AudioSystem.getTargetDataLine(format);
            line.open(format, LINE_BYTES);
            line.start();
            return Optional.of(new CardEar(line));
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException _) {
            // Without a card asking for a line throws the second one; where it may not be used, the third.
            return Optional.empty();
        }
    }

    private static final class CardEar implements Ear {

        private final TargetDataLine line;
        private byte[] bytes = new byte[0];

        CardEar(TargetDataLine line) {
            this.line = line;
        }

        @Override
        public int rate() {
            return RATE;
        }

        @Override
        public int read(float[] into) {
            if (bytes.length != into.length * Short.BYTES) {
                bytes = new byte[into.length * Short.BYTES];
            }
            int got = line.read(bytes, 0, bytes.length);
            if (got <= 0) {
                return line.isOpen() ? 0 : -1;
            }
            for (int i = 0; i < got / Short.BYTES; i++) {
                into[i] = (short) ((bytes[2 * i] & 0xff) | bytes[2 * i + 1] << Byte.SIZE) / 32_768f;
            }
            return got / Short.BYTES;
        }

        @Override
        public void close() {
            line.stop();
            line.close();
        }
    }
}
