package onebeat.core.exchange;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/// One fighter's range bands against another, in centimetres from axis to axis: `long` is where their
/// straight lands without a step, `kick` where their kick lands and no hand does, `mid` where a hook lands
/// too, `close` where an elbow does, `clinch` where a hold can be taken.
///
/// The bands come from the two builds; nothing in them is fixed but what the reach of a technique says.
public final class Ranges {

    /// How far beyond the longest kick `out` is told, as a share of the kick's usual step. A default:
    /// within it a kick or a leap still gets there and no punch does.
    private static final double OUT = 0.8;

    /// The near edge of `clinch`: two trunks touch. Share of the two depths.
    private static final double TOUCHING = 1.0;

    /// What two ways of adding the same lengths may differ by.
    private static final double ROUNDING_CM = 1e-6;

    private final Build own;
    private final Build other;
    private final Map<Band, Double> farCm = new EnumMap<>(Band.class);
    /// By code, then by level.
    private final Map<String, Map<Level, Double>> reaches = new HashMap<>();
    private final double nearestCm;

    private Ranges(Build own, Build other) {
        this.own = own;
        this.other = other;
        Catalogue all = Catalogue.standard();
        nearestCm = TOUCHING * (own.depthCm(Level.BODY) + other.depthCm(Level.BODY));
        for (Technique technique : all.all()) {
            Reach.of(technique).ifPresent(reach -> reaches.put(technique.code(), byLevel(technique, reach)));
        }
        double kick = longest("rmid", Level.BODY, "rlow", Level.LEG);
        farCm.put(Band.OUT, kick + 2 * OUT * kickStep());
        farCm.put(Band.KICK, Math.max(kick, longest("1", Level.HEAD, "2", Level.HEAD)));
        farCm.put(Band.LONG, longest("1", Level.HEAD, "2", Level.HEAD));
        farCm.put(Band.MID, reach("3", Level.HEAD));
        farCm.put(Band.CLOSE, reach("elbow", Level.HEAD));
        farCm.put(Band.CLINCH, nearestCm + (reach("elbow", Level.HEAD) - nearestCm) / 2);
    }

    /// A hold has no level of its own; it goes to the neck.
    private Map<Level, Double> byLevel(Technique technique, Reach reach) {
        Map<Level, Double> cm = new EnumMap<>(Level.class);
        technique.levels().keySet().forEach(level -> cm.put(level, reach.cm(own, other, level)));
        if (technique.kind() == Kind.CLINCH) {
            cm.put(Level.NONE, reach.cm(own, other, Level.HEAD));
        }
        return cm;
    }

    /// The bands of `own` against `other`.
    public static Ranges of(Fighter own, Fighter other) {
        return new Ranges(Build.of(own), Build.of(other));
    }

    private static double kickStep() {
        return Reach.of(Catalogue.standard().get("rmid")).orElseThrow().stepCm();
    }

    private double longest(String one, Level oneLevel, String two, Level twoLevel) {
        return Math.max(reach(one, oneLevel), reach(two, twoLevel));
    }

    private double reach(String code, Level level) {
        return reachCm(Catalogue.standard().get(code), level).orElseThrow();
    }

    /// The largest gap that still belongs to a band.
    public double farCm(Band band) {
        Double cm = farCm.get(band);
        if (cm == null) {
            throw new IllegalStateException("no edge for " + band);
        }
        return cm;
    }

    /// The smallest gap that belongs to a band.
    public double nearCm(Band band) {
        return band.nearer().map(this::farCm).orElse(nearestCm);
    }

    /// The middle of a band: what a written range stands for.
    public double middleCm(Band band) {
        return (nearCm(band) + farCm(band)) / 2;
    }

    /// The nearest the two can stand.
    public double nearestCm() {
        return nearestCm;
    }

    /// The band of a gap.
    public Band at(double gapCm) {
        Band band = Band.OUT;
        Optional<Band> nearer = band.nearer();
        while (nearer.isPresent() && gapCm <= farCm(nearer.get()) + ROUNDING_CM) {
            band = nearer.get();
            nearer = band.nearer();
        }
        return band;
    }

    /// How far a technique reaches at a level without a step; empty for what touches nobody.
    public Optional<Double> reachCm(Technique technique, Level level) {
        return Optional.ofNullable(reaches.get(technique.code())).map(byLevel -> byLevel.get(level));
    }

    /// How much a reach may differ between bodies of the same measures, in centimetres; 0 for what touches nobody.
    public double toleranceCm(Technique technique, Level level) {
        return SPREAD * reachCm(technique, level).orElse(0.0);
    }

    private static final double SPREAD = Build.NUMBERS.get("spread");

    public Build own() {
        return own;
    }

    public Build other() {
        return other;
    }

    /// The band in which only the longer of the two can hit: how much farther these straights reach than
    /// the other's reach back, in centimetres. Negative where the other's reach farther.
    public double longerByCm(Ranges theirs) {
        return farCm(Band.LONG) - theirs.farCm(Band.LONG);
    }

    /// The same for kicks.
    public double longerKickByCm(Ranges theirs) {
        return farCm(Band.KICK) - theirs.farCm(Band.KICK);
    }
}
