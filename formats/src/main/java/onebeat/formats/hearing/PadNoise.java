package onebeat.formats.hearing;

import java.util.Random;
import onebeat.formats.hearing.PadSounds.Surface;

/// Hits made in a third way: a burst of noise that is as bright as the surface, dying in two steps, and a thump
/// under it that falls in pitch. Invented numbers. No number of the hearing was set on them: they show how it
/// hears pads that it does not know.
public final class PadNoise {

    private static final int RATE = 48_000;
    private static final double LENGTH_S = 0.2;
    private static final double SPREAD_DB = 2.5;
    private static final double LOUD = 0.4;

    private PadNoise() {}

    /// @param hz how bright the noise is
    /// @param diesS how long its first step lasts
    /// @param thump how loud the thump is beside it
    private record Sound(double hz, double diesS, double thump) {

        static Sound of(Surface surface) {
            return switch (surface) {
                case MITT -> new Sound(5_200, 0.006, 0.15);
                case KICK_PAD -> new Sound(2_600, 0.010, 0.4);
                case GLOVE -> new Sound(1_800, 0.008, 0.4);
                case BELLY_PAD -> new Sound(500, 0.020, 1);
                case SHIELD -> new Sound(700, 0.018, 0.9);
            };
        }
    }

    /// One hit; no two are as loud or as bright.
    public static Samples hit(Surface on, int rate, Random random) {
        Sound sound = Sound.of(on);
        double through = 1 - Math.exp(-2 * Math.PI * sound.hz * (0.8 + 0.4 * random.nextDouble()) / RATE);
        double rises = 0.0008 + 0.0015 * random.nextDouble();
        float[] values = new float[(int) (LENGTH_S * RATE)];
        double once = 0;
        double twice = 0;
        double phase = 0;
        double most = 0;
        for (int i = 0; i < values.length; i++) {
            double t = i / (double) RATE;
            once += through * (random.nextGaussian() - once);
            twice += through * (once - twice);
            phase += 2 * Math.PI * (70 + 60 * Math.exp(-t / 0.02)) / RATE;
            double slap = (1 - Math.exp(-t / rises)) * (Math.exp(-t / sound.diesS) + 0.08 * Math.exp(-t / 0.05));
            double thump = (1 - Math.exp(-t / 0.002)) * Math.exp(-t / 0.045) * Math.sin(phase);
            values[i] = (float) (2.5 * twice * slap + 0.35 * sound.thump * thump);
            most = Math.max(most, Math.abs(values[i]));
        }
        double loud = LOUD * on.loudness() * Math.pow(10, SPREAD_DB * random.nextGaussian() / 20);
        Samples heard = Samples.silence(rate, LENGTH_S);
        heard.lay(new Samples(RATE, values).at(rate, rate), 0, loud / most);
        return heard;
    }
}
