package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import onebeat.core.exchange.Constants;

/// How loud hits usually are in a recording, and how loud what goes on behind them: a sound as loud as the hits
/// before and after it is likely to be one, a sound as loud as the talk and the music is likely to be talk or music.
///
/// Both are taken as normal: the hits by how loud the louder of them are, since talk that is taken for a hit at first
/// is soft; the background by median and median deviation. Louder than hits usually are says nothing against a hit,
/// softer than the background nothing against that.
final class UsualLoudness {

    private static final Constants NUMBERS = Constants.of(OnsetDetector.class, "onsets.csv", "number");
    private static final double SURE = NUMBERS.get("usual_sure");
    private static final double SURE_BEHIND = NUMBERS.get("usual_sure_behind");
    private static final int AROUND = (int) NUMBERS.get("usual_around");
    private static final double PART = NUMBERS.get("usual_part");
    private static final int FEWEST = (int) NUMBERS.get("usual_fewest");
    private static final double LEAST_SPREAD_DB = NUMBERS.get("usual_spread_db");
    private static final double SPREAD_DB = NUMBERS.get("usual_hit_db");
    private static final double BEHIND_DB = NUMBERS.get("usual_behind_db");
    private static final double LEAST = NUMBERS.get("usual_least");
    private static final double MOST = NUMBERS.get("usual_most");

    /// The deviation of a normal distribution beside its median deviation.
    private static final double OF_MEDIAN = 1.4826;

    /// The loudness of sure sounds, with how many sounds came before each.
    private final List<double[]> hits = new ArrayList<>();

    private final List<double[]> background = new ArrayList<>();

    private int sounds;

    private record Usual(double middle, double spread) {

        /// By median and median deviation.
        static Usual of(double[] loud) {
            double middle = part(loud, 0.5);
            double[] off = Arrays.stream(loud)
                    .map(one -> Math.abs(one - middle))
                    .sorted()
                    .toArray();
            return new Usual(middle, Math.max(LEAST_SPREAD_DB, OF_MEDIAN * part(off, 0.5)));
        }

        double logOf(double loudness, boolean above) {
            double far = (loudness - middle) / spread;
            double wrong = above ? Math.max(0, far) : Math.min(0, far);
            return -wrong * wrong / 2 - Math.log(spread);
        }
    }

    /// The next sound.
    void take(double loudness, SoundKinds.Told told) {
        if (told.struck() > SURE) {
            hits.add(new double[] {sounds, loudness});
        } else if (told.sure() > SURE_BEHIND && told.kind().isBackground()) {
            background.add(new double[] {sounds, loudness});
        }
        sounds++;
    }

    /// What its loudness says of whether a sound is a hit: what is added to the logarithm of its likelihood.
    ///
    /// @param sound the number of the sound, from 0
    double hitLikely(int sound, double loudness) {
        List<double[]> struck = near(hits, sound);
        if (struck.size() < FEWEST) {
            return 0;
        }
        Usual hit = new Usual(part(loudness(struck), PART), SPREAD_DB);
        List<double[]> others = near(background, sound);
        Usual behind =
                others.size() < FEWEST ? new Usual(hit.middle - BEHIND_DB, BEHIND_DB / 3) : Usual.of(loudness(others));
        return Math.clamp(hit.logOf(loudness, false) - behind.logOf(loudness, true), LEAST, MOST);
    }

    private static double[] loudness(List<double[]> sounds) {
        return sounds.stream().mapToDouble(one -> one[1]).sorted().toArray();
    }

    private static double part(double[] sorted, double part) {
        return sorted[(int) (part * (sorted.length - 1))];
    }

    private static List<double[]> near(List<double[]> all, int sound) {
        int at = 0;
        while (at < all.size() && all.get(at)[0] < sound) {
            at++;
        }
        return all.subList(Math.max(0, at - AROUND), Math.min(all.size(), at + AROUND));
    }
}
