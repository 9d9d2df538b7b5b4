package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Constants;

/// How loud hits usually are in a recording: one that is far below its neighbours is likely to be something else,
/// one as loud as they are is likely to be a hit even where another has just died away.
final class UsualLoudness {

    private static final Constants NUMBERS = Constants.of(OnsetDetector.class, "onsets.csv", "number");
    private static final double SURE = NUMBERS.get("usual_sure");
    private static final int AROUND = (int) NUMBERS.get("usual_around");
    private static final double PART = NUMBERS.get("usual_part");
    private static final double EVEN_DB = NUMBERS.get("usual_even_db");
    private static final double SLOPE = NUMBERS.get("usual_slope");
    private static final double LEAST = -8;
    private static final double MOST = NUMBERS.get("usual_most");

    /// The loudness of the sure hits, with how many sounds came before each.
    private final List<double[]> hits = new ArrayList<>();

    private int sounds;

    /// The next sound.
    void take(double loudness, SoundKinds.Told told) {
        if (told.kind().isHit() && told.sure() > SURE) {
            hits.add(new double[] {sounds, loudness});
        }
        sounds++;
    }

    /// What its loudness says of whether a sound is a hit: what is added to the logarithm of its likelihood.
    ///
    /// @param sound the number of the sound, from 0
    double hitLikely(int sound, double loudness) {
        if (hits.isEmpty()) {
            return 0;
        }
        int at = 0;
        while (at < hits.size() && hits.get(at)[0] < sound) {
            at++;
        }
        double[] near = hits.subList(Math.max(0, at - AROUND), Math.min(hits.size(), at + AROUND)).stream()
                .mapToDouble(hit -> hit[1])
                .sorted()
                .toArray();
        double usual = near[(int) (PART * (near.length - 1))];
        return Math.clamp(SLOPE * (loudness - usual + EVEN_DB), LEAST, MOST);
    }
}
