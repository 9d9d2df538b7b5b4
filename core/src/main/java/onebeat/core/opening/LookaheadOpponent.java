package onebeat.core.opening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Angle;
import onebeat.core.play.FloorMove;
import onebeat.core.play.Placed;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The partner's side of trying very many ways: what [Openings] gives, one action at a time and without a past to
/// expect things from. It reckons with the same [OpponentState] and [ExposureRules] as a played way does.
public final class LookaheadOpponent {

    private final Setting setting;
    private final PartnerModel model;
    private final OpponentState.Rules rules;
    private final ExposureRules exposure;
    private final double[] headMoves;
    private final boolean[] stepsAway;
    private final double mostComing;
    private final double mostTurned;
    private final List<SeenAction> actions = new ArrayList<>();
    private final List<ExposureRules.Last> leaves = new ArrayList<>();
    private final Stance theirs;

    /// The least that any reaction covers, by zone.
    private final double[] leastReacted;

    /// What the partner covers and where the athlete's last strike is, after some actions.
    public static final class State {

        private final OpponentState opponent;
        private ExposureRules.Last last = ExposureRules.Last.NONE;
        private double beatsSince;
        private double lateHand;
        private double headMoved;

        State(OpponentState opponent) {
            this.opponent = opponent;
        }

        /// Makes this state like another.
        public void set(State other) {
            opponent.set(other.opponent);
            last = other.last;
            beatsSince = other.beatsSince;
            lateHand = other.lateHand;
            headMoved = other.headMoved;
        }

        /// Whether another state is alike but for the last digits.
        public boolean isLike(State other) {
            return opponent.isLike(other.opponent, NEARLY)
                    && last.equals(other.last)
                    && (last.left() == 0 || Math.abs(beatsSince - other.beatsSince) < NEARLY)
                    && lateHand == other.lateHand
                    && headMoved == other.headMoved;
        }

        private static final double NEARLY = 1e-12;
    }

    /// @param model of the partner; nothing is expected of it, see [PartnerModel#atFirstSight]
    /// @param placed the actions that are tried, as placed
    public LookaheadOpponent(Setting setting, PartnerModel model, Iterable<Placed> placed) {
        this.setting = setting;
        this.model = model;
        this.theirs = setting.partner().stance();
        this.rules = OpponentState.Rules.of(model, theirs, setting.pace(), false);
        this.exposure = ExposureRules.of(model, setting);
        placed.forEach(p -> actions.add(seen(p)));
        actions.forEach(a -> leaves.add(exposure.last(a)));
        headMoves = actions.stream()
                .mapToDouble(a -> exposure.headMoved(List.of(a.technique())))
                .toArray();
        stepsAway = new boolean[actions.size()];
        for (int i = 0; i < stepsAway.length; i++) {
            stepsAway[i] = ExposureRules.isAway(List.of(actions.get(i).technique()));
        }
        mostComing = actions.stream()
                .map(SeenAction::reacts)
                .filter(Objects::nonNull)
                .mapToDouble(reacts -> reacts[PostureVector.COMING])
                .max()
                .orElse(0);
        mostTurned = actions.stream()
                .flatMap(one -> FloorMove.of(one.technique()).stream())
                .mapToDouble(this::turned)
                .max()
                .orElse(0);
        leastReacted = rules.guard().clone();
        for (SeenAction action : actions) {
            double[] reacts = action.reacts();
            for (int i = 0; reacts != null && i < leastReacted.length; i++) {
                leastReacted[i] = Math.min(leastReacted[i], reacts[i]);
            }
        }
    }

    private SeenAction seen(Placed placed) {
        Pairing pairing = setting.pairing();
        Technique technique = placed.technique();
        Side side = placed.side().orElse(Side.LEAD);
        return SeenAction.of(
                model,
                placed.act(),
                side,
                technique.arrival().at(side, pairing),
                placed.act().isStrike() ? Zone.of(technique, placed.act().level(), side, pairing) : null,
                theirs,
                false);
    }

    /// A state at guard.
    public State state() {
        return new State(new OpponentState(rules));
    }

