package onebeat.formats.hearing;

import java.util.Random;

/// Hits made from numbers: a burst of noise in a band that dies away, and a low thump under it. Invented, in the
/// range of what pads, mitts, shields and gloves sound like; each hit is a little different.
public final class PadSounds {

    /// What is hit.
    public enum Surface {
        MITT(900, 7_000, 0.009, 140, 0.02, 0.4, 0.8),
        KICK_PAD(500, 5_000, 0.016, 110, 0.035, 0.7, 1),
        GLOVE(300, 3_000, 0.012, 160, 0.025, 0.5, 0.45),
        BELLY_PAD(90, 900, 0.022, 75, 0.05, 1.2, 0.8),
        SHIELD(120, 1_400, 0.028, 65, 0.06, 1, 0.9);

        private final double lowHz;
        private final double highHz;
        private final double dies;
        private final double thumpHz;
        private final double thumpDies;
        private final double thump;
        private final double loud;

        Surface(double lowHz, double highHz, double dies, double thumpHz, double thumpDies, double thump, double loud) {
            this.lowHz = lowHz;
            this.highHz = highHz;
            this.dies = dies;
            this.thumpHz = thumpHz;
            this.thumpDies = thumpDies;
            this.thump = thump;
            this.loud = loud;
        }

        /// How loud it is beside a kick pad, which has 1.
        public double loudness() {
            return loud;
        }

        /// Whether it sounds dull.
        public boolean isDull() {
            return this == BELLY_PAD || this == SHIELD;
        }
    }

    private static final double LENGTH_S = 0.25;
    private static final double ATTACK_S = 0.0007;

    private PadSounds() {}

    /// One hit; its first sample is where it begins.
    public static Samples hit(Surface on, int rate, Random random) {
        int length = (int) (LENGTH_S * rate);
        float[] values = new float[length];
        double low = vary(on.lowHz, 0.25, random);
        double high = Math.min(0.45 * rate, vary(on.highHz, 0.25, random));
        double dies = vary(on.dies, 0.3, random);
        double thumpHz = vary(on.thumpHz, 0.2, random);
        double thumpDies = vary(on.thumpDies, 0.3, random);
        double loud = on.loud * Math.pow(10, random.nextGaussian() * 2.5 / 20);
        double thump = vary(on.thump, 0.3, random);
        double lowPass = 0;
        double highPass = 0;
        double keepLow = 1 - Math.exp(-2 * Math.PI * low / rate);
        double keepHigh = 1 - Math.exp(-2 * Math.PI * high / rate);
        for (int i = 0; i < length; i++) {
            double t = i / (double) rate;
            double noise = random.nextGaussian();
            lowPass += keepHigh * (noise - lowPass);
            highPass += keepLow * (lowPass - highPass);
            double burst = (lowPass - highPass) * Math.exp(-t / dies);
            double low0 = thump
                    * 0.5
                    * Math.sin(2 * Math.PI * thumpHz * t * (1 + 0.3 * Math.exp(-t / 0.01)))
                    * Math.exp(-t / thumpDies);
            values[i] = (float) (0.35 * loud * (burst + low0) * Math.min(1, (t * rate + 1) / (ATTACK_S * rate)));
        }
        return new Samples(rate, values);
    }

    private static double vary(double value, double by, Random random) {
        return value * Math.exp(by * Math.clamp(random.nextGaussian(), -2, 2));
    }
}
