package onebeat.core.play;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.DriveShares;
import onebeat.core.exchange.Ends;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Act;

/// One body at one moment.
///
/// @param turn `+1` with the rear side forward, `-1` with the lead side forward
/// @param weight `+1` on the lead foot, `-1` on the rear foot
/// @param height `+1` tall, `-1` with the legs bent
/// @param busy what each limb is busy with: the index of the action; a limb that is not there is at guard
/// @param set where the last step has set the body for the strike after it; empty where it has not
public record Body(
        Stance stance, double turn, double weight, double height, Map<Limb, Integer> busy, Optional<Ends> set) {

    public Body {
        busy = Map.copyOf(busy);
    }

    static Body atGuard(Stance stance) {
        return new Body(stance, 0, 0, 0, Map.of(), Optional.empty());
    }

    /// The action that a limb is busy with.
    public Optional<Integer> doing(Limb limb) {
        return Optional.ofNullable(busy.get(limb));
    }

    /// The leg that carries so much of the weight that it cannot be lifted.
    public Optional<Side> loadedLeg() {
        if (Math.abs(weight) < BodyNumbers.LOADED_FROM) {
            return Optional.empty();
        }
        return Optional.of(weight > 0 ? Side.LEAD : Side.REAR);
    }

    /// The body some beats later with nothing done: it drifts back to guard by the beat, not by the second,
    /// so that a loaded body stays loaded at any tempo.
    public Body after(double beats) {
        if (beats <= 0) {
            return this;
        }
        double keep = StrictMath.pow(BodyNumbers.KEEP_PER_BEAT, beats);
        return new Body(
                stance,
                turn * keep,
                weight * keep,
                height * keep,
                Map.of(),
                set.map(to -> new Ends(to.turn() * keep, to.weight(), to.height())));
    }

    Body busyWith(Iterable<Limb> limbs, int action) {
        Map<Limb, Integer> now = new EnumMap<>(Limb.class);
        now.putAll(busy);
        limbs.forEach(limb -> now.put(limb, action));
        return new Body(stance, turn, weight, height, now, set);
    }

    /// The same body with the feet exchanged: it stays where it is, and lead and rear change names.
    Body renamed() {
        return new Body(stance.changed(), -turn, -weight, height, Map.of(), Optional.empty());
    }

    /// Driven toward these ends by a share of the way.
    public Body toward(Ends ends, double share) {
        return new Body(
                stance,
                turn + share * (ends.turn() - turn),
                weight + share * (ends.weight() - weight),
                height + share * (ends.height() - height),
                busy,
                Optional.empty());
    }

    /// Carried by a step that leaves the turn as it is: one that goes with a strike.
    Body carried(Ends ends, double share) {
        return toward(new Ends(turn, ends.weight(), ends.height()), share);
    }

    /// Set anew by a step, for the strike after it.
    Body setBy(Ends ends) {
        return new Body(stance, turn, weight, height, busy, Optional.of(ends));
    }

    /// As the last step has set it for a strike with these ends: never less cocked than before.
    Body setFor(Ends next) {
        return set.map(to -> new Body(
                        stance,
                        next.turn() > 0
                                ? Math.min(turn, to.turn())
                                : next.turn() < 0 ? Math.max(turn, to.turn()) : turn,
                        weight,
                        height,
                        busy,
                        Optional.empty()))
                .orElse(this);
    }

    /// Wound up by the counts before a contact: turned so far, the weight between the feet.
    public Body wound(double to) {
        return new Body(stance, to, 0, height, busy, Optional.empty());
    }

    /// Cocked for a strike: turn, weight and height at least so far against its ends. Never less cocked than
    /// before.
    Body cockedFor(Ends next, Ends strength) {
        return new Body(
                stance,
                against(turn, next.turn(), strength.turn()),
                against(weight, next.weight(), strength.weight()),
                against(height, next.height(), Math.abs(strength.height())),
                busy,
                set);
    }

    private static double against(double now, double end, double strength) {
        if (end > 0) {
            return Math.min(now, -strength);
        }
        return end < 0 ? Math.max(now, strength) : now;
    }

    /// The share of its full travel that is still ahead of a strike with these ends.
    double drive(Ends ends, DriveShares shares) {
        return shares.turn() * travel(turn, ends.turn())
                + shares.weight() * travel(weight, ends.weight())
                + shares.height() * travel(height, ends.height());
    }

    /// The share of its power that is asked of a strike.
    static double factorOf(Act act) {
        return switch (act.intent()) {
            case FULL -> 1;
            case NORMAL -> BodyNumbers.POWER_NORMAL;
            case LIGHT -> BodyNumbers.POWER_LIGHT;
        };
    }

    /// The share of the full travel, from the opposite extreme to the end, that is still ahead.
    private static double travel(double now, double end) {
        if (end == 0) {
            return 0;
        }
        double extreme = -Math.signum(end);
        return Math.clamp((end - now) / (end - extreme), 0, 1);
    }

    /// A strike's own ends; one to the body goes down to it.
    public static Ends endsOf(Act act) {
        Ends ends = act.technique().ends();
        boolean goesDown = act.technique().isStrike()
                && act.level() == Level.BODY
                && act.technique().usualLevel() == Level.HEAD;
        return goesDown ? new Ends(ends.turn(), ends.weight(), BodyNumbers.BODY_HEIGHT) : ends;
    }

    /// How far an action drives the body toward its ends, 0 to 1.
    public static double reachOf(Act act) {
        if (act.feint()) {
            return BodyNumbers.REACH_FEINT;
        }
        return act.intent() == Intent.FULL
                ? BodyNumbers.REACH_FULL
                : act.intent() == Intent.LIGHT ? BodyNumbers.REACH_LIGHT : BodyNumbers.REACH_NORMAL;
    }
}
