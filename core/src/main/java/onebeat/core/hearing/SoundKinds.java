package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Table;
import org.apache.commons.csv.CSVRecord;

/// Tells sounds apart by what is measured of them: for each kind the likelihood of the features, each taken as
/// normal and on its own (naive Bayes, common practice). Means and spreads lie in `kinds.csv`; they were measured
/// on generated rounds, so that sounds of a real gym are told apart worse. The doubt is the share of the
/// likelihood that the others have.
public final class SoundKinds {

    private static final List<String> FEATURES =
            List.of("breadth", "peak", "brightness", "decay", "rise", "attack", "ring");
    private static final List<Kind> KINDS = read();

    private record Normal(double mean, double spread) {

        double logOf(double value) {
            // What lies far out says no more than what lies four spreads out.
            double far = Math.min(4, Math.abs(value - mean) / spread);
            return -far * far / 2 - Math.log(spread);
        }
    }

    private record Kind(SoundKind kind, List<Normal> features) {}

    /// What a sound is told to be.
    ///
    /// @param sure from 0 to 1
    /// @param struck how likely something was hit, from 0 to 1
    public record Told(SoundKind kind, double sure, double struck) {}

    private SoundKinds() {}

    private static List<Kind> read() {
        List<Kind> all = new ArrayList<>();
        for (CSVRecord row : Table.rows(SoundKinds.class, "kinds.csv")) {
            List<Normal> features = FEATURES.stream()
                    .map(name ->
                            new Normal(Double.parseDouble(row.get(name)), Double.parseDouble(row.get(name + "_sd"))))
                    .toList();
            all.add(new Kind(SoundKind.valueOf(row.get("kind")), features));
        }
        return List.copyOf(all);
    }

    /// What a sound with these features most likely is.
    public static Told of(SoundFeatures features) {
        return of(features, 0);
    }

    /// The same where it is known how likely a hit is besides.
    ///
    /// @param hit what is added to the logarithm of the likelihood of hits
    static Told of(SoundFeatures features, double hit) {
        List<Double> values = features.values();
        double[] log = new double[KINDS.size()];
        int best = 0;
        for (int k = 0; k < KINDS.size(); k++) {
            for (int f = 0; f < values.size(); f++) {
                log[k] += KINDS.get(k).features.get(f).logOf(values.get(f));
            }
            log[k] += KINDS.get(k).kind.isHit() ? hit : 0;
            best = log[k] > log[best] ? k : best;
        }
        double all = 0;
        double same = 0;
        double struck = 0;
        for (int k = 0; k < KINDS.size(); k++) {
            double likely = Math.exp(log[k] - log[best]);
            all += likely;
            struck += KINDS.get(k).kind.isHit() ? likely : 0;
            same += KINDS.get(k).kind == KINDS.get(best).kind ? likely : 0;
        }
        return new Told(KINDS.get(best).kind, same / all, struck / all);
    }
}
