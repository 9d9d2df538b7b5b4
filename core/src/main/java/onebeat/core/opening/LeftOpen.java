package onebeat.core.opening;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import onebeat.core.exchange.Fate;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Target;
import onebeat.core.exchange.Technique;

/// What a strike leaves open on the body of the one who threw it, and for how long (`left_open.csv`): one table for
/// both fighters, by the strike's path and level, its side, and what became of it.
///
/// Each zone is open by a share right at the contact and closes again; `ms` is the time after which a third of that is
/// left (the time constant of an exponential).
final class LeftOpen {

    /// What one strike leaves.
    ///
    /// @param shares by zone of the striker's own body, 0 to 1
    /// @param ms time constant in milliseconds
    @SuppressWarnings("ArrayRecordComponent") // read-only within the package, on the path of every search
    record Left(double[] shares, double ms) {

        /// The share that is left after so many milliseconds.
        static double after(double elapsedMs, double ms) {
            return StrictMath.exp(-elapsedMs / ms);
        }
    }

    private record Row(Target strike, Fate fate, Left lead, Left rear) {}

    private final List<Row> rows = new ArrayList<>();

    LeftOpen(NumberTable table) {
        for (String name : table.rows()) {
            String[] words = name.split(" ", -1);
            Map<String, Double> numbers = table.row(name);
            rows.add(new Row(
                    Target.parse(words[0]),
                    Fate.valueOf(words[1].toUpperCase(Locale.ROOT)),
                    left(numbers, Side.LEAD),
                    left(numbers, Side.REAR)));
        }
    }

    private static Left left(Map<String, Double> numbers, Side side) {
        double[] shares = new double[Zone.values().length];
        for (Zone zone : Zone.values()) {
            double share = numbers.getOrDefault(column(zone, side), 0.0);
            shares[PartnerModel.index(zone)] = PartnerModel.clamp(share);
        }
        return new Left(shares, Math.max(1, numbers.getOrDefault("ms", 1.0)));
    }

    private static String column(Zone zone, Side side) {
        return switch (zone) {
            case HEAD_FRONT -> "head_front";
            case HEAD_LEAD -> side == Side.LEAD ? "head_same" : "head_other";
            case HEAD_REAR -> side == Side.REAR ? "head_same" : "head_other";
            case CHIN_BELOW -> "chin_below";
            case BODY_FRONT -> "body_front";
            case BODY_LEAD -> side == Side.LEAD ? "body_same" : "body_other";
            case BODY_REAR -> side == Side.REAR ? "body_same" : "body_other";
            case LEAD_THIGH_OUT, LEAD_THIGH_IN -> "thigh";
            case LEAD_CALF -> "calf";
            case REAR_LEG -> "rear_leg";
        };
    }

    /// What a strike leaves.
    ///
    /// @throws IllegalStateException if no row fits: a fault of the build
    Left of(Technique strike, Level level, Side side, Fate fate) {
        for (Row row : rows) {
            if (row.fate == fate && row.strike.fits(strike, level)) {
                return side == Side.LEAD ? row.lead : row.rear;
            }
        }
        for (Row row : rows) {
            if (row.strike.fits(strike, level)) {
                return side == Side.LEAD ? row.lead : row.rear;
            }
        }
        throw new IllegalStateException("left_open.csv has no row for " + strike.code());
    }
}
