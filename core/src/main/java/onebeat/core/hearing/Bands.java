package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import org.jtransforms.fft.FloatFFT_1D;

/// The energy of a short stretch of sound in bands that widen with their frequency, as the ear hears them: a Hann
/// window, a Fourier transform (JTransforms), and the sum of the squared magnitudes in each band.
final class Bands {

    /// The lowest edge, in hertz: below it lie steps and handling of the microphone.
    private static final double LOWEST_HZ = 80;

    /// The highest edge, in hertz: what struck leather sounds above it, voices and hum do not need.
    private static final double HIGHEST_HZ = 10_000;

    /// A band is so many times as wide as the one below, a sixth of an octave short of half an octave, where
    /// there are lines of the transform for it.
    private static final double WIDER = 1.32;

    /// The part of the sampling rate up to which a recording can be trusted.
    private static final double OF_RATE = 0.45;

    /// How long a frame is, in seconds, as near as a power of two allows.
    private static final double FRAME_S = 0.0085;

    private final int size;
    private final float[] window;
    private final FloatFFT_1D transform;
    private final float[] work;

    /// Band b holds the lines from `edges[b]` up to, but not with, `edges[b + 1]`.
    private final int[] edges;

    private final double lineHz;

    /// @param rate samples a second
    Bands(int rate) {
        size = frameSize(rate);
        lineHz = rate / (double) size;
        window = new float[size];
        for (int i = 0; i < size; i++) {
            window[i] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * i / size));
        }
        transform = new FloatFFT_1D(size);
        work = new float[size];
        edges = edges(rate);
    }

    private static int frameSize(int rate) {
        int least = Integer.highestOneBit((int) Math.round(rate * FRAME_S));
        return rate * FRAME_S / least > Math.sqrt(2) ? 2 * least : least;
    }

    private int[] edges(int rate) {
        List<Integer> all = new ArrayList<>();
        int last = (int) Math.floor(Math.min(HIGHEST_HZ, OF_RATE * rate) / lineHz);
        int edge = Math.max(1, (int) Math.round(LOWEST_HZ / lineHz));
        while (edge < last) {
            all.add(edge);
            edge = Math.max(edge + 1, (int) Math.round(edge * WIDER));
        }
        all.add(last);
        return all.stream().mapToInt(Integer::intValue).toArray();
    }

    /// How many samples a frame has.
    int size() {
        return size;
    }

    int count() {
        return edges.length - 1;
    }

    /// The middle of a band, in hertz.
    double middleHz(int band) {
        return (edges[band] + edges[band + 1] - 1) / 2.0 * lineHz;
    }

    /// The energies of a frame: a full-scale sine has about one in its band.
    ///
    /// @param samples a ring of samples, full scale 1
    /// @param from where the frame begins in it
    void energies(float[] samples, int from, double[] into) {
        for (int i = 0; i < size; i++) {
            work[i] = window[i] * samples[(from + i) % samples.length];
        }
        transform.realForward(work);
        // A Hann window halves amplitudes; a sine has half of its amplitude in each of two mirrored lines.
        double scale = 16.0 / ((double) size * size);
        for (int b = 0; b < into.length; b++) {
            double sum = 0;
            for (int line = edges[b]; line < edges[b + 1]; line++) {
                double re = work[2 * line];
                double im = work[2 * line + 1];
                sum += re * re + im * im;
            }
            into[b] = sum * scale;
        }
    }
}
