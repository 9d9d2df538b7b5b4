package onebeat.desktop.film;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Random;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import onebeat.core.exchange.Level;
import onebeat.core.film.Exchange;
import onebeat.core.play.Step;

/// The sound of a drawn reel: a thud at each contact, higher to the head, deeper to the body and legs, over the murmur
/// of a hall. It is made by arithmetic alone.
final class ClipSound {

    private static final int RATE = 48_000;
    private static final double THUD_S = 0.12;
    private static final double MURMUR = 0.004;
    private static final double HEAD_HZ = 210;
    private static final double BODY_HZ = 110;
    private static final double LEG_HZ = 150;
    private static final double LOUD = 0.55;

    private ClipSound() {}

    /// Writes the sound of a reel as a WAV file.
    static void write(DrawnReel drawn, Path to) throws IOException {
        double[] sound = new double[(int) (drawn.reel().seconds() * RATE)];
        Random random = new Random(drawn.reel().id().hashCode());
        for (int i = 0; i < sound.length; i++) {
            sound[i] = random.nextGaussian() * MURMUR;
        }
        for (Exchange exchange : drawn.exchanges()) {
            drawn.at(exchange.timeS())
                    .ifPresent(frame -> frame.way().steps().stream()
                            .filter(ClipSound::isHeard)
                            .forEach(step -> thud(sound, step, exchange.timeS(), random)));
        }
        byte[] bytes = new byte[sound.length * Short.BYTES];
        for (int i = 0; i < sound.length; i++) {
            int sample = (int) (Math.clamp(sound[i], -1, 1) * Short.MAX_VALUE);
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> Byte.SIZE);
        }
        AudioFormat format = new AudioFormat(RATE, Short.SIZE, 1, true, false);
        try (AudioInputStream stream = new AudioInputStream(new ByteArrayInputStream(bytes), format, sound.length)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, to.toFile());
        }
    }

    private static boolean isHeard(Step step) {
        return step.placed().technique().isStrike() && !step.placed().act().feint();
    }

    /// A knock that falls off: a low tone under a short burst of noise.
    private static void thud(double[] sound, Step step, double exchangeS, Random random) {
        int from = (int) ((exchangeS + step.beat().inBeats() * DrawnReel.BEAT_S) * RATE);
        Level level = step.placed().act().level();
        double hz = level == Level.HEAD ? HEAD_HZ : level == Level.BODY ? BODY_HZ : LEG_HZ;
        for (int i = 0; i < THUD_S * RATE && from + i < sound.length; i++) {
            double s = (double) i / RATE;
            double tone = Math.sin(2 * Math.PI * hz * s) * Math.exp(-s / 0.03);
            double burst = random.nextGaussian() * Math.exp(-s / 0.006) * 0.6;
            sound[from + i] += LOUD * (tone + burst);
        }
    }
}
