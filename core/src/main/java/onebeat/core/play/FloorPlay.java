package onebeat.core.play;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.GapChange;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Reach;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.exchange.Technique;

/// Moves both fighters over the floor.
///
/// Whoever strikes or ties steps along as far as the target asks and the time allows; what the athlete is short of is
/// told and then walked, so that one step too few is found once and not at every action after it.
final class FloorPlay {

    private final Setting setting;
    private final Map<Who, Footing> feet = new EnumMap<>(Who.class);
    private final Map<Who, Beat> lastActed = new EnumMap<>(Who.class);

    /// Who has met a strike with the action just done.
    private final Set<Who> met = EnumSet.noneOf(Who.class);

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

    /// Whoever was walked around turns back to the other as the beats go by.
    void pass(double beats) {
        double left = StrictMath.pow(BodyNumbers.TURN_LEFT_PER_BEAT, beats);
        for (Who who : Who.values()) {
            feet.put(who, feet(who).towardFacing(feet(who.other()), left));
        }
    }

    void range(Band band) {
        step(Who.ATHLETE, gapCm() - setting.ranges(Who.ATHLETE).middleCm(band));
    }

    /// Moves whoever does this action; tells by how many centimetres it fell short.
    ///
    /// @param roomCm the room that a strike which goes with it needs: a step goes no nearer, since who is run at is
    ///     driven back (J24)
    double act(Placed placed, double roomCm) {
        Who who = placed.who();
        double beats = Optional.ofNullable(lastActed.get(who))
                .map(placed.beat()::since)
                .orElse(FIRST);
        return act(placed, beats, roomCm);
    }

    /// The same with so many beats since the last action of the same fighter; below 0 for the first one.
    double act(Placed placed, double beats, double roomCm) {
        Who who = placed.who();
        Technique technique = placed.technique();
        if (technique.kind() != Kind.REACTION && technique.kind() != Kind.RHYTHM) {
            if (kicked.contains(who)) {
                feet.put(who, feet(who).leadFootOut(0));
            }
            feet.put(who, feet(who).facing(feet(who.other())));
            lastActed.put(who, placed.beat());
        }
        double shortBy = stepTo(placed, beats);
        if (placed.meets().isPresent()) {
            met.add(who);
        } else {
            met.remove(who);
        }
        if (technique.isLegStrike()) {
            kicked.add(who);
        } else if (technique.kind() != Kind.REACTION) {
            kicked.remove(who);
        }
        move(placed, beats, roomCm);
        return shortBy;
    }

    /// What an action does to the gap, the angle and the stance by itself; a feint carries a part of its step.
    private void move(Placed placed, double beats, double roomCm) {
        Who who = placed.who();
        Technique technique = placed.technique();
        double share = placed.act().feint() ? BodyNumbers.FEINT_STEP : 1;
        if (technique.gap() instanceof GapChange.By(double cm)) {
            double nearer = -cm * share * timeFor(technique, beats);
            step(who, nearer > 0 ? Math.min(nearer, Math.max(0, gapCm() - roomCm)) : nearer);
        } else if (!placed.act().feint()) {
            step(who, Math.max(0, gapCm() - setting.ranges(Who.ATHLETE).middleCm(Band.CLINCH)));
        }
        if (!placed.act().feint()) {
            FloorMove.of(technique).ifPresent(move -> around(who, move));
            if (technique.stance() == StanceEffect.CHANGE) {
                feet.put(who, feet(who).otherStance());
            }
        }
    }

    /// The share of a written step that there is time for. What is joined or comes first has its own time.
    private double timeFor(Technique technique, double beats) {
        double needs = technique.motion().contactMs();
        return beats <= 0 || needs <= 0 ? 1 : Math.min(1, setting.pace().ms(beats) / needs);
    }

    /// How many of its usual steps a strike has time for. What is joined or comes first takes one; an answer on the
    /// beat of the strike that is met has less.
    private double steps(Who who, double beats) {
        if (beats == 0 && met.contains(who)) {
            return BodyNumbers.ANSWER_STEP;
        }
        return beats <= 0 ? 1 : Math.min(BodyNumbers.MOST_STEPS, setting.pace().ms(beats) / BodyNumbers.STEP_MS);
    }

    /// Steps as far as the target asks and the time allows: nearer where it is too far, back a little where
    /// there is too little room. The athlete then stands where the line wants it; a partner whose strike falls
    /// short stays short.
    private double stepTo(Placed placed, double beats) {
        Who who = placed.who();
        Technique technique = placed.technique();
        Optional<Double> reach =
                setting.ranges(who).reachCm(technique, placed.act().level());
        if (reach.isEmpty()) {
            return 0;
        }
        Optional<Reach> row = Reach.of(technique);
        double usual = row.map(Reach::stepCm).orElse(0.0) * steps(who, beats);
        double missing = gapCm() - reach.get();
        if (placed.act().feint()) {
            carry(who, Math.clamp(missing, 0, usual * BodyNumbers.FEINT_STEP));
            return 0;
        }
        if (missing <= 0) {
            double wanted = row.map(Reach::leastShare).orElse(0.0) * reach.get() - gapCm();
            carry(who, -Math.clamp(wanted, 0, usual * BodyNumbers.BACK_STEP));
            return 0;
        }
        double allowed = usual + (kicked.contains(who) ? BodyNumbers.LANDS_FORWARD_CM : 0);
        carry(who, who == Who.PARTNER ? Math.min(missing, allowed) : missing);
        return Math.max(0, missing - allowed - ROUNDING_CM);
    }

    /// Somebody is pulled on by a hand that knocks theirs across.
    void drawOn(Who who) {
        carry(who, BodyNumbers.DRAWN_ON_CM);
    }

    private static final double FIRST = -1;

    /// What two ways of adding the same lengths may differ by.
    private static final double ROUNDING_CM = 1e-6;

    /// A written step: the feet take their usual places again.
    private void step(Who who, double cm) {
        if (cm != 0) {
            carry(who, cm);
            feet.put(who, feet(who).leadFootOut(0));
        }
    }

    /// The step that goes with a strike leaves the lead foot where it was set (F13).
    private void carry(Who who, double cm) {
        double nearest = setting.ranges(who).nearestCm();
        double gap = gapCm();
        double to = Math.clamp(gap - cm, Math.min(nearest, gap), Math.max(BodyNumbers.MOST_GAP_CM, gap));
        feet.put(who, feet(who).nearer(feet(who.other()), gap - to));
    }

    private void around(Who who, FloorMove move) {
        Footing own = feet(who);
        Footing other = feet(who.other());
        if (move.aroundDeg() != 0) {
            own = own.around(other, move.aroundDeg(), toward(who, move)).leadFootOut(0);
        }
        feet.put(who, move.leadOutCm() == 0 ? own : own.leadFootOut(move.leadOutCm()));
    }

    private Side toward(Who who, FloorMove move) {
        return switch (move.toward()) {
            case LEAD -> Side.LEAD;
            case REAR -> Side.REAR;
            // Toward the other's lead hand: the own rear side where both stand alike (F10).
            case SAFE -> feet(who).handed() == feet(who.other()).handed() ? Side.REAR : Side.LEAD;
        };
    }
}
