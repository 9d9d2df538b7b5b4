package onebeat.core.hearing;

import static onebeat.core.hearing.SpectralFlux.decibels;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Constants;

/// Hears when sounds begin, sample by sample as they come, so that an hour takes no more memory than a minute and
/// a hit is known within fifty milliseconds.
///
/// Peaks of [SpectralFlux] are picked by a moving maximum as Böck and Widmer 2013 (DAFx) do, without their vibrato
/// suppression, over a moving median as Bello et al. 2005 do (both from memory). The time of an onset is then taken
/// from the samples: back-tracking to where the rise begins.
public final class OnsetDetector {

    private static final Constants NUMBERS = Constants.of(OnsetDetector.class, "onsets.csv", "number");

    /// The lowest and highest sampling rates that are heard, a second.
    public static final int LEAST_RATE = 8_000;

    public static final int MOST_RATE = 192_000;

    private static final int APART = (int) NUMBERS.get("apart_hops");
    private static final double BROAD_DB = NUMBERS.get("broad_db");
    private static final double TONE_DB = NUMBERS.get("tone_db");
    private static final double SLOW_DB = NUMBERS.get("slow_db");
    static final double OF_MOST = NUMBERS.get("rise_of_most");
    static final double OVER_BEFORE = NUMBERS.get("rise_over_before");

    /// The features are known so many hops after the peak.
    private static final int KNOWN_AFTER = 16;

    private final int rate;
    private final int hop;
    private final Bands bands;
    private final RecentSamples samples;
    private final SpectralFlux flux;
    private long last = Long.MIN_VALUE / 2;
    private final List<Opened> opened = new ArrayList<>();
    private final List<RingingSound> found = new ArrayList<>();

    /// A peak that was picked and is not measured yet.
    private record Opened(long hop, double flux) {}

    /// @param rate samples a second, from [#LEAST_RATE] to [#MOST_RATE]
    /// @throws IllegalArgumentException where it is out of range
    public OnsetDetector(int rate) {
        if (rate < LEAST_RATE || rate > MOST_RATE) {
            throw new IllegalArgumentException("samples a second: " + rate);
        }
        this.rate = rate;
        hop = (int) Math.round(rate * SpectralFlux.HOP_S);
        bands = new Bands(rate);
        samples = new RecentSamples(rate, Math.max(4 * bands.size(), rate / 4));
        flux = new SpectralFlux(bands);
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
                .map(one -> one.likelihoods().alone().kind().isHit())
                .toList();
        UsualLoudness usual = usual();
        for (int i = Math.min(index, found.size()); i < found.size(); i++) {
            RingingSound one = found.get(i);
            double another = anotherHit(i, alone);
            double likely = usual.hitLikely(i, one.loudness()) + (another > 0 && Double.isFinite(another) ? SOON : 0);
            SoundKinds.Told told = one.likelihoods().told(likely).orRings(another);
            all.add(new Onset(
                    one.timeS(), one.loudness(), told.kind(), told.sure(), told.struck(), bands.middleHz(one.band())));
        }
        return all;
    }

    /// How loud hits and what is behind them are: first by what sounds are alone, then once more by what that tells.
    private UsualLoudness usual() {
        UsualLoudness first = new UsualLoudness();
        for (RingingSound one : found) {
            first.take(one.loudness(), one.likelihoods().alone());
        }
        UsualLoudness second = new UsualLoudness();
        for (int i = 0; i < found.size(); i++) {
            RingingSound one = found.get(i);
            second.take(one.loudness(), one.likelihoods().told(first.hitLikely(i, one.loudness())));
        }
        return second;
    }

    /// How much likelier another hit is than the loudest of those just before it ringing on; plainly so where there
    /// is none.
    private double anotherHit(int index, List<Boolean> hits) {
        RingingSound one = found.get(index);
        Optional<RingingSound> loudest = Optional.empty();
        for (int i = index - 1; i >= 0 && one.timeS() - found.get(i).timeS() < RingingOn.LONGEST_S; i--) {
            double least = loudest.map(RingingSound::loudness).orElse(Double.NEGATIVE_INFINITY);
            if (hits.get(i) && found.get(i).loudness() > least) {
                loudest = Optional.of(found.get(i));
            }
        }
        return loudest.map(f ->
                        RingingOn.anotherHit(one.features(), one.timeS() - f.timeS(), one.loudness() - f.loudness()))
                .orElse(Double.POSITIVE_INFINITY);
    }

    private static final double SOON = NUMBERS.get("soon");

