package onebeat.core.opening;

import static onebeat.core.opening.PartnerModel.index;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.opening.NumberTable.Cell;
import onebeat.core.opening.PartnerModel.Name;
import onebeat.core.play.Placed;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The other man's side of trying very many ways: what [Openings] gives, one action at a time and without a
/// past that he could expect things from.
///
/// What a strike finds open depends on his odds over postures only through how far they cover each zone,
/// and how free he is to answer only through how busy they are; all of it changes linearly. So the odds
/// need not be carried along, only what they cover.
public final class Ahead {

    private static final int ZONES = Zone.values().length;
    private static final int FEATURES = ZONES + 1;
    private static final int POSTURES = Posture.values().length;

    private final PartnerModel model;
    private final Pairing pairing;
    private final Stance his;
    private final double hands;
    private final double kicks;
    private final double[] guard;
    private final double keepPerBeat;
    private final double oneKind;
    private final double oneKindFrom;
    private final double stillOut;
    private final double standing;
    private final double turned;
    private final double takenHand;
    private final double outOfHand;
    private final double outOfKick;
    private final Exposure.Angles angles;
    private final Walk.AwayShares away;

    /// What is known of an action beforehand. The zone it strikes is a number, `-1` for what is no strike;
    /// what his reaction covers is empty where he does not react.
    private static final class Known {

        private final int zone;
        private final double[] reacts;
        private final double salience;
        private final boolean leg;
        private final boolean strike;
        private final boolean exposes;
        private final boolean hold;
        private final boolean roundArm;
        private final double out;
        private final double home;
        private final double covers;

        Known(
                int zone,
                double[] reacts,
                double salience,
                boolean leg,
                boolean strike,
                boolean exposes,
                boolean hold,
                boolean roundArm,
                double out,
                double home,
                double covers) {
            this.zone = zone;
            this.reacts = reacts;
            this.salience = salience;
            this.leg = leg;
            this.strike = strike;
            this.exposes = exposes;
            this.hold = hold;
            this.roundArm = roundArm;
            this.out = out;
            this.home = home;
            this.covers = covers;
        }
    }

    /// What he covers and where the athlete's last strike is, after some actions.
    public static final class State {

        private final double[] covers = new double[FEATURES];
        private double awayLead;
        private double awayRear;
        private double awayLeg;
        private double keepLead;
        private double keepRear;
        private double keepLeg;
        private int kind;
        private int inARow;
        private double lastOut;
        private double lastHome;
        private double beatsSince;
        private boolean lastRoundArm;
        private double lateHand;

        void set(State other) {
            System.arraycopy(other.covers, 0, covers, 0, FEATURES);
            awayLead = other.awayLead;
            awayRear = other.awayRear;
            awayLeg = other.awayLeg;
            keepLead = other.keepLead;
            keepRear = other.keepRear;
            keepLeg = other.keepLeg;
            kind = other.kind;
            inARow = other.inARow;
            lastOut = other.lastOut;
            lastHome = other.lastHome;
            beatsSince = other.beatsSince;
            lastRoundArm = other.lastRoundArm;
            lateHand = other.lateHand;
        }
    }

    private static final int MOST_COUNTS = 8;
    private static final int MOST_STILL = 32;

    private final Known[] known;
    private final double[] keeps = new double[MOST_COUNTS];
    private final double[] stills = new double[MOST_STILL];

    /// The least that any reaction covers, by zone.
    private final double[] leastReacted = new double[FEATURES];

    /// @param placed the actions that are tried, as placed
    public Ahead(Setting setting, PartnerModel model, Iterable<Placed> placed) {
        this.model = model;
        this.pairing = setting.pairing();
        this.his = setting.partner().stance();
        this.hands = setting.ranges(Who.PARTNER).farCm(Band.LONG);
        this.kicks = setting.ranges(Who.PARTNER).farCm(Band.KICK);
        this.guard = features(only(Posture.GUARD));
        this.keepPerBeat = PartnerModel.clamp(model.number("keep_per_beat"));
        this.oneKind = model.number("one_kind");
        this.oneKindFrom = model.number("one_kind_from");
        this.stillOut = PartnerModel.clamp(model.number("still_out"));
        this.standing = model.number("standing");
        this.turned = model.number("turned");
        this.takenHand = model.number("taken_hand");
        this.outOfHand = model.number("out_of_hand");
        this.outOfKick = model.number("out_of_kick");
        this.angles = Exposure.Angles.of(model);
        this.away = Walk.AwayShares.of(model);
        List<Known> all = new ArrayList<>();
        placed.forEach(p -> all.add(known(p)));
        this.known = all.toArray(Known[]::new);
        for (int i = 0; i < keeps.length; i++) {
            keeps[i] = StrictMath.pow(keepPerBeat, i);
        }
        for (int i = 0; i < stills.length; i++) {
            stills[i] = StrictMath.pow(stillOut, i);
        }
        System.arraycopy(guard, 0, leastReacted, 0, FEATURES);
        for (Known action : known) {
            for (int i = 0; i < action.reacts.length; i++) {
                leastReacted[i] = Math.min(leastReacted[i], action.reacts[i]);
            }
        }
    }

