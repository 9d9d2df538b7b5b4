package onebeat.core.exchange;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/// How far a technique reaches (`reach.csv`), from one body's axis to the other's.
///
/// A limb of some length leaves the shoulder or the hip, which stands a little in front of the axis, and
/// rises or falls to the height of its target; what is left of it lies level, and the target lies in front
/// of the other axis. So a tall fighter's chin is farther than their belt, and nobody's table says so.
///
/// @param stepCm the usual step that goes with it, in centimetres
/// @param leastShare share of its reach nearer than which its power drops
public record Reach(
        Pattern pattern, Root root, Limb limb, double extended, double forward, double stepCm, double leastShare) {

    /// What a row is for: one technique, or all that fit.
    sealed interface Pattern {
        record One(String code) implements Pattern {}

        record Like(Target target) implements Pattern {}
    }

    enum Root {
        SHOULDER,
        HIP
    }

    enum Limb {
        ARM,
        UPPER_ARM,
        LEG,
        THIGH
    }

    private static final List<Reach> ROWS =
            Table.rows(Reach.class, "reach.csv").stream().map(Reach::row).toList();

    /// The reach of each technique of the catalogue, by its code: every step of every review asks for it. Worked out
    /// when
    /// it is first asked for, since the catalogue has to be there.
    private static final class Known {
        private static final Map<String, Reach> BY_CODE = new HashMap<>();

        static {
            Catalogue.standard()
                    .all()
                    .forEach(technique -> ROWS.stream()
                            .filter(r -> r.fits(technique))
                            .findFirst()
                            .ifPresent(reach -> BY_CODE.put(technique.code(), reach)));
        }
    }

    /// The reach of a technique; a technique that touches nobody has none.
    public static Optional<Reach> of(Technique technique) {
        return Optional.ofNullable(Known.BY_CODE.get(technique.code()));
    }

    private boolean fits(Technique technique) {
        return switch (pattern) {
            case Pattern.One(String code) -> code.equals(technique.code());
            case Pattern.Like(Target target) -> target.fits(technique, technique.usualLevel());
        };
    }

    /// How far in front of the axis the shoulder or the hip is that the limb leaves when it is turned in.
    public double rootCm(Build own) {
        double side = root == Root.SHOULDER ? own.halfShouldersCm() : Segment.HALF_HIPS.of(own.heightCm());
        return side * TURNED_IN + forward * own.heightCm();
    }

    /// From axis to axis, without a step, in centimetres.
    public double cm(Build own, Build other, Level level) {
        double length = switch (limb) {
            case ARM -> own.armCm();
            case UPPER_ARM -> own.upperArmCm();
            case LEG -> own.legCm();
            case THIGH -> own.thighCm();
        };
        double from = root == Root.SHOULDER ? own.shoulderHeightCm() : own.hipHeightCm();
        double rise = other.targetHeightCm(level) - from;
        if (root == Root.SHOULDER && rise < 0) {
            rise = Math.min(0, rise + DIP * own.heightCm());
        }
        double straight = length * extended;
        double flat = StrictMath.sqrt(Math.max(0, straight * straight - rise * rise));
        return flat + rootCm(own) + other.depthCm(level);
    }

    private static final double DIP = Build.NUMBERS.get("dip");
    private static final double TURNED_IN = Build.NUMBERS.get("turned_in");

    private static Reach row(CSVRecord row) {
        String strike = row.get("strike");
        return new Reach(
                strike.contains("/") ? new Pattern.Like(Target.parse(strike)) : new Pattern.One(strike),
                Root.valueOf(row.get("from").toUpperCase(Locale.ROOT)),
                Limb.valueOf(row.get("limb").toUpperCase(Locale.ROOT)),
                Double.parseDouble(row.get("extended")),
                Double.parseDouble(row.get("forward")),
                Double.parseDouble(row.get("step_cm")),
                Double.parseDouble(row.get("least")));
    }
}
