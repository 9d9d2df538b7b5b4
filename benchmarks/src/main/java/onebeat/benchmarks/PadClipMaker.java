package onebeat.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import onebeat.formats.hearing.PadClips;
import onebeat.formats.hearing.PadSounds.Surface;
import onebeat.formats.hearing.Samples;

/// Makes the hits that ship as clips in another way than `PadSounds` does, so that the hearing is shown hits that it
/// was not measured on: a body of many resonances struck by a soft contact, a slap of leather, and a second,
/// weaker touch. Invented numbers; nobody was recorded.
final class PadClipMaker {

    private static final int RATE = 48_000;
    private static final double LENGTH_S = 0.2;
    private static final int OF_EACH = 3;
    private static final int SEED = 20_261;
    private static final double LOUDEST = 0.8;
    private static final double FADE_S = 0.02;

    private PadClipMaker() {}

    /// What is hit: where it resonates, how long, how soft the contact is, how much leather slaps.
    private record Struck(Surface surface, double lowHz, double highHz, double dies, double softS, double slap) {

        /// The same of other leather.
        Struck of(Leather leather) {
            return new Struck(
                    surface,
                    lowHz * leather.pitch,
                    highHz * leather.pitch,
                    dies * leather.dies,
                    softS * leather.soft,
                    slap * leather.slap);
        }
    }

    /// By how many times the pads of a gym are higher, longer, softer and louder on their skin than the usual ones.
    private record Leather(double pitch, double dies, double soft, double slap) {

        static Leather any(Random random) {
            return new Leather(
                    Math.exp(0.3 * random.nextGaussian()),
                    Math.exp(0.3 * random.nextGaussian()),
                    Math.exp(0.3 * random.nextGaussian()),
                    Math.exp(0.5 * random.nextGaussian()));
        }
    }

    private static final Struck[] ALL = {
        new Struck(Surface.MITT, 250, 6_000, 0.016, 0.0006, 0.9),
        new Struck(Surface.KICK_PAD, 150, 3_500, 0.026, 0.0010, 0.6),
        new Struck(Surface.GLOVE, 180, 2_600, 0.018, 0.0014, 0.35),
        new Struck(Surface.BELLY_PAD, 60, 700, 0.040, 0.0025, 0.12),
        new Struck(Surface.SHIELD, 70, 1_100, 0.045, 0.0020, 0.2)
    };

    /// Writes the clips into a folder.
    static void write(Path folder) throws IOException {
        Files.createDirectories(folder);
        Random random = new Random(SEED);
        for (Struck one : ALL) {
            for (int i = 1; i <= OF_EACH; i++) {
                String name = one.surface.name().toLowerCase(Locale.ROOT) + "-" + i + ".wav";
                write(folder.resolve(name), clip(one, random));
            }
        }
    }

    /// Hits of this make on the pads of some gym; those of the clips are never among them.
    static PadClips anyGym(long seed) {
        Random random = new Random(seed);
        Leather leather = Leather.any(random);
        Map<Surface, List<Samples>> clips = new EnumMap<>(Surface.class);
        for (Struck one : ALL) {
            List<Samples> some = new ArrayList<>();
            for (int i = 0; i < OF_EACH; i++) {
                some.add(new Samples(RATE, sixteenBits(clip(one.of(leather), random))));
            }
            clips.put(one.surface, some);
        }
        return new PadClips(clips);
    }

    private static double[] clip(Struck on, Random random) {
        double[] body = new double[(int) (LENGTH_S * RATE)];
        int modes = 10 + random.nextInt(6);
        for (int m = 0; m < modes; m++) {
            double hz = on.lowHz * Math.pow(on.highHz / on.lowHz, random.nextDouble());
            double loud = Math.pow(hz / on.lowHz, -0.5) * (0.5 + random.nextDouble());
            double dies = on.dies * Math.pow(on.lowHz / hz, 0.4) * (0.7 + 0.6 * random.nextDouble());
            double phase = 2 * Math.PI * random.nextDouble();
            for (int i = 0; i < body.length; i++) {
                double t = i / (double) RATE;
                body[i] += loud * Math.exp(-t / dies) * Math.sin(2 * Math.PI * hz * t + phase);
            }
        }
        double held = 0;
        for (int i = 0; i < body.length; i++) {
            double t = i / (double) RATE;
            held += 0.5 * (random.nextGaussian() - held);
            body[i] += on.slap * 4 * held * Math.exp(-t / 0.004);
        }
        double[] once = softened(body, on.softS * (0.8 + 0.4 * random.nextDouble()));
        int again = (int) ((0.005 + 0.004 * random.nextDouble()) * RATE);
        for (int i = once.length - 1; i >= again; i--) {
            once[i] += 0.25 * once[i - again];
        }
        return once;
    }

    /// The contact takes a moment: half a sine.
    private static double[] softened(double[] body, double seconds) {
        int length = Math.max(1, (int) (seconds * RATE));
        double[] out = new double[body.length];
        for (int i = 0; i < body.length; i++) {
            for (int j = 0; j < length && j <= i; j++) {
                out[i] += body[i - j] * Math.sin(Math.PI * (j + 0.5) / length);
            }
        }
        return out;
    }

    /// As loud as a clip is, and faded out.
    private static float[] sixteenBits(double[] values) {
        double most = 0;
        for (double value : values) {
            most = Math.max(most, Math.abs(value));
        }
        float[] clip = new float[values.length];
        for (int i = 0; i < values.length; i++) {
            double fade = Math.min(1, (values.length - i) / (FADE_S * RATE));
            clip[i] = (short) Math.round(LOUDEST * fade * values[i] / most * Short.MAX_VALUE) / 32_768f;
        }
        return clip;
    }

    private static void write(Path file, double[] values) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(2 * values.length).order(ByteOrder.LITTLE_ENDIAN);
        for (float value : sixteenBits(values)) {
            bytes.putShort((short) (value * 32_768));
        }
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        try (AudioInputStream in =
                new AudioInputStream(new ByteArrayInputStream(bytes.array()), format, values.length)) {
            AudioSystem.write(in, AudioFileFormat.Type.WAVE, file.toFile());
        }
    }
}
