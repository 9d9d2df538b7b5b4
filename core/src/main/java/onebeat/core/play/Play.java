package onebeat.core.play;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.GapChange;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Reach;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Line;

/// Plays a line: moves both bodies through it.
public final class Play {

    /// On one beat the feet go first, then what is fed, then what meets it, then what is thrown.
    private static final Comparator<Placed> ORDER =
            Comparator.comparing(Placed::beat).thenComparingInt(Play::rank).thenComparingInt(Placed::index);

    private final Way way;
    private final List<Placed> order;
    private final Map<Who, Body> bodies = new EnumMap<>(Who.class);
    private final Map<Who, Beat> lastMoved = new EnumMap<>(Who.class);
    private final Step[] steps;
    private final List<Moment> moments = new ArrayList<>();
    private final FloorPlay floor;
    private final Setting setting;

    private Play(Way way, Setting setting) {
        this.way = way;
        this.order = way.actions().stream().sorted(ORDER).toList();
        this.steps = new Step[way.actions().size()];
        bodies.put(Who.ATHLETE, Body.atGuard(setting.athlete().stance()));
        bodies.put(Who.PARTNER, Body.atGuard(setting.partner().stance()));
        lastMoved.put(Who.ATHLETE, Beat.whole(-1));
        lastMoved.put(Who.PARTNER, Beat.whole(-1));
        this.setting = setting;
        this.floor = new FloorPlay(setting, startGap());
    }

    /// Plays every way through the line.
    public static Played of(Line line, Setting setting) {
        return new Played(
                setting,
                played(Placing.ways(line, setting.pairing()), setting),
                played(Placing.shortest(line, setting.pairing()), setting));
    }

    private static List<PlayedWay> played(List<Way> ways, Setting setting) {
        return ways.stream().map(way -> new Play(way, setting).play()).toList();
    }

    private static int rank(Placed placed) {
        return switch (placed.technique().kind()) {
            case FEET -> 0;
            case RHYTHM -> 1;
            case DEFENCE -> 3;
            case CLINCH -> 4;
            case STRIKE -> placed.who() == Who.PARTNER ? 2 : 5;
            case REACTION -> 6;
        };
    }

    private PlayedWay play() {
        moments.add(moment(Beat.whole(-1)));
        TreeSet<Beat> beats = new TreeSet<>();
        order.forEach(p -> beats.add(p.beat()));
        for (int b = 0; b < way.beats(); b++) {
            beats.add(Beat.whole(b));
        }
        int next = 0;
        Beat last = Beat.whole(-1);
        for (Beat beat : beats) {
            floor.pass(beat.since(last));
            last = beat;
            while (next < order.size() && order.get(next).beat().equals(beat)) {
                act(order.get(next++));
            }
            moments.add(moment(beat));
        }
        return new PlayedWay(way, List.of(steps), moments);
    }

    private Moment moment(Beat beat) {
        return new Moment(
                beat,
                floor.gapCm(),
                bodyAt(Who.ATHLETE, beat),
                bodyAt(Who.PARTNER, beat),
                floor.feet(Who.ATHLETE),
                floor.feet(Who.PARTNER));
    }

    private void act(Placed placed) {
        way.markBefore(placed.index()).ifPresent(floor::range);
        Technique technique = placed.technique();
        Body before = bodyAt(placed.who(), placed.beat());
        DrivenAction driven = DrivenAction.of(placed);
        if (placed.counts() >= placed.countsNeeded()) {
            before = driven.started(before);
        }
        double shortCm = floor.act(placed);
        double gapCm = floor.gapCm();
        Optional<Impact> impact = technique.isStrike()
                ? Optional.of(driven.impact(before, roomFor(placed, gapCm, setting), leaving(placed)))
                : Optional.empty();
        Body after = moved(before, placed, driven).busyWith(Limb.busyWith(placed), placed.index());
        bodies.put(placed.who(), after);
        lastMoved.put(placed.who(), placed.beat());
        steps[placed.index()] = new Step(
                placed,
                setting.ranges(Who.ATHLETE).at(gapCm),
                gapCm,
                shortCm,
                setting.ranges(placed.who()).toleranceCm(technique, placed.act().level()),
                before,
                after,
                impact,
                placed.act().isStrike() ? Optional.of(landing(placed, gapCm)) : Optional.empty());
    }

    /// What a strike keeps of its power on the beat of an own step away.
    private double leaving(Placed strike) {
        for (Placed other : order) {
            if (other.who() == strike.who()
                    && other.technique().traits().move().isLeaving()
                    && other.beat().equals(strike.beat())) {
                return BodyNumbers.LEAVING;
            }
        }
        return 1;
    }

    private Landing landing(Placed placed, double gapCm) {
        Build target = setting.ranges(placed.who()).other();
        Level level = placed.act().level();
        return new Landing(gapCm - target.depthCm(level), target.targetHeightCm(level));
    }

    /// The share of the room that a strike needs and has: kicks want some distance, a straight some too.
    static double roomFor(Placed placed, double gapCm, Setting setting) {
        double least = Reach.of(placed.technique()).map(Reach::leastShare).orElse(0.0);
        double reach = setting.ranges(placed.who())
                .reachCm(placed.technique(), placed.act().level())
                .orElse(0.0);
        return least * reach <= 0 ? 1 : Math.clamp(gapCm / (least * reach), 0, 1);
    }

    private Body moved(Body before, Placed placed, DrivenAction driven) {
        Technique technique = placed.technique();
        if (technique.stance() == StanceEffect.CHANGE && !placed.act().feint()) {
            return before.renamed();
        }
        if (technique.kind() == Kind.RHYTHM) {
            return nextStrike(placed)
                    .map(next -> before.cockedFor(Body.endsOf(next.act()), technique.ends()))
                    .orElse(before);
        }
        return driven.after(before);
    }

    private Optional<Placed> nextStrike(Placed reload) {
        return order.stream()
                .filter(p -> p.who() == reload.who() && p.act().isStrike() && ORDER.compare(p, reload) > 0)
                .findFirst();
    }

    private Body body(Who who) {
        Body body = bodies.get(who);
        if (body == null) {
            throw new IllegalStateException("no body for " + who);
        }
        return body;
    }

    private Body bodyAt(Who who, Beat beat) {
        Beat last = lastMoved.get(who);
        return body(who).after(last == null ? 0 : beat.since(last));
    }

    /// Where the line starts: at the written range, or where its first action just reaches with its usual
    /// step and what is stepped before.
    private double startGap() {
        double before = 0;
        for (Placed placed : order) {
            Optional<Band> mark = way.markBefore(placed.index());
            if (mark.isPresent()) {
                return setting.ranges(Who.ATHLETE).middleCm(mark.get()) - before;
            }
            Technique technique = placed.technique();
            Optional<Double> reach =
                    setting.ranges(placed.who()).reachCm(technique, placed.act().level());
            if (reach.isPresent()) {
                double share = placed.act().feint() ? BodyNumbers.FEINT_STEP : 1;
                double step = share * Reach.of(technique).map(Reach::stepCm).orElse(0.0);
                return reach.get() + step - before;
            }
            if (technique.gap() instanceof GapChange.By(double cm)) {
                before += cm;
            }
        }
        return setting.ranges(Who.ATHLETE).middleCm(Band.LONG);
    }
}
