package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Table;
import org.apache.commons.csv.CSVRecord;

/// Tells sounds apart by what is measured of them: for each kind the likelihood of the features, each on its own
/// (naive Bayes, common practice), as a distribution of Student with few degrees of freedom, so that one measure that
/// lies far out does not decide alone (Lange, Little and Taylor 1989, Journal of the American Statistical Association
/// 84, 881–896; from memory). Middles and spreads lie in `kinds.csv`; they were measured on generated rounds. Each of
/// the program's own sounds has a row of its own, for its pitch is known. Pads differ more than generated hits do, so
/// `hit-spreads.csv` gives hits more room, and none is less of a hit for being sharper than usual. The doubt is the
/// share of the likelihood that the others have.
public final class SoundKinds {

    private static final List<String> FEATURES =
            List.of("breadth", "peak", "brightness", "decay", "rise", "attack", "ring");
    private static final Map<String, CSVRecord> ROOM = Table.rows(SoundKinds.class, "hit-spreads.csv").stream()
            .collect(Collectors.toUnmodifiableMap(row -> row.get("feature"), row -> row));
    private static final double FREEDOM =
            Constants.of(OnsetDetector.class, "onsets.csv", "number").get("kinds_freedom");
    private static final List<Kind> KINDS = read();

    /// @param open the side on which nothing speaks against it: 1 above the middle, -1 below, 0 neither
    private record Spread(double middle, double spread, int open) {

        double logOf(double value) {
            double off = (value - middle) / spread;
            double far = off * open > 0 ? 0 : off;
            return -(FREEDOM + 1) / 2 * Math.log1p(far * far / FREEDOM) - Math.log(spread);
        }
    }

    /// @param given whether a clock gives it, the program's or another
    /// @param often the logarithm of how often it is heard beside a hit
    private record Kind(SoundKind kind, boolean given, double often, List<Spread> features) {

        boolean isBackground() {
            return kind.isBackground() && !given;
        }
    }

    /// What a sound is told to be.
    ///
    /// @param sure from 0 to 1
    /// @param struck how likely something was hit, from 0 to 1
    public record Told(SoundKind kind, double sure, double struck) {

        /// The same where a hit was just before.
        ///
        /// @param another the logarithm of how much likelier it is another hit than the first one ringing on
        Told orRings(double another) {
            double isNew = 1 / (1 + Math.exp(-another));
            double hit = struck * isNew;
            if (!kind.isHit()) {
                return new Told(kind, sure, hit);
            }
            return isNew < 0.5 ? new Told(SoundKind.OTHER, 1 - hit, hit) : new Told(kind, sure * isNew, hit);
        }
    }

    private SoundKinds() {}

    private static List<Kind> read() {
        List<Kind> all = new ArrayList<>();
        for (CSVRecord row : Table.rows(SoundKinds.class, "kinds.csv")) {
            SoundKind kind = SoundKind.valueOf(row.get("kind"));
            List<Spread> features =
                    FEATURES.stream().map(name -> spread(row, name, kind)).toList();
            all.add(new Kind(
                    kind, !row.get("sound").equals("any"), Math.log(Double.parseDouble(row.get("often"))), features));
        }
        return List.copyOf(all);
    }

    private static Spread spread(CSVRecord row, String feature, SoundKind kind) {
        double middle = Double.parseDouble(row.get(feature));
        double spread = Double.parseDouble(row.get(feature + "_sd"));
        if (!kind.isHit()) {
            return new Spread(middle, spread, 0);
        }
        CSVRecord room = Objects.requireNonNull(ROOM.get(feature), feature);
        return new Spread(
                Math.min(middle, Double.parseDouble(room.get("most_middle"))),
                Math.max(spread, Double.parseDouble(room.get("least_spread"))),
                Integer.parseInt(room.get("open")));
    }

    /// What a sound with these features most likely is.
    public static Told of(SoundFeatures features) {
        return new Likelihoods(features).alone();
    }

    /// How likely each kind is by the features of a sound: worked out once, asked as often as more is known of what
    /// is round it.
    static final class Likelihoods {

        private final double[] log = new double[KINDS.size()];
        private final Told alone;

        Likelihoods(SoundFeatures features) {
            List<Double> values = features.values();
            for (int k = 0; k < log.length; k++) {
                for (int f = 0; f < values.size(); f++) {
                    log[k] += KINDS.get(k).features.get(f).logOf(values.get(f));
                }
                log[k] += KINDS.get(k).often;
            }
            alone = told(0);
        }

        /// What it most likely is by itself.
        Told alone() {
            return alone;
        }

        /// The same where it is known how likely a hit is besides.
        ///
        /// @param hit what is added to the logarithm of the likelihood of whatever is no background: how loud a
        ///     sound is tells a hit from talk and music, and not from the program's own sounds
        Told told(double hit) {
            int best = 0;
            for (int k = 1; k < log.length; k++) {
                best = with(k, hit) > with(best, hit) ? k : best;
            }
            double all = 0;
            double same = 0;
            double struck = 0;
            for (int k = 0; k < log.length; k++) {
                double likely = Math.exp(with(k, hit) - with(best, hit));
                all += likely;
                struck += KINDS.get(k).kind.isHit() ? likely : 0;
                same += KINDS.get(k).kind == KINDS.get(best).kind ? likely : 0;
            }
            return new Told(KINDS.get(best).kind, same / all, struck / all);
        }

        private double with(int kind, double hit) {
            return log[kind] + (KINDS.get(kind).isBackground() ? 0 : hit);
        }
    }
}
