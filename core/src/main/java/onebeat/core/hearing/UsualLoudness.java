package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
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

    private final Sure hits = new Sure(loud -> new Usual(part(loud, PART), SPREAD_DB));
    private final Sure background = new Sure(Usual::of);

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
            hits.add(sounds, loudness);
        } else if (told.sure() > SURE_BEHIND && told.kind().isBackground()) {
            background.add(sounds, loudness);
        }
        sounds++;
    }

    /// What its loudness says of whether a sound is a hit: what is added to the logarithm of its likelihood.
    ///
    /// @param sound the number of the sound, from 0
    double hitLikely(int sound, double loudness) {
        Optional<Usual> struck = hits.near(sound);
        if (struck.isEmpty()) {
            return 0;
        }
        Usual hit = struck.get();
        Usual behind = background.near(sound).orElseGet(() -> new Usual(hit.middle - BEHIND_DB, BEHIND_DB / 3));
        return Math.clamp(hit.logOf(loudness, false) - behind.logOf(loudness, true), LEAST, MOST);
    }

    private static double part(double[] sorted, double part) {
        return sorted[(int) (part * (sorted.length - 1))];
    }

    /// Sounds that are sure to be of one kind, in time.
    private static final class Sure {

        private final Function<double[], Usual> usual;
        private final List<Integer> numbers = new ArrayList<>();
        private final List<Double> loudness = new ArrayList<>();

        /// The answer of last time: one sound after the other is asked for, and most have the same ones near.
        private int place = -1;

        private Optional<Usual> there = Optional.empty();

        /// @param usual how loud these are usually, of their sorted loudness
        Sure(Function<double[], Usual> usual) {
            this.usual = usual;
        }

        /// Another one.
        ///
        /// @param number how many sounds came before it
        void add(int number, double loud) {
            numbers.add(number);
            loudness.add(loud);
            place = -1;
        }

        /// How loud those before and after a sound usually are; nothing where they are too few.
        Optional<Usual> near(int sound) {
            int found = Collections.binarySearch(numbers, sound);
            int at = found < 0 ? -found - 1 : found;
            if (at != place) {
                List<Double> some = loudness.subList(Math.max(0, at - AROUND), Math.min(loudness.size(), at + AROUND));
                there = some.size() < FEWEST
                        ? Optional.empty()
                        : Optional.of(usual.apply(some.stream()
                                .mapToDouble(Double::doubleValue)
                                .sorted()
                                .toArray()));
                place = at;
            }
            return there;
        }
    }
}
