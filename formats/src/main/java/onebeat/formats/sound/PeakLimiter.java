package onebeat.formats.sound;

import java.util.Arrays;

/// Keeps the true peak of a sound under a ceiling without a sample being cut: where several sounds add up to too
/// much, the loudness goes down and up again smoothly within some milliseconds. Everywhere else the samples stay
/// as they are.
///
/// The true peak is what a converter makes between samples: it is estimated by four times as many samples, as
/// ITU-R BS.1770-4, Annex 2, asks (the interpolation here is a windowed sinc of our own, longer than the one
/// printed there).
final class PeakLimiter {

    /// 1 dB under full scale, the usual ceiling for what is coded later (EBU R 128, 2014, section e), and a
    /// little room for what smooth gain adds between samples.
    static final double CEILING = Math.pow(10, -1.25 / 20);

    /// The gain moves over so many samples before and after a peak: 5 ms at 48 kHz.
    private static final int REACH = 240;

    private static final int PHASES = 4;
    private static final int HALF_TAPS = 12;
    private static final double[][] FILTER = filter();

    /// Below this, as a share of the ceiling, no peak between samples of these sounds reaches it.
    private static final double QUIET = 0.5;

    private PeakLimiter() {}

    /// Limits samples in place; full scale is 1.
    static void limit(float[] samples) {
        int from = next(samples, 0);
        while (from < samples.length) {
            // Peaks so near that their gains touch are looked at together.
            int last = from;
            int next = next(samples, last + 1);
            while (next < samples.length && next - last <= 4 * REACH) {
                last = next;
                next = next(samples, last + 1);
            }
            stretch(samples, Math.max(0, from - 2 * REACH), Math.min(samples.length, last + 2 * REACH + 1));
            from = next;
        }
    }

    /// The first sample from one on that is over the ceiling; their number where none is.
    private static int next(float[] samples, int from) {
        int i = from;
        while (i < samples.length && peak(samples, i) <= CEILING) {
            i++;
        }
        return i;
    }

    private static void stretch(float[] samples, int from, int to) {
        double[] wanted = new double[to - from];
        for (int i = from; i < to; i++) {
            wanted[i - from] = Math.min(1, CEILING / Math.max(CEILING, peak(samples, i)));
        }
        double[] lowest = lowest(wanted);
        // A mean over as far as the lowest was looked for is never above what is wanted in its middle.
        double sum = 0;
        for (int i = -REACH; i < REACH; i++) {
            sum += at(lowest, i);
        }
        for (int i = 0; i < wanted.length; i++) {
            sum += at(lowest, i + REACH);
            samples[from + i] *= (float) (sum / (2 * REACH + 1));
            sum -= at(lowest, i - REACH);
        }
    }

    private static double at(double[] gains, int i) {
        return i < 0 || i >= gains.length ? 1 : gains[i];
    }

    /// The lowest of each within its reach.
    private static double[] lowest(double[] wanted) {
        double[] lowest = new double[wanted.length];
        Arrays.fill(lowest, 1);
        for (int i = 0; i < wanted.length; i++) {
            if (wanted[i] < 1) {
                for (int j = Math.max(0, i - REACH); j <= Math.min(wanted.length - 1, i + REACH); j++) {
                    lowest[j] = Math.min(lowest[j], wanted[i]);
                }
            }
        }
        return lowest;
    }

    /// The largest value at and right after a sample.
    static double peak(float[] samples, int i) {
        double largest = Math.abs(samples[i]);
        double near = Math.max(largest, i + 1 < samples.length ? Math.abs(samples[i + 1]) : 0);
        if (near < QUIET * CEILING) {
            return largest;
        }
        for (double[] phase : FILTER) {
            double sum = 0;
            for (int tap = 0; tap < phase.length; tap++) {
                int j = i - HALF_TAPS + 1 + tap;
                if (j >= 0 && j < samples.length) {
                    sum += phase[tap] * samples[j];
                }
            }
            largest = Math.max(largest, Math.abs(sum));
        }
        return largest;
    }

    /// Values a quarter, a half and three quarters of a sample on: a sinc under a Hann window.
    private static double[][] filter() {
        double[][] filter = new double[PHASES - 1][2 * HALF_TAPS];
        for (int p = 1; p < PHASES; p++) {
            for (int tap = 0; tap < 2 * HALF_TAPS; tap++) {
                double x = tap - HALF_TAPS + 1 - (double) p / PHASES;
                double window = 0.5 * (1 + Math.cos(Math.PI * x / (HALF_TAPS + 1)));
                filter[p - 1][tap] = Math.sin(Math.PI * x) / (Math.PI * x) * window;
            }
        }
        return filter;
    }
}
