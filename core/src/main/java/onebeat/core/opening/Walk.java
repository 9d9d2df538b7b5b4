package onebeat.core.opening;

import static onebeat.core.opening.PartnerModel.index;
import static onebeat.core.opening.Watching.NOBODY;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Technique;
import onebeat.core.opening.Watching.Event;

/// The state of the other man along one run of a way: his odds over postures, what he has been shown, and
/// which of his limbs are away.
final class Walk {

    private static final int POSTURES = Posture.values().length;

    private final PartnerModel model;
    private final AwayShares away;
    private final Map<Integer, double[]> oddsById;

    private double[] odds = atGuard();
    private double beat;
    private boolean held;
    private final double[] awayHand = new double[Side.values().length];
    private final double[] keepHand = new double[Side.values().length];
    private double awayLeg;
    private double keepLeg;
    private final double[] shown;
    private final int[][] pairs;
    private final int[] best;
    private int last = NOBODY;
    private boolean expected;
    private Optional<Family> kind = Optional.empty();
    private int inARow;

    /// @param ids how many different things can be seen in the run
    /// @param oddsById how he reacts to each of them
    Walk(PartnerModel model, int ids, Map<Integer, double[]> oddsById) {
        this.model = model;
        this.away = AwayShares.of(model);
        this.oddsById = oddsById;
        this.shown = new double[ids];
        this.pairs = new int[ids][ids];
        this.best = new int[ids];
        Arrays.fill(best, NOBODY);
    }

    double[] odds() {
        return odds.clone();
    }

    private static double[] atGuard() {
        double[] odds = new double[POSTURES];
        odds[index(Posture.GUARD)] = 1;
        return odds;
    }

    /// Time passes: he drifts back to guard, unless the line has told him to hold, and his limbs come home.
    void to(double now) {
        double beats = now - beat;
        if (beats <= 0) {
            return;
        }
        beat = now;
        if (!held) {
            double keep = StrictMath.pow(PartnerModel.clamp(model.number("keep_per_beat")), beats);
            for (int i = 0; i < POSTURES; i++) {
                odds[i] *= keep;
            }
            odds[index(Posture.GUARD)] += 1 - keep;
        }
        for (int s = 0; s < awayHand.length; s++) {
            awayHand[s] *= StrictMath.pow(PartnerModel.clamp(keepHand[s]), beats);
        }
        awayLeg *= StrictMath.pow(PartnerModel.clamp(keepLeg), beats);
    }

    double opening(Zone zone, Technique strike) {
        double covered = 0;
        for (int i = 0; i < POSTURES; i++) {
            covered += odds[i] * model.coverage(i, zone);
        }
        covered *= 1 - absent(zone);
        if (kind.equals(Optional.of(kindOf(strike))) && inARow >= model.number("one_kind_from")) {
            covered += (1 - covered) * model.number("one_kind");
        }
        return PartnerModel.clamp(1 - covered);
    }

    private double absent(Zone zone) {
        return absent(away, zone, awayHand[side(Side.LEAD)], awayHand[side(Side.REAR)], awayLeg);
    }

    /// How far a limb that is away leaves what it covers.
    record AwayShares(double hand, double middle, double calf, double leg) {

        static AwayShares of(PartnerModel model) {
            return new AwayShares(
                    model.number("away_hand"),
                    model.number("away_middle"),
                    model.number("away_calf"),
                    model.number("away_leg"));
        }
    }

    /// How far the limbs that cover a zone are away.
    static double absent(AwayShares away, Zone zone, double lead, double rear, double awayLeg) {
        double share = switch (zone) {
            case HEAD_LEAD, BODY_LEAD -> lead * away.hand;
            case HEAD_REAR, BODY_REAR -> rear * away.hand;
            case HEAD_FRONT, CHIN_BELOW, BODY_FRONT -> Math.max(lead, rear) * away.middle;
            case LEAD_CALF -> Math.max(lead * away.calf, awayLeg * away.leg);
            case LEAD_THIGH_OUT, LEAD_THIGH_IN, REAR_LEG -> awayLeg * away.leg;
        };
        return PartnerModel.clamp(share);
    }