    private static double[] only(Posture posture) {
        double[] odds = new double[POSTURES];
        odds[index(posture)] = 1;
        return odds;
    }

    private double[] features(double[] odds) {
        double[] features = new double[FEATURES];
        for (int i = 0; i < POSTURES; i++) {
            if (odds[i] != 0) {
                for (Zone zone : Zone.values()) {
                    features[index(zone)] += odds[i] * model.coverage(i, zone);
                }
                features[ZONES] += odds[i] * model.busy(i);
            }
        }
        return features;
    }

    private Known known(Placed placed) {
        Act act = placed.act();
        Technique technique = act.technique();
        Side side = placed.side().orElse(Side.LEAD);
        Side arrives = technique.arrival().at(side, pairing);
        boolean leg = technique.part() == Part.LEG;
        boolean strike = act.isStrike();
        double out = !technique.isStrike() ? 0 : model.number(leg ? "leg_out" : "hand_out");
        double covers = model.table(Name.EXPOSURE).at(new Cell("cover_" + technique.code(), "value"))
                + (technique.family() == Family.HEAD ? model.number("head_moves") : 0);
        double salience = switch (act.intent()) {
            case FULL -> model.number("salience_full");
            case NORMAL -> model.number("salience_normal");
            case LIGHT -> model.number("salience_light");
        };
        return new Known(
                strike ? index(Zone.of(technique, act.level(), side, pairing)) : -1,
                model.reaction(technique, act.level(), arrives)
                        .map(this::features)
                        .orElse(new double[0]),
                PartnerModel.clamp(technique.isStrike() ? salience : model.number("salience_other")),
                leg,
                strike,
                strike || technique.kind() == Kind.CLINCH,
                technique.kind() == Kind.CLINCH,
                strike && technique.path() == Path.ROUND && technique.part() == Part.ARM,
                out,
                technique.motion().homeMs() / model.number("usual_home_ms"),
                covers);
    }

    /// An empty state.
    public static State state() {
        return new State();
    }

    /// The state at the end of a way whose last action is the athlete's, one beat before the next could land.
    public State after(PlayedWay way) {
        Walk walk = new Watching(way, model, 0).walked();
        State state = new State();
        System.arraycopy(features(walk.odds()), 0, state.covers, 0, FEATURES);
        state.awayLead = walk.awayHand(Side.LEAD);
        state.awayRear = walk.awayHand(Side.REAR);
        state.keepLead = walk.keepHand(Side.LEAD);
        state.keepRear = walk.keepHand(Side.REAR);
        state.awayLeg = walk.awayLeg();
        state.keepLeg = walk.keepLeg();
        state.kind = walk.kind().map(family -> family == Family.KICK ? 2 : 1).orElse(0);
        state.inARow = walk.inARow();
        way.strikesOf(Who.ATHLETE).reduce((_, later) -> later).ifPresent(last -> {
            Technique technique = last.placed().technique();
            state.lastOut = model.number(technique.part() == Part.LEG ? "leg_out" : "hand_out");
            state.lastHome = technique.motion().homeMs() / model.number("usual_home_ms");
            state.lastRoundArm = technique.path() == Path.ROUND && technique.part() == Part.ARM;
            state.beatsSince = way.way().beats() - 1 - last.beat().inBeats();
        });
        state.lateHand = lateHand(way);
        return state;
    }

    /// How late his hand is on the next beat, for a feed that lands on the way's last beat.
    private double lateHand(PlayedWay way) {
        double lastBeat = way.way().beats() - 1;
        return way.strikesOf(Who.PARTNER)
                .filter(feed -> feed.beat().inBeats() >= lastBeat)
                .flatMap(feed -> way.metBy(feed).stream())
                .map(Step::placed)
                .mapToDouble(d -> PartnerModel.clamp(model.delayMs(d.technique()) / model.number("latest_ms"))
                        * model.number("late_hand"))
                .max()
                .orElse(0);
    }

    /// Time passes before an action.
    ///
    /// @param beats from 1 to the most that an action needs
    public void pass(State state, int beats) {
        double keep = keeps[beats];
        for (int i = 0; i < FEATURES; i++) {
            state.covers[i] = keep * state.covers[i] + (1 - keep) * guard[i];
        }
        state.awayLead *= pow(state.keepLead, beats);
        state.awayRear *= pow(state.keepRear, beats);
        state.awayLeg *= pow(state.keepLeg, beats);
        state.beatsSince += beats;
        state.lateHand = beats == 1 ? state.lateHand : 0;
    }

    private static double pow(double keep, int beats) {
        double clamped = PartnerModel.clamp(keep);
        return beats == 1 ? clamped : StrictMath.pow(clamped, beats);
    }

    private double stillOut(double beats) {
        int whole = (int) beats;
        return whole == beats && whole < stills.length ? stills[whole] : StrictMath.pow(stillOut, beats);
    }

