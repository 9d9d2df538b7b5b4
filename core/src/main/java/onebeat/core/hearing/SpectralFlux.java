package onebeat.core.hearing;

import java.util.Arrays;
import onebeat.core.exchange.Constants;

/// How much a sound grows from one hop of a few milliseconds to another, by bands: spectral flux in the line of
/// Bello, Daudet, Abdallah, Duxbury, Davies and Sandler 2005 (IEEE Transactions on Speech and Audio Processing
/// 13, 1035–1047) and Dixon 2006 (DAFx), both from memory, over logarithmic energies. What is always there in a
/// band is added before its rise is taken. Two fluxes are followed: that of all bands but the strongest, in which
/// a tone is nothing and a blow everything, and that of the strongest, in which tones are seen. The last
/// [#KEPT_HOPS] hops are kept.
final class SpectralFlux {

    private static final Constants NUMBERS = Constants.of(OnsetDetector.class, "onsets.csv", "number");

    /// From one hop to the next, in seconds.
    static final double HOP_S = 0.0025;

    /// Energies are held against those so many hops before.
    static final int LAG = 2;

    static final int KEPT_HOPS = 512;

    /// A peak is the most among so many hops on either side.
    static final int WITHIN = (int) NUMBERS.get("within_hops");

    /// Energies under this are silence: about 100 dB under full scale.
    static final double SILENCE = 1e-10;

    private static final int MEAN_OF = (int) NUMBERS.get("mean_hops");
    private static final double NOISE_WEIGHT = NUMBERS.get("noise_weight");
    private static final double NOISE_UP_DB = NUMBERS.get("noise_up_db_s") * HOP_S;
    private static final double NOISE_DOWN = NUMBERS.get("noise_down");

    private final Bands bands;
    private final double[][] energy = new double[KEPT_HOPS][];
    private final double[][] level = new double[KEPT_HOPS][];
    private final double[] broad = new double[KEPT_HOPS];
    private final double[] tone = new double[KEPT_HOPS];
    private final double[] noise;
    private long hops = -1;

    SpectralFlux(Bands bands) {
        this.bands = bands;
        noise = new double[bands.count()];
        Arrays.fill(noise, Double.NaN);
        for (int i = 0; i < KEPT_HOPS; i++) {
            energy[i] = new double[bands.count()];
            level[i] = new double[bands.count()];
        }
    }

    /// The number of the newest hop, from 0.
    long hops() {
        return hops;
    }

    /// Takes the newest hop of these samples.
    void hear(RecentSamples samples) {
        hops++;
        int now = at(hops);
        samples.energies(bands, energy[now]);
        int before = at(hops - LAG);
        int count = bands.count();
        double[] rises = new double[count];
        for (int b = 0; b < count; b++) {
            follow(b, energy[now][b]);
            level[now][b] = decibels(energy[now][b] + NOISE_WEIGHT * noise[b]);
            rises[b] = hops >= LAG ? Math.max(0, level[now][b] - level[before][b]) : 0;
        }
        Arrays.sort(rises);
        int weak = count - count / 4;
        broad[now] = mean(rises, 0, weak);
        tone[now] = mean(rises, count - 3, count);
    }

    double energy(long hop, int band) {
        return energy[at(hop)][band];
    }

    /// The energy of a band with what is always there, in decibels.
    double level(long hop, int band) {
        return level[at(hop)][band];
    }

    /// The flux of all bands but the strongest.
    double broad(long hop) {
        return broad[at(hop)];
    }

    /// The energy of all bands.
    double total(long hop) {
        double sum = 0;
        for (double band : energy[at(hop)]) {
            sum += band;
        }
        return sum;
    }

    /// Whether all but the strongest bands grow most here, by so many decibels more than in the mean.
    boolean isBroadPeak(long hop, double over) {
        return isPeak(broad, hop, over);
    }

    /// The same of the strongest bands.
    boolean isTonePeak(long hop, double over) {
        return isPeak(tone, hop, over);
    }

    private boolean isPeak(double[] flux, long hop, double over) {
        double is = flux[at(hop)];
        double sum = 0;
        int of = 0;
        for (long h = Math.max(LAG, hop - MEAN_OF); h <= hop + WITHIN; h++) {
            sum += flux[at(h)];
            of++;
            boolean near = Math.abs(h - hop) <= WITHIN;
            if (near && (flux[at(h)] > is || (flux[at(h)] == is && h < hop))) {
                return false;
            }
        }
        return is >= sum / of + over;
    }

    private static int at(long hop) {
        return (int) Math.floorMod(hop, (long) KEPT_HOPS);
    }

    private static double mean(double[] values, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += values[i];
        }
        return sum / (to - from);
    }

    /// An energy in decibels; silence is about 100 under full scale.
    static double decibels(double energy) {
        return 10 * Math.log10(energy + SILENCE);
    }

    /// What is always there in a band: it falls at once and grows slowly.
    private void follow(int b, double now) {
        double is = Double.isNaN(noise[b]) ? now : noise[b];
        noise[b] = now < is
                ? is + NOISE_DOWN * (now - is)
                : Math.min(now, (is + SILENCE) * Math.pow(10, NOISE_UP_DB / 10));
    }
}
