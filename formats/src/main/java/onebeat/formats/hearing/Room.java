package onebeat.formats.hearing;

import java.util.Random;

/// What a gym does to sound before a phone hears it: a few early echoes and a tail that dies away.
public final class Room {

    private static final int EARLY = 6;
    private static final double EARLY_S = 0.05;

    private Room() {}

    /// The same sound in a room.
    ///
    /// @param dies how long the tail takes to fall by sixty decibels, in seconds
    /// @param wet how loud echo and tail are beside the sound itself, from 0 to 1
    public static Samples in(Samples dry, double dies, double wet, Random random) {
        int rate = dry.rate();
        Samples all = Samples.silence(rate, dry.seconds());
        all.lay(dry, 0, 1);
        for (int i = 0; i < EARLY; i++) {
            double after = 0.004 + random.nextDouble() * EARLY_S;
            all.lay(dry, (int) (after * rate), wet * 0.5 * (random.nextBoolean() ? 1 : -1) * Math.exp(-after / 0.03));
        }
        // Four combs of lengths without a common measure: the tail of Schroeder 1962 (Journal of the Audio Engineering
        // Society 10, 219–223; from memory).
        double[] lengths = {0.0297, 0.0371, 0.0411, 0.0437};
        for (double length : lengths) {
            int delay = (int) (length * (0.9 + 0.2 * random.nextDouble()) * rate);
            double back = Math.pow(10, -3 * length / dies);
            float[] comb = new float[dry.length()];
            double dull = 0;
            for (int i = delay; i < comb.length; i++) {
                dull += 0.5 * (comb[i - delay] * back + dry.at(i - delay) - dull);
                comb[i] = (float) dull;
            }
            all.lay(new Samples(rate, comb), 0, wet * 0.25);
        }
        return all;
    }
}