    /// How open a strike finds its zone.
    public double opening(State state, int move) {
        Known action = known[move];
        double covered = state.covers[action.zone] * (1 - absent(state, action.zone));
        if (state.kind == (action.leg ? 2 : 1) && state.inARow >= oneKindFrom) {
            covered += (1 - covered) * oneKind;
        }
        return PartnerModel.clamp(1 - covered);
    }

    private static final Zone[] ZONE = Zone.values();

    private double absent(State state, int zone) {
        if (state.awayLead == 0 && state.awayRear == 0 && state.awayLeg == 0) {
            return 0;
        }
        return Walk.absent(away, ZONE[zone], state.awayLead, state.awayRear, state.awayLeg);
    }

    /// Whether a strike goes to the liver.
    public boolean isLiver(int move) {
        return known[move].strike && ZONE[known[move].zone].isLiver(his);
    }

    /// Whether an action exposes by itself: strikes and holds do.
    public boolean exposes(int move) {
        return known[move].exposes;
    }

    /// What the strike before an action leaves.
    ///
    /// @param out how far it is still out
    /// @param roundArm whether it came round with an arm
    /// @param lateHand how late his next hand is, 0 to 1
    public record Last(double out, boolean roundArm, double lateHand) {}

    /// What the strike before leaves, right before an action; to be asked before [#see].
    public Last last(State state) {
        double out = state.lastOut == 0 ? 0 : state.lastOut * state.lastHome * stillOut(state.beatsSince);
        return new Last(out, state.lastRoundArm, state.lateHand);
    }

    /// How exposed the athlete is while he does an action, seen by the other man in a state before it.
    ///
    /// @param last what the strike before it left
    /// @param turn how far his body is turned after it
    /// @param place what the place takes from it or adds to it: the reach back and the angle
    public double exposure(State state, int move, Last last, double turn, double place) {
        Known action = known[move];
        double open = standing + action.out + last.out + turned * Math.abs(turn) - action.covers;
        double free = free(state, action);
        if (action.hold && last.roundArm) {
            free *= 1 - takenHand;
        }
        return PartnerModel.clamp(open) * free * (1 - last.lateHand) * place;
    }

    /// How free he is to answer once he has seen an action.
    private static double free(State state, Known action) {
        double busy = state.covers[ZONES];
        if (action.reacts.length > 0) {
            busy = busy * (1 - action.salience) + action.reacts[ZONES] * action.salience;
        }
        return PartnerModel.clamp(1 - busy);
    }

    /// How exposed he stands the beat after an action that ends the line, in a state before it.
    public double end(State state, int move, double place) {
        Known action = known[move];
        double out = action.strike
                ? action.out * stillOut(1)
                : state.lastOut == 0 ? 0 : state.lastOut * stillOut(1 + state.beatsSince);
        return PartnerModel.clamp(standing + out) * free(state, action) * place;
    }

    /// He sees an action.
    public void see(State state, int move) {
        Known action = known[move];
        if (action.reacts.length > 0) {
            for (int i = 0; i < FEATURES; i++) {
                state.covers[i] = state.covers[i] * (1 - action.salience) + action.reacts[i] * action.salience;
            }
            if (action.strike) {
                int kind = action.leg ? 2 : 1;
                state.inARow = state.kind == kind ? state.inARow + 1 : 1;
                state.kind = kind;
            }
        }
        state.lateHand = 0;
        if (action.strike) {
            state.lastOut = action.out;
            state.lastHome = action.home;
            state.lastRoundArm = action.roundArm;
            state.beatsSince = 0;
        }
    }

    /// What a place takes from an exposure or adds to it: whether he reaches back, and from which angle he
    /// would have to.
    ///
    /// @param gapCm the gap
    /// @param offLine how far off his line the athlete stands, in radians
    public double place(double gapCm, double offLine) {
        double reaches = gapCm <= hands ? 1 : gapCm <= kicks ? outOfHand : outOfKick;
        return reaches * Exposure.angle(offLine, angles);
    }

    /// The largest opening that a strike can find at all from a state on.
    public double everOpen(int move, State state) {
        int zone = known[move].zone;
        double least = Math.min(Math.min(state.covers[zone], guard[zone]), leastReacted[zone]);
        return PartnerModel.clamp(1 - least * (1 - absent(state, zone)));
    }

    /// The largest opening that a strike can find as the next action: on the next beat, or later with him
    /// nearer to his guard.
    public double nextOpen(int move, State state) {
        int zone = known[move].zone;
        double next = keepPerBeat * state.covers[zone] + (1 - keepPerBeat) * guard[zone];
        return PartnerModel.clamp(1 - Math.min(next, guard[zone]) * (1 - absent(state, zone)));
    }

    /// The largest opening that a strike can find after at least one more action and a beat: what he covers
    /// is always a mixture of what he covers now, what his reactions cover, and his guard, to which he
    /// drifts back.
    public double mostOpen(int move, State state) {
        int zone = known[move].zone;
        double least = (1 - keepPerBeat) * guard[zone] + keepPerBeat * Math.min(state.covers[zone], leastReacted[zone]);
        return PartnerModel.clamp(1 - least * (1 - absent(state, zone)));
    }

    /// Makes one state like another.
    public static void copy(State from, State to) {
        to.set(from);
    }
}