    /// The state at the end of a way whose last action is the athlete's.
    public State after(PlayedWay way) {
        OpponentSimulation simulation = new OpponentSimulation(way, setting, model, 0, false);
        State state = new State(simulation.run().end());
        double lastBeat = way.way().beats() - 1;
        way.strikesOf(Who.ATHLETE)
                .max(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .ifPresent(last -> {
                    state.last = exposure.last(simulation.seen(last));
                    state.beatsSince = lastBeat - last.beat().inBeats();
                });
        state.headMoved = exposure.headMoved(way.of(Who.ATHLETE)
                .filter(step -> step.beat().inBeats() == lastBeat)
                .map(step -> step.placed().technique())
                .toList());
        state.lateHand = way.strikesOf(Who.PARTNER)
                .filter(feed -> feed.beat().inBeats() >= lastBeat)
                .flatMap(feed -> way.metBy(feed).stream())
                .mapToDouble(d -> exposure.late(d.placed().technique()))
                .max()
                .orElse(0);
        return state;
    }

    /// Time passes before an action.
    ///
    /// @param beats from 1 to the most that an action needs
    public void pass(State state, int beats) {
        state.opponent.pass(beats);
        state.beatsSince += beats;
        state.lateHand = beats == 1 ? state.lateHand : 0;
        state.headMoved = beats == 1 ? state.headMoved : 0;
    }

    /// How open a strike finds its zone.
    ///
    /// @param angle how the athlete stands when it lands
    public double opening(State state, int move, Angle angle) {
        return state.opponent.opening(actions.get(move), angle);
    }

    /// What a strike is worth where it lands.
    public double worth(State state, int move) {
        return state.opponent.worth(actions.get(move));
    }

    /// How much more than that a strike can be worth from a state on, since the partner walks into it.
    public double walkedInto(State state) {
        return 1 + rules.walksInto() * Math.max(mostComing, state.opponent.coming());
    }

    /// What an angle counts, +1 wholly past the line.
    public double share(Angle angle) {
        return rules.angles().share(angle);
    }

    /// The most that a strike can come to be worth where nobody walks into it.
    public double mostWorth(int move) {
        SeenAction action = actions.get(move);
        Zone zone = action.zone();
        return zone == null
                ? 0
                : action.technique().traits().worth() * model.zones().mostOf(zone, theirs);
    }

    /// Whether an action exposes by itself: strikes and holds do.
    public boolean exposes(int move) {
        return actions.get(move).exposes();
    }

    /// How much of the answer to the action before is left when this one follows on the next beat.
    public double leaves(int move) {
        return actions.get(move).leaves();
    }

    /// How exposed the athlete is while doing an action, in a state right before it, before what follows.
    ///
    /// @param turn the turn of the body after it
    /// @param height the height of the body after it
    /// @param place what [#place] says of the place
    public double exposure(State state, int move, double turn, double height, double place) {
        SeenAction action = actions.get(move);
        double still = exposure.still(state.last, state.beatsSince);
        double free = exposure.free(state.opponent.freeAfter(action), action, state.last, state.lateHand);
        return exposure.at(action, still, action.covers(), turn, height, free, place);
    }

    /// How exposed the athlete stands the beat after an action that ends the line, in a state right before it.
    public double end(State state, int move, double place) {
        SeenAction action = actions.get(move);
        double still = action.zone() != null
                ? exposure.still(leaves.get(move), 1)
                : exposure.still(state.last, 1 + state.beatsSince);
        return exposure.end(
                still,
                exposure.leaving(headMoves[move], stepsAway[move], state.headMoved),
                state.opponent.freeAfter(action),
                place);
    }

    /// The partner sees an action.
    public void see(State state, int move) {
        SeenAction action = actions.get(move);
        state.opponent.see(action, 1);
        state.lateHand = 0;
        state.headMoved = headMoves[move];
        if (action.zone() != null) {
            state.last = leaves.get(move);
            state.beatsSince = 0;
        }
    }

    /// What a place takes from an exposure or adds to it.
    ///
    /// @param gapCm the gap
    public double place(double gapCm, Angle angle) {
        return exposure.place(gapCm, angle);
    }

    /// What a line exposes of which so much is exposed along it and at its end.
    public double whole(double sum, int count, double end) {
        return exposure.whole(sum, count, end);
    }

    /// The least that a zone can be covered.
    private interface LeastCovered {
        double of(double now, double guard, double reacted);
    }

    /// How much of a whole angle one action can bring.
    private double turned(FloorMove move) {
        return rules.angles().share(new Angle(-StrictMath.toRadians(move.aroundDeg()), move.leadOutCm()));
    }

    private double open(State state, int move, double angle, LeastCovered least) {
        SeenAction action = actions.get(move);
        Zone zone = action.zone();
        if (zone == null) {
            return 0;
        }
        double covered = least.of(
                state.opponent.covers(zone),
                state.opponent.coversAtGuard(zone),
                leastReacted[PartnerModel.index(zone)]);
        return state.opponent.mostOpen(action, covered, Math.clamp(angle, 0, 1));
    }

    /// The largest opening that a strike can find at all from a state on.
    ///
    /// @param angle what the athlete's angle counts now
    /// @param left how many actions there can still be
    public double everOpen(State state, int move, double angle, int left) {
        return open(
                state,
                move,
                Math.max(0, angle) + (left - 1) * mostTurned,
                (now, guard, reacted) -> Math.min(Math.min(now, guard), reacted));
    }

    /// The largest opening that a strike can find as the next action: on the next beat, or later with the partner
    /// nearer to the guard.
    public double nextOpen(State state, int move, double angle) {
        double keep = rules.keepPerBeat();
        return open(state, move, angle, (now, guard, _) -> Math.min(keep * now + (1 - keep) * guard, guard));
    }

    /// The largest opening that a strike can find after at least one more action and a beat: what is covered is
    /// always a mixture of what is covered now, what the reactions cover, and the guard, to which it drifts back.
    ///
    /// @param left how many actions there can still be
    public double mostOpen(State state, int move, double angle, int left) {
        double keep = rules.keepPerBeat();
        return open(
                state,
                move,
                Math.max(0, angle) + (left - 1) * mostTurned,
                (now, guard, reacted) -> (1 - keep) * guard + keep * Math.min(now, reacted));
    }
}
