package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Constants;

/// Hears when sounds begin, sample by sample as they come, so that an hour takes no more memory than a minute and
/// a hit is known within fifty milliseconds.
///
/// Spectral flux: the rises of the logarithmic energies of bands over a few milliseconds, summed up, in the line
/// of Bello, Daudet, Abdallah, Duxbury, Davies and Sandler 2005 (IEEE Transactions on Speech and Audio Processing
/// 13, 1035–1047) and Dixon 2006 (DAFx); peaks are picked by a moving mean and a moving maximum as Böck and
/// Widmer 2013 (DAFx) do, without their vibrato suppression (all from memory). Two fluxes are followed: that of
/// all bands but the strongest, in which a tone is nothing and a blow everything, and that of the strongest, in
/// which tones are seen. The time of an onset is then taken from the samples: back-tracking to where the rise
/// begins.
public final class OnsetDetector {

    private static final Constants NUMBERS = Constants.of(OnsetDetector.class, "onsets.csv", "number");

    /// The lowest and highest sampling rates that are heard, a second.
    public static final int LEAST_RATE = 8_000;

    public static final int MOST_RATE = 192_000;

    private static final double HOP_S = 0.0025;
    private static final int LAG = 2;
    private static final int KEPT_HOPS = 512;
    private static final int WITHIN = (int) NUMBERS.get("within_hops");
    private static final int MEAN_OF = (int) NUMBERS.get("mean_hops");
    private static final int APART = (int) NUMBERS.get("apart_hops");
    private static final double BROAD_DB = NUMBERS.get("broad_db");
    private static final double TONE_DB = NUMBERS.get("tone_db");
    private static final double NOISE_WEIGHT = NUMBERS.get("noise_weight");
    private static final double NOISE_UP_DB = NUMBERS.get("noise_up_db_s") * HOP_S;
    private static final double NOISE_DOWN = NUMBERS.get("noise_down");
    static final double OF_MOST = NUMBERS.get("rise_of_most");
    static final double OVER_BEFORE = NUMBERS.get("rise_over_before");

    /// The features are known so many hops after the peak.
    private static final int KNOWN_AFTER = 16;

    /// Energies under this are silence: about 100 dB under full scale.
    private static final double SILENCE = 1e-10;

    private static final double RING_DB = 20;

    private final int rate;
    private final int hop;
    private final Bands bands;
    private final RecentSamples samples;
    private long hops;
    private final double[][] energy = new double[KEPT_HOPS][];
    private final double[][] level = new double[KEPT_HOPS][];
    private final double[] broad = new double[KEPT_HOPS];
    private final double[] tone = new double[KEPT_HOPS];
    private final double[] noise;
    private long last = Long.MIN_VALUE / 2;
    private final List<Opened> opened = new ArrayList<>();
    private final List<Found> found = new ArrayList<>();

    /// A peak that was picked and is not measured yet.
    private record Opened(long hop, double flux) {}

    /// An onset that is measured, and how long it rings so far.
    private static final class Found {

        private final long hop;
        private final int band;
        private final double peak;
        private final double timeS;
        private final double loudness;
        private final SoundFeatures features;
        private double ringS;
        private int quiet;
        private boolean rings = true;

        Found(long hop, int band, double peak, double timeS, double loudness, SoundFeatures features) {
            this.hop = hop;
            this.band = band;
            this.peak = peak;
            this.timeS = timeS;
            this.loudness = loudness;
            this.features = features;
        }

        SoundFeatures features() {
            return new SoundFeatures(
                    features.breadth(),
                    features.peak(),
                    features.brightness(),
                    features.decay(),
                    features.rise(),
                    features.attack(),
                    ringS);
        }
    }

    /// @param rate samples a second, from [#LEAST_RATE] to [#MOST_RATE]
    /// @throws IllegalArgumentException where it is out of range
    public OnsetDetector(int rate) {
        if (rate < LEAST_RATE || rate > MOST_RATE) {
            throw new IllegalArgumentException("samples a second: " + rate);
        }
        this.rate = rate;
        hop = (int) Math.round(rate * HOP_S);
        bands = new Bands(rate);
        samples = new RecentSamples(rate, Math.max(4 * bands.size(), rate / 4));
        noise = new double[bands.count()];
        Arrays.fill(noise, Double.NaN);
        for (int i = 0; i < KEPT_HOPS; i++) {
            energy[i] = new double[bands.count()];
            level[i] = new double[bands.count()];
        }
    }

    /// How long is heard so far, in seconds.
    public double seconds() {
        return samples.heard() / (double) rate;
    }

