package onebeat.core.hearing;

import java.util.Arrays;
import java.util.stream.LongStream;
import onebeat.core.exchange.Constants;

/// How much a sound grows from one hop of a few milliseconds to another, by bands: spectral flux in the line of
/// Bello, Daudet, Abdallah, Duxbury, Davies and Sandler 2005 (IEEE Transactions on Speech and Audio Processing
/// 13, 1035–1047) and Dixon 2006 (DAFx), both from memory, over logarithmic energies. What is always there in a
/// band is added before its rise is taken, and so is a floor under the loudest sound of the last seconds: what lies
/// below it nobody hears beside that, and coders of sound leave holes there that open and close.
///
/// Three fluxes are followed: that of all bands but the strongest, in which a tone is nothing and a blow everything;
/// that of the strongest, in which tones are seen; and that of the stronger half over a longer while, in which a dull
/// blow is seen, or one whose beginning a coder has smeared. The last [#KEPT_HOPS] hops are kept.
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

    private static final int USUAL_OF = (int) NUMBERS.get("usual_hops");
    private static final int SLOW_LAG = (int) NUMBERS.get("slow_hops");
    private static final double MASKED = Math.pow(10, -NUMBERS.get("masked_db") / 10);
    private static final double MASK_FALLS = Math.pow(10, -NUMBERS.get("mask_falls_db_s") * HOP_S / 10);
    private static final double NOISE_WEIGHT = NUMBERS.get("noise_weight");
    private static final double NOISE_UP_DB = NUMBERS.get("noise_up_db_s") * HOP_S;
    private static final double NOISE_DOWN = NUMBERS.get("noise_down");

    private final Bands bands;
    private final double[][] energy = new double[KEPT_HOPS][];
    private final double[][] behind = new double[KEPT_HOPS][];
    private final double[] broad = new double[KEPT_HOPS];
    private final double[] tone = new double[KEPT_HOPS];
    private final double[] slow = new double[KEPT_HOPS];
    private final double[] noise;

    /// The loudest sound of the last seconds at each hop; it is forgotten bit by bit.
    private final double[] loudest = new double[KEPT_HOPS];

    private long hops = -1;

    SpectralFlux(Bands bands) {
        this.bands = bands;
        noise = new double[bands.count()];
        Arrays.fill(noise, Double.NaN);
        for (int i = 0; i < KEPT_HOPS; i++) {
            energy[i] = new double[bands.count()];
            behind[i] = new double[bands.count()];
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
        loudest[now] = Math.max(total(hops), loudest[at(hops - 1)] * MASK_FALLS);
        int count = bands.count();
        for (int b = 0; b < count; b++) {
            follow(b, energy[now][b]);
            behind[now][b] = NOISE_WEIGHT * noise[b];
        }
        double[] rises = rises(LAG);
        broad[now] = mean(rises, 0, count - count / 4);
        tone[now] = mean(rises, count - 3, count);
        slow[now] = mean(rises(SLOW_LAG), count / 2, count);
    }

    /// By how much each band grew in so many hops, in decibels, the least first.
    private double[] rises(int lag) {
        double[] rises = new double[bands.count()];
        if (hops >= lag) {
            for (int b = 0; b < rises.length; b++) {
                rises[b] = Math.max(0, grew(hops - lag, hops, b));
            }
            Arrays.sort(rises);
        }
        return rises;
    }

    /// By how much a band grew from one hop to another, in decibels: over what is always there, and over what is heard
    /// beside the loudest sound until then.
    double grew(long from, long to, int band) {
        double masked = MASKED * loudest[at(to)];
        return decibels(heard(to, band) + masked) - decibels(heard(from, band) + masked);
    }

    private double heard(long hop, int band) {
        return energy[at(hop)][band] + behind[at(hop)][band];
    }

    double energy(long hop, int band) {
        return energy[at(hop)][band];
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

    /// Whether all but the strongest bands grow most here, by so many decibels more than usual.
    boolean isBroadPeak(long hop, double over) {
        return isPeak(broad, hop, over);
    }

    /// The same of the strongest bands.
    boolean isTonePeak(long hop, double over) {
        return isPeak(tone, hop, over);
    }

    /// The same of the stronger half over a longer while.
    boolean isSlowPeak(long hop, double over) {
        return isPeak(slow, hop, over);
    }

    private static boolean isPeak(double[] flux, long hop, double over) {
        double is = flux[at(hop)];
        return is >= over && isMostNear(flux, hop) && is >= usual(flux, hop) + over;
    }

    private static boolean isMostNear(double[] flux, long hop) {
        double is = flux[at(hop)];
        for (long h = Math.max(0, hop - WITHIN); h <= hop + WITHIN; h++) {
            if (flux[at(h)] > is || (flux[at(h)] == is && h < hop)) {
                return false;
            }
        }
        return true;
    }

    /// The median of the hops before: one blow among them says nothing of what is usual.
    private static double usual(double[] flux, long hop) {
        double[] near = LongStream.rangeClosed(Math.max(LAG, hop - USUAL_OF), hop + WITHIN)
                .mapToDouble(h -> flux[at(h)])
                .sorted()
                .toArray();
        return near[near.length / 2];
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
