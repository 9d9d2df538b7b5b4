package onebeat.core.play;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.GapChange;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Ranges;
import onebeat.core.exchange.Reach;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.exchange.Technique;

/// Moves both fighters over the floor.
///
/// Whoever strikes, ties or walks steps by himself as far as his target asks and his usual step allows;
/// what is short of it is told and then walked, so that one step too few is found once and not at every
/// action after it.
final class FloorPlay {

    private final Setting setting;
    private final Map<Who, Footing> feet = new EnumMap<>(Who.class);
    private final Map<Who, Beat> lastActed = new EnumMap<>(Who.class);

    /// Who has just kicked, or shown a kick: the foot lands in front, as the next fist lands (F6).
    private final Set<Who> kicked = EnumSet.noneOf(Who.class);

    FloorPlay(Setting setting, double gapCm) {
        this.setting = setting;
        int partnerHanded = setting.pairing() == Pairing.SAME ? 1 : -1;
        feet.put(Who.ATHLETE, Footing.at(new Spot(0, 0), 0, 1, setting.athlete().heightCm()));
        feet.put(
                Who.PARTNER,
                Footing.at(
                        new Spot(gapCm, 0),
                        Math.PI,
                        partnerHanded,
                        setting.partner().heightCm()));
    }

    /// Goes on from where both stand.
    ///
    /// @param athleteKicked whether the athlete has just kicked
    FloorPlay(Setting setting, Footing athlete, Footing partner, boolean athleteKicked) {
        this.setting = setting;
        feet.put(Who.ATHLETE, athlete);
        feet.put(Who.PARTNER, partner);
        if (athleteKicked) {
            kicked.add(Who.ATHLETE);
        }
    }

    boolean hasKicked(Who who) {
        return kicked.contains(who);
    }

    Footing feet(Who who) {
        Footing footing = feet.get(who);
        if (footing == null) {
            throw new IllegalStateException("nobody stands for " + who);
        }
        return footing;
    }

    double gapCm() {
        return feet(Who.ATHLETE).axis().distanceTo(feet(Who.PARTNER).axis());
    }

    /// Whoever was walked around turns back to the other man as the beats go by.
    void pass(double beats) {
        double left = StrictMath.pow(BodyNumbers.TURN_LEFT_PER_BEAT, beats);
        for (Who who : Who.values()) {
            feet.put(who, feet(who).towardFacing(feet(who.other()), left));
        }
    }

    void range(Band band) {
        nearer(Who.ATHLETE, gapCm() - setting.ranges(Who.ATHLETE).middleCm(band));
    }

    /// Moves whoever does this action; tells by how many centimetres it fell short.
    double act(Placed placed) {
        Who who = placed.who();
        double beats = Optional.ofNullable(lastActed.get(who))
                .map(placed.beat()::since)
                .orElse(1.0);
        return act(placed, beats);
    }

    /// The same with so many beats since the last action of his.
    double act(Placed placed, double beats) {
        Who who = placed.who();
        Technique technique = placed.technique();
        if (technique.kind() != Kind.REACTION) {
            feet.put(who, feet(who).facing(feet(who.other())));
            lastActed.put(who, placed.beat());
        }
        double shortBy =
                placed.act().feint() ? 0 : stepTo(who, technique, placed.act().level(), beats);
        if (technique.isLegStrike()) {
            kicked.add(who);
        } else if (technique.kind() != Kind.REACTION) {
            kicked.remove(who);
        }
        if (!placed.act().feint()) {
            if (technique.gap() instanceof GapChange.By(double cm)) {
                nearer(who, -cm);
            } else {
                nearer(who, Math.max(0, gapCm() - setting.ranges(Who.ATHLETE).middleCm(Band.CLINCH)));
            }
            FloorMove.of(technique).ifPresent(move -> around(who, move));
            if (technique.stance() == StanceEffect.CHANGE) {
                feet.put(who, feet(who).otherStance());
            }
        }
        return shortBy;
    }

    private double stepTo(Who who, Technique technique, Level level, double beats) {
        Ranges ranges = setting.ranges(who);
        Optional<Double> reach = ranges.reachCm(technique, level);
        if (reach.isEmpty()) {
            return 0;
        }
        double missing = gapCm() - reach.get();
        if (missing <= 0) {
            return 0;
        }
        double steps = beats <= 0 ? 1 : Math.clamp(beats, BodyNumbers.LEAST_STEPS, BodyNumbers.MOST_STEPS);
        double allowed = Reach.of(technique).map(Reach::stepCm).orElse(0.0) * steps
                + (kicked.contains(who) ? BodyNumbers.LANDS_FORWARD_CM : 0);
        nearer(who, missing);
        return Math.max(0, missing - allowed - ROUNDING_CM);
    }

    /// What two ways of adding the same lengths may differ by.
    private static final double ROUNDING_CM = 1e-6;

    private void nearer(Who who, double cm) {
        double nearest = setting.ranges(who).nearestCm();
        double gap = gapCm();
        double to = Math.clamp(gap - cm, Math.min(nearest, gap), Math.max(BodyNumbers.MOST_GAP_CM, gap));
        feet.put(who, feet(who).nearer(feet(who.other()), gap - to));
    }

    private void around(Who who, FloorMove move) {
        Footing own = feet(who);
        Footing other = feet(who.other());
        if (move.aroundDeg() != 0) {
            own = own.around(other, move.aroundDeg(), toward(who, move));
        }
        feet.put(who, own.leadFootOut(move.leadOutCm()));
    }

    private Side toward(Who who, FloorMove move) {
        return switch (move.toward()) {
            case LEAD -> Side.LEAD;
            case REAR -> Side.REAR;
            // Toward his lead hand: the own rear side where both stand alike (F10).
            case SAFE -> feet(who).handed() == feet(who.other()).handed() ? Side.REAR : Side.LEAD;
        };
    }
}