    /// Hears the next samples.
    ///
    /// @param sound full scale is 1
    public void hear(float[] sound, int from, int count) {
        for (int i = from; i < from + count; i++) {
            samples.add(sound[i]);
            if (samples.heard() % hop == 0 && samples.heard() >= bands.size()) {
                nextHop();
            }
        }
    }

    /// How many sounds were heard to begin so far.
    public int count() {
        return found.size();
    }

    /// What was heard to begin so far, in time. The last fifty milliseconds may still bring one.
    public List<Onset> onsets() {
        return onsetsFrom(0);
    }

    /// The same from a place in the list on.
    public List<Onset> onsetsFrom(int index) {
        List<Onset> all = new ArrayList<>();
        List<Boolean> alone = found.stream()
                .map(one -> SoundKinds.of(one.features()).kind().isHit())
                .toList();
        UsualLoudness usual = usual();
        for (int i = Math.min(index, found.size()); i < found.size(); i++) {
            Found one = found.get(i);
            double another = anotherHit(i, alone);
            double likely = usual.hitLikely(i, one.loudness) + (another > 0 && Double.isFinite(another) ? SOON : 0);
            SoundKinds.Told told = SoundKinds.of(one.features(), likely).orRings(another);
            all.add(new Onset(
                    one.timeS, one.loudness, told.kind(), told.sure(), told.struck(), bands.middleHz(one.band)));
        }
        return all;
    }

    /// How loud hits and what is behind them are: first by what sounds are alone, then once more by what that tells.
    private UsualLoudness usual() {
        UsualLoudness first = new UsualLoudness();
        for (Found one : found) {
            first.take(one.loudness, SoundKinds.of(one.features()));
        }
        UsualLoudness second = new UsualLoudness();
        for (int i = 0; i < found.size(); i++) {
            Found one = found.get(i);
            second.take(one.loudness, SoundKinds.of(one.features(), first.hitLikely(i, one.loudness)));
        }
        return second;
    }