    /// What is measured of each onset so far.
    public List<SoundFeatures> features() {
        return found.stream().map(RingingSound::features).toList();
    }

    /// No more comes: what waits is measured with what is there.
    public void end() {
        float[] silence = new float[hop * (KNOWN_AFTER + SpectralFlux.WITHIN + 2) + bands.size()];
        long heard = samples.heard();
        hear(silence, 0, silence.length);
        double end = heard / (double) rate;
        found.removeIf(one -> one.timeS() >= end);
    }

    private void nextHop() {
        flux.hear(samples);
        ringOn();
        pick(flux.hops() - SpectralFlux.WITHIN);
        measure();
    }

    /// Whether a hop is the peak of one of the fluxes, looked at once all that stands round it is known.
    private void pick(long hop) {
        if (hop < SpectralFlux.LAG) {
            return;
        }
        if (!flux.isBroadPeak(hop, BROAD_DB) && !flux.isTonePeak(hop, TONE_DB) && !flux.isSlowPeak(hop, SLOW_DB)) {
            return;
        }
        if (hop - last >= APART) {
            opened.add(new Opened(hop, flux.broad(hop)));
            last = hop;
        } else if (flux.broad(hop) > opened.getLast().flux) {
            // What came just before it was its own beginning, or something weaker.
            opened.set(opened.size() - 1, new Opened(hop, flux.broad(hop)));
            last = hop;
        }
    }

    private void measure() {
        while (!opened.isEmpty() && flux.hops() - opened.getFirst().hop >= KNOWN_AFTER) {
            Opened one = opened.removeFirst();
            found.add(measured(one));
        }
    }

    private RingingSound measured(Opened one) {
        int count = bands.count();
        long loudest = one.hop;
        for (long h = one.hop; h <= one.hop + 4; h++) {
            loudest = flux.total(h) > flux.total(loudest) ? h : loudest;
        }
        long before = one.hop - SpectralFlux.LAG - 1;
        double[] came = new double[count];
        double whole = 0;
        int strongest = 0;
        double bright = 0;
        int grew = 0;
        for (int b = 0; b < count; b++) {
            double was = before >= 0 ? flux.energy(before, b) : 0;
            came[b] = Math.max(0, flux.energy(loudest, b) - was);
            whole += came[b];
            bright += came[b] * Math.log(bands.middleHz(b) / 100) / Math.log(2);
            strongest = came[b] > came[strongest] ? b : strongest;
            grew += before < 0 || flux.grew(before, loudest, b) > GREW_DB ? 1 : 0;
        }
        double[] sorted = came.clone();
        Arrays.sort(sorted);
        double peak = (sorted[count - 1] + sorted[count - 2]) / Math.max(SpectralFlux.SILENCE, whole);
        double fell = decibels(flux.total(loudest)) - decibels(flux.total(one.hop + KNOWN_AFTER));
        double rise = decibels(flux.total(loudest)) - decibels(before >= 0 ? flux.total(before) : 0);
        double time = risesAt(one.hop);
        SoundFeatures features = new SoundFeatures(
                grew / (double) count,
                peak,
                bright / Math.max(SpectralFlux.SILENCE, whole),
                Math.min(60, fell),
                Math.min(60, rise),
                samples.attackS(time),
                0);
        RingingSound made = new RingingSound(
                new RingingSound.Beginning(one.hop, strongest, came[strongest], time, decibels(whole)), features);
        drown(made);
        made.followed(flux);
        return made;
    }

    private static final double GREW_DB = 6;

    private void ringOn() {
        for (int i = found.size() - 1; i >= 0 && flux.hops() - found.get(i).hop() <= SpectralFlux.KEPT_HOPS; i--) {
            found.get(i).goOn(flux, flux.hops());
        }
    }

    private void drown(RingingSound louder) {
        for (int i = found.size() - 1; i >= 0 && louder.timeS() - found.get(i).timeS() < RingingOn.LONGEST_S; i--) {
            found.get(i).drownedBy(louder);
        }
    }

    /// Where the rise that peaks in a hop begins, in seconds: flux is largest when what rises has come to the
    /// middle of the window, and what lies before that by more than the hops that are compared is another sound.
    private double risesAt(long hop) {
        long to = (hop + 1) * this.hop + bands.size() - bands.size() % this.hop;
        return samples.risesAt(
                Math.min(samples.heard(), to) - bands.size() / 2 - (long) this.hop * SpectralFlux.LAG, to);
    }
}