    double awayHand(Side side) {
        return awayHand[side(side)];
    }

    double keepHand(Side side) {
        return keepHand[side(side)];
    }

    double awayLeg() {
        return awayLeg;
    }

    double keepLeg() {
        return keepLeg;
    }

    Optional<Family> kind() {
        return kind;
    }

    int inARow() {
        return inARow;
    }

    void see(Event event) {
        if (event.byAthlete()) {
            react(event);
            remember(event);
            return;
        }
        event.told().ifPresent(posture -> {
            mix(only(posture), model.number("drilled"));
            held = true;
        });
        event.away().ifPresent(away -> {
            held = false;
            if (away.leg()) {
                awayLeg = 1;
                keepLeg = away.keep();
            } else {
                awayHand[side(away.side())] = 1;
                keepHand[side(away.side())] = away.keep();
            }
        });
    }

    private void react(Event event) {
        if (event.odds().isEmpty()) {
            return;
        }
        held = false;
        double belief = 1;
        if (event.step().placed().act().feint()) {
            double unshown = model.number("belief_unshown");
            belief = unshown + (1 - unshown) * Math.min(1, shown[event.real()]);
        }
        mix(event.odds().get(), PartnerModel.clamp(event.salience() * belief));
    }

    /// What has followed the last action before is covered as it would land, whether it comes or not (F23).
    /// Once: what he expected does not come again at the next action that says nothing new.
    void expect() {
        if (expected || last == NOBODY || best[last] == NOBODY) {
            return;
        }
        expected = true;
        double[] to = oddsById.get(best[last]);
        if (to != null) {
            mix(to, PartnerModel.clamp(foreseen(last) * model.number("salience_normal")));
        }
    }

    /// How far he expects what has followed this action most often.
    private double foreseen(int id) {
        int times = pairs[id][best[id]];
        int all = 0;
        for (int count : pairs[id]) {
            all += count;
        }
        String name = switch (times) {
            case 0, 1 -> "pattern_once";
            case 2 -> "pattern_twice";
            case 3 -> "pattern_thrice";
            default -> "pattern_often";
        };
        return PartnerModel.clamp(model.number(name)) * times / all;
    }

    void remember(Event event) {
        if (!event.byAthlete() || (event.odds().isEmpty() && !event.isStart())) {
            return;
        }
        if (!event.isStart()) {
            shown[event.real()] += event.shows();
        }
        if (last != NOBODY) {
            int count = ++pairs[last][event.id()];
            if (best[last] == NOBODY || count > pairs[last][best[last]]) {
                best[last] = event.id();
            }
        }
        last = event.id();
        expected = false;
        if (event.zone().isPresent()) {
            Optional<Family> now = Optional.of(kindOf(event.step().placed().technique()));
            inARow = now.equals(kind) ? inARow + 1 : 1;
            kind = now;
        }
    }

    void forgetLast() {
        last = NOBODY;
        kind = Optional.empty();
        inARow = 0;
    }

    private void mix(double[] to, double share) {
        odds = blend(odds, to, share);
    }

    private static double[] blend(double[] from, double[] to, double share) {
        double[] mixed = new double[from.length];
        for (int i = 0; i < mixed.length; i++) {
            mixed[i] = from[i] * (1 - share) + to[i] * share;
        }
        return mixed;
    }

    private static double[] only(Posture posture) {
        double[] odds = new double[POSTURES];
        odds[index(posture)] = 1;
        return odds;
    }

    private static int side(Side side) {
        return side == Side.LEAD ? 0 : 1;
    }

    /// Hands or legs: a chain of one kind only is easier to read (F32).
    private static Family kindOf(Technique strike) {
        return strike.part() == Part.LEG ? Family.KICK : Family.PUNCH;
    }
}
