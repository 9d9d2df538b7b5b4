package onebeat.formats.hearing;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.hearing.Onset;
import onebeat.core.hearing.OnsetDetector;

/// How well hits were heard: each heard one is matched to at most one true one within a tolerance, as onset
/// detectors are usually judged (Böck, Krebs and Schedl 2012, ISMIR; from memory).
///
/// @param right matched ones
/// @param missed true ones that nothing was matched to
/// @param extra heard ones that were none
public record HearingScore(int right, int missed, int extra) {

    public static final HearingScore NONE = new HearingScore(0, 0, 0);

    /// Compares times in seconds, both rising.
    public static HearingScore of(List<Double> heard, List<Double> truth, double tolerance) {
        int right = 0;
        int h = 0;
        int t = 0;
        while (h < heard.size() && t < truth.size()) {
            double off = heard.get(h) - truth.get(t);
            if (Math.abs(off) <= tolerance) {
                right++;
                h++;
                t++;
            } else if (off < 0) {
                h++;
            } else {
                t++;
            }
        }
        return new HearingScore(right, truth.size() - right, heard.size() - right);
    }

    /// The harmonic mean of precision and recall, from 0 to 1.
    public double f() {
        return right == 0 ? 0 : 2.0 * right / (2.0 * right + missed + extra);
    }

    public HearingScore plus(HearingScore other) {
        return new HearingScore(right + other.right, missed + other.missed, extra + other.extra);
    }

    /// Everything that is heard in a sound.
    public static List<Onset> heard(Samples sound) {
        OnsetDetector detector = new OnsetDetector(sound.rate());
        detector.hear(sound.values(), 0, sound.length());
        detector.end();
        return detector.onsets();
    }

    /// When hits are heard in a sound, in seconds.
    public static List<Double> hits(Samples sound) {
        List<Double> times = new ArrayList<>();
        heard(sound).stream().filter(onset -> onset.kind().isHit()).forEach(onset -> times.add(onset.timeS()));
        times.sort(null);
        return times;
    }
}