    /// How much likelier another hit is than the loudest of those just before it ringing on; plainly so where there
    /// is none.
    private double anotherHit(int index, List<Boolean> hits) {
        Found one = found.get(index);
        Optional<Found> loudest = Optional.empty();
        for (int i = index - 1; i >= 0 && one.timeS - found.get(i).timeS < RingingOn.LONGEST_S; i--) {
            double least = loudest.map(f -> f.loudness).orElse(Double.NEGATIVE_INFINITY);
            if (hits.get(i) && found.get(i).loudness > least) {
                loudest = Optional.of(found.get(i));
            }
        }
        return loudest.map(f -> RingingOn.anotherHit(one.features(), one.timeS - f.timeS, one.loudness - f.loudness))
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static final double SOON = NUMBERS.get("soon");

    /// What is measured of each onset so far.
    public List<SoundFeatures> features() {
        return found.stream().map(Found::features).toList();
    }

    /// No more comes: what waits is measured with what is there.
    public void end() {
        float[] silence = new float[hop * (KNOWN_AFTER + WITHIN + 2) + bands.size()];
        long heard = samples.heard();
        hear(silence, 0, silence.length);
        double end = heard / (double) rate;
        found.removeIf(one -> one.timeS >= end);
    }

    private void nextHop() {
        int now = at(hops);
        samples.energies(bands, energy[now]);
        int before = at(hops - LAG);
        int count = bands.count();
        double[] rises = new double[count];
        for (int b = 0; b < count; b++) {
            follow(b, energy[now][b]);
            level[now][b] = decibels(energy[now][b] + NOISE_WEIGHT * noise[b] + SILENCE);
            rises[b] = hops >= LAG ? Math.max(0, level[now][b] - level[before][b]) : 0;
        }
        Arrays.sort(rises);
        int weak = count - count / 4;
        broad[now] = mean(rises, 0, weak);
        tone[now] = mean(rises, count - 3, count);
        ringOn();
        pick(hops - WITHIN);
        measure();
        hops++;
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

    private static double decibels(double energy) {
        return 10 * Math.log10(energy);
    }

    /// What is always there in a band: it falls at once and grows slowly.
    private void follow(int b, double now) {
        double is = Double.isNaN(noise[b]) ? now : noise[b];
        noise[b] = now < is
                ? is + NOISE_DOWN * (now - is)
                : Math.min(now, (is + SILENCE) * Math.pow(10, NOISE_UP_DB / 10));
    }

    /// Whether a hop is the peak of either flux, looked at once all that stands round it is known.
    private void pick(long hop) {
        if (hop < LAG) {
            return;
        }
        boolean isBroad = isPeak(broad, hop, BROAD_DB);
        if (!isBroad && !isPeak(tone, hop, TONE_DB)) {
            return;
        }
        if (hop - last >= APART) {
            opened.add(new Opened(hop, flux(hop)));
            last = hop;
        } else if (flux(hop) > opened.getLast().flux) {
            // What came just before it was its own beginning, or something weaker.
            opened.set(opened.size() - 1, new Opened(hop, flux(hop)));
            last = hop;
        }
    }

    private double flux(long hop) {
        return broad[at(hop)];
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

    private void measure() {
        while (!opened.isEmpty() && hops - opened.getFirst().hop >= KNOWN_AFTER) {
            Opened one = opened.removeFirst();
            found.add(measured(one));
        }
    }

    private Found measured(Opened one) {
        int count = bands.count();
        long loudest = one.hop;
        for (long h = one.hop; h <= one.hop + 4; h++) {
            loudest = total(h) > total(loudest) ? h : loudest;
        }
        long before = one.hop - LAG - 1;
        double[] came = new double[count];
        double whole = 0;
        int strongest = 0;
        double bright = 0;
        int grew = 0;
        for (int b = 0; b < count; b++) {
            double was = before >= 0 ? energy[at(before)][b] : 0;
            came[b] = Math.max(0, energy[at(loudest)][b] - was);
            whole += came[b];
            bright += came[b] * Math.log(bands.middleHz(b) / 100) / Math.log(2);
            strongest = came[b] > came[strongest] ? b : strongest;
            grew += level[at(loudest)][b] - (before >= 0 ? level[at(before)][b] : -100) > GREW_DB ? 1 : 0;
        }
        double[] sorted = came.clone();
        Arrays.sort(sorted);
        double peak = (sorted[count - 1] + sorted[count - 2]) / Math.max(SILENCE, whole);
        double fell = decibels(total(loudest) + SILENCE) - decibels(total(one.hop + KNOWN_AFTER) + SILENCE);
        double rise = decibels(total(loudest) + SILENCE) - decibels((before >= 0 ? total(before) : 0) + SILENCE);
        double time = risesAt(one.hop);
        SoundFeatures features = new SoundFeatures(
                grew / (double) count,
                peak,
                bright / Math.max(SILENCE, whole),
                Math.min(60, fell),
                Math.min(60, rise),
                samples.attackS(time),
                0);
        Found made = new Found(one.hop, strongest, came[strongest], time, decibels(whole + SILENCE), features);
        drown(made);
        made.ringS = (hops - one.hop) * HOP_S;
        for (long h = one.hop + 1; h <= hops; h++) {
            goOn(made, h);
        }
        return made;
    }

    private static final double GREW_DB = 6;

    private double total(long hop) {
        double sum = 0;
        for (double band : energy[at(hop)]) {
            sum += band;
        }
        return sum;
    }

    private void ringOn() {
        for (int i = found.size() - 1; i >= 0 && hops - found.get(i).hop <= KEPT_HOPS; i--) {
            goOn(found.get(i), hops);
        }
    }

    /// How long a soft sound rings is not known beyond a much louder one right after it.
    private void drown(Found louder) {
        for (int i = found.size() - 1; i >= 0 && louder.timeS - found.get(i).timeS < RingingOn.LONGEST_S; i--) {
            Found before = found.get(i);
            if (before.rings && louder.loudness - before.loudness > DROWNS_DB) {
                before.rings = false;
                before.ringS = Math.min(before.ringS, (louder.hop - before.hop - LAG) * HOP_S);
            }
        }
    }

    private static final double DROWNS_DB = NUMBERS.get("drowns_db");

    private void goOn(Found one, long hop) {
        if (!one.rings) {
            return;
        }
        double ringS = (hop - one.hop) * HOP_S;
        boolean falls = decibels(energy[at(hop)][one.band] + SILENCE) < decibels(one.peak + SILENCE) - RING_DB;
        one.quiet = falls ? one.quiet + 1 : 0;
        one.ringS = falls ? one.ringS : ringS;
        one.rings = one.quiet < 6 && ringS < SoundFeatures.MOST_RING_S;
    }

    /// Where the rise that peaks in a hop begins, in seconds: flux is largest when what rises has come to the
    /// middle of the window, and what lies before that by more than the hops that are compared is another sound.
    private double risesAt(long hop) {
        long to = (hop + 1) * this.hop + bands.size() - bands.size() % this.hop;
        return samples.risesAt(Math.min(samples.heard(), to) - bands.size() / 2 - (long) this.hop * LAG, to);
    }
}
