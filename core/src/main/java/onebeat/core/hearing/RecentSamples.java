package onebeat.core.hearing;

import java.util.Arrays;

/// The last samples of a sound, and what is measured in them: when a rise begins and how long it takes. The
/// difference of neighbours is taken, in which a blow is sharp and hum is small.
final class RecentSamples {

    /// A rise is not followed for longer, in seconds.
    private static final double LONGEST_ATTACK_S = 0.03;

    /// Part of the strength at which a rise is over.
    private static final double MOST_OF_IT = 0.8;

    private final int rate;
    private final float[] ring;
    private long heard;

    /// @param rate samples a second
    /// @param kept how many samples are kept
    RecentSamples(int rate, int kept) {
        this.rate = rate;
        ring = new float[kept];
    }

    void add(float sample) {
        ring[(int) (heard % ring.length)] = sample;
        heard++;
    }

    /// How many samples were heard so far.
    long heard() {
        return heard;
    }

    /// The energies of the last frame.
    void energies(Bands bands, double[] into) {
        bands.energies(ring, (int) ((heard - bands.size()) % ring.length), into);
    }

    /// Where the rise in a stretch begins, in seconds: from the steepest place back to where it stands out of what
    /// was before.
    ///
    /// @param from the first sample of the stretch
    /// @param to the sample after its last
    double risesAt(long from, long to) {
        long first = Math.max(Math.max(1, heard - ring.length + 1), from);
        double[] envelope = envelope(first, (int) (Math.min(heard, to) - first), Math.max(1, rate / 4000));
        double most = Arrays.stream(envelope).max().orElse(0);
        double[] quiet = Arrays.copyOf(envelope, Math.max(1, envelope.length / 4));
        Arrays.sort(quiet);
        double enough = Math.max(OnsetDetector.OF_MOST * most, OnsetDetector.OVER_BEFORE * quiet[quiet.length / 2]);
        return (first + firstOver(envelope, Math.min(enough, most), 0)) / (double) rate;
    }

    /// How long it takes from where it begins to most of its strength, in seconds.
    double attackS(double timeS) {
        long from = Math.max(1, Math.round(timeS * rate));
        int length = (int) Math.clamp(heard - from, 0, Math.round(LONGEST_ATTACK_S * rate));
        double[] envelope = envelope(from, length, Math.max(1, rate / 2000));
        double most = Arrays.stream(envelope).max().orElse(0);
        int longest = (int) Math.round(LONGEST_ATTACK_S * rate);
        return firstOver(envelope, MOST_OF_IT * most, longest) / (double) rate;
    }

    private static int firstOver(double[] envelope, double enough, int otherwise) {
        for (int i = 0; i < envelope.length; i++) {
            if (envelope[i] >= enough) {
                return i;
            }
        }
        return otherwise;
    }

    /// The running sum of the differences over so many samples.
    private double[] envelope(long from, int length, int smooth) {
        double[] envelope = new double[Math.max(0, length)];
        double sum = 0;
        for (int i = 0; i < envelope.length; i++) {
            sum += difference(from + i) - (i >= smooth ? difference(from + i - smooth) : 0);
            envelope[i] = sum;
        }
        return envelope;
    }

    private double difference(long sample) {
        int at = (int) (sample % ring.length);
        int before = (int) ((sample - 1) % ring.length);
        return Math.abs((double) ring[at] - ring[before]);
    }
}
