package onebeat.formats.hearing;

import java.util.Arrays;

/// Sound with one channel; full scale is 1. Not to be shared while it is worked on.
public final class Samples {

    private final int rate;
    private final float[] values;

    /// @param rate samples a second
    public Samples(int rate, float[] values) {
        this.rate = rate;
        this.values = values.clone();
    }

    /// Silence.
    public static Samples silence(int rate, double seconds) {
        return new Samples(rate, new float[(int) Math.ceil(rate * seconds)]);
    }

    public int rate() {
        return rate;
    }

    public int length() {
        return values.length;
    }

    public double seconds() {
        return values.length / (double) rate;
    }

    public float at(int sample) {
        return values[sample];
    }

    /// The samples, to be read.
    public float[] values() {
        return values.clone();
    }

    /// Lays other sound of the same rate over this one.
    ///
    /// @param from the sample it begins at; what lies outside is left out
    /// @param gain how many times as loud
    public void lay(Samples other, int from, double gain) {
        for (int i = Math.max(0, -from); i < other.values.length && from + i < values.length; i++) {
            values[from + i] += (float) (gain * other.values[i]);
        }
    }

    /// The mean square of the samples that are not silent.
    public double power() {
        double sum = 0;
        int of = 0;
        for (float value : values) {
            sum += (double) value * value;
            of += Math.abs(value) > 1e-6 ? 1 : 0;
        }
        return of == 0 ? 0 : sum / of;
    }

    /// A part of it.
    public Samples part(double fromS, double toS) {
        int from = Math.clamp(Math.round(fromS * rate), 0, values.length);
        int to = Math.clamp(Math.round(toS * rate), from, values.length);
        return new Samples(rate, Arrays.copyOfRange(values, from, to));
    }

    /// The same as loud as wanted, and cut off where a microphone would: at full scale.
    public Samples louder(double gain) {
        float[] louder = new float[values.length];
        for (int i = 0; i < louder.length; i++) {
            louder[i] = (float) Math.clamp(gain * values[i], -1, 1);
        }
        return new Samples(rate, louder);
    }

    /// The same at another rate, or at one that only differs by the error of a clock: a windowed sinc takes out
    /// what the new rate cannot hold (common practice).
    ///
    /// @param newRate what the samples a second are called
    /// @param trueRate how many a second there are in truth
    public Samples at(int newRate, double trueRate) {
        double step = rate / trueRate;
        double cut = Math.min(1, trueRate / rate) * 0.95;
        double half = TAPS / cut;
        float[] kernel = kernel(cut, half);
        double scale = KERNEL / half;
        float[] out = new float[(int) Math.floor(values.length / step)];
        for (int i = 0; i < out.length; i++) {
            double middle = i * step;
            int first = Math.max(0, (int) Math.ceil(middle - half));
            int last = Math.min(values.length - 1, (int) Math.floor(middle + half));
            double at = (first - middle) * scale;
            double sum = 0;
            int j = first;
            for (; j <= last && at < 0; j++) {
                sum += values[j] * kernel[(int) (0.5 - at)];
                at += scale;
            }
            for (; j <= last; j++) {
                sum += values[j] * kernel[(int) (0.5 + at)];
                at += scale;
            }
            out[i] = (float) sum;
        }
        return new Samples(newRate, out);
    }

    private static final int TAPS = 8;
    private static final int KERNEL = 1 << 14;

    /// One half of the sinc in its window, from its middle to its end, and one more: what is added up may end a little
    /// beyond.
    private static float[] kernel(double cut, double half) {
        float[] kernel = new float[KERNEL + 2];
        for (int i = 0; i <= KERNEL; i++) {
            double x = half * i / KERNEL;
            kernel[i] = (float) ((0.5 + 0.5 * Math.cos(Math.PI * i / KERNEL)) * cut * sinc(cut * x));
        }
        return kernel;
    }

    private static double sinc(double x) {
        return Math.abs(x) < 1e-9 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x);
    }
}
