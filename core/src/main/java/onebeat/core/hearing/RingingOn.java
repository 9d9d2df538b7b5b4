package onebeat.core.hearing;

import java.util.List;
import onebeat.core.exchange.Table;
import org.apache.commons.csv.CSVRecord;

/// Tells a second hit from the first one that rings on: pads beat and swing after a blow, and what comes then grows
/// by little, in few bands, and is softer. Three measures, each normal on its own (naive Bayes, common practice); the
/// middles and spreads in `ringing-on.csv` were measured on generated pairs of hits.
final class RingingOn {

    private static final List<Measure> MEASURES = Table.rows(RingingOn.class, "ringing-on.csv").stream()
            .map(Measure::of)
            .toList();

    /// A hit is heard to ring on for so long, in seconds.
    static final double LONGEST_S = 0.12;

    private static final double LEAST = -20;
    private static final double MOST = 2.5;

    private RingingOn() {}

    private record Measure(double second, double secondSpread, double rings, double ringsSpread) {

        static Measure of(CSVRecord row) {
            return new Measure(
                    Double.parseDouble(row.get("second")),
                    Double.parseDouble(row.get("second_sd")),
                    Double.parseDouble(row.get("rings")),
                    Double.parseDouble(row.get("rings_sd")));
        }

        /// More than a second hit usually has says nothing against one.
        double logOdds(double value) {
            double under = Math.min(0, (value - second) / secondSpread);
            double off = (value - rings) / ringsSpread;
            double over = Math.max(0, off);
            return (over * over - under * under) / 2 + Math.log(ringsSpread / secondSpread);
        }
    }

    /// The logarithm of how much likelier a sound soon after a hit is another hit than the first one ringing on.
    ///
    /// @param louder by how much it is louder than the hit, in decibels
    static double anotherHit(SoundFeatures features, double louder) {
        double odds = MEASURES.get(0).logOdds(features.breadth())
                + MEASURES.get(1).logOdds(features.rise())
                + MEASURES.get(2).logOdds(louder);
        return Math.clamp(odds, LEAST, MOST);
    }
}
