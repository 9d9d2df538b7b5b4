package onebeat.core.play;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Build;
import onebeat.core.exchange.Fate;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Reach;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Line;

/// Plays a line: moves both bodies through it.
public final class Play {

    private final Way way;
    private final List<Placed> order;
    private final Map<Who, Body> bodies = new EnumMap<>(Who.class);
    private final Map<Who, Beat> lastMoved = new EnumMap<>(Who.class);
    private final Step[] steps;
    private final List<Moment> moments = new ArrayList<>();
    private final FloorPlay floor;
    private final Setting setting;

    private Play(Way way, Setting setting, double startGap) {
        this.way = way;
        this.order = new PlayOrder(way).sorted();
        this.steps = new Step[way.actions().size()];
        bodies.put(Who.ATHLETE, Body.atGuard(setting.athlete().stance()));
        bodies.put(Who.PARTNER, Body.atGuard(setting.partner().stance()));
        lastMoved.put(Who.ATHLETE, Beat.whole(-1));
        lastMoved.put(Who.PARTNER, Beat.whole(-1));
        this.setting = setting;
        this.floor = new FloorPlay(setting, startGap);
    }

    /// Plays every way through the line.
    public static Played of(Line line, Setting setting) {
        return new Played(
                setting,
                played(Placing.ways(line, setting.pairing()), setting),
                played(Placing.shortest(line, setting.pairing()), setting));
    }

    private static List<PlayedWay> played(List<Way> ways, Setting setting) {
        return ways.stream().map(way -> played(way, setting)).toList();
    }

    /// Where no range is written at its start, a line starts where it works: as far off as it can, or nearer where
    /// something of it would else not reach.
    private static PlayedWay played(Way way, Setting setting) {
        StartGap start = new StartGap(way, setting);
        double gap = start.usualCm();
        PlayedWay usual = new Play(way, setting, gap).play();
        if (!start.isChosen() || !start.isShort(usual)) {
            return usual;
        }
        double nearest = setting.ranges(Who.ATHLETE).middleCm(Band.CLINCH);
        while (gap > nearest) {
            gap = Math.max(nearest, gap - StartGap.NEARER_CM);
            PlayedWay nearer = new Play(way, setting, gap).play();
            if (start.works(nearer)) {
                return nearer;
            }
        }
        return usual;
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
        double shortCm = floor.act(placed, roomOfStrikeBeside(placed));
        if (drawsOn(placed)) {
            floor.drawOn(placed.who().other());
        }
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

    /// What a strike keeps of its power on the beat of an own step straight back. What goes round keeps it all.
    private double leaving(Placed strike) {
        if (strike.technique().path() == Path.ROUND) {
            return 1;
        }
        for (Placed other : order) {
            if (other.technique().traits().move() == Move.STEP_BACK && isBeside(other, strike)) {
                return BodyNumbers.LEAVING;
            }
        }
        return 1;
    }

    /// Whether it knocks a straight to the body across, which pulls whoever threw it on and off balance (F25).
    private boolean drawsOn(Placed defence) {
        return defence.meets().isPresent()
                && defence.technique().traits().fate() == Fate.PARRIED
                && way.actions().get(defence.meets().getAsInt()).act().level() == Level.BODY;
    }

    /// The room that a strike needs which goes with a step.
    private double roomOfStrikeBeside(Placed step) {
        return step.technique().kind() != Kind.FEET
                ? 0
                : beside(step)
                        .filter(other -> other.technique().isStrike())
                        .mapToDouble(other -> leastCm(other, setting))
                        .max()
                        .orElse(0);
    }

    /// What else the same fighter does on its beat.
    private Stream<Placed> beside(Placed placed) {
        return order.stream().filter(other -> isBeside(other, placed));
    }

    private static boolean isBeside(Placed other, Placed placed) {
        return other.index() != placed.index()
                && other.who() == placed.who()
                && other.beat().equals(placed.beat());
    }

    private Landing landing(Placed placed, double gapCm) {
        Build target = setting.ranges(placed.who()).other();
        Level level = placed.act().level();
        return new Landing(gapCm - target.depthCm(level), target.targetHeightCm(level));
    }

    /// The share of the room that a strike needs and has: kicks want some distance, a straight some too.
    static double roomFor(Placed placed, double gapCm, Setting setting) {
        double least = leastCm(placed, setting);
        return least <= 0 ? 1 : Math.clamp(gapCm / least, 0, 1);
    }

    private static double leastCm(Placed placed, Setting setting) {
        double least = Reach.of(placed.technique()).map(Reach::leastShare).orElse(0.0);
        double reach = setting.ranges(placed.who())
                .reachCm(placed.technique(), placed.act().level())
                .orElse(0.0);
        return least * reach;
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
        boolean withAStrike = technique.kind() == Kind.FEET
                && beside(placed).anyMatch(other -> other.technique().isStrike());
        return withAStrike ? driven.carried(before) : driven.after(before);
    }

    private Optional<Placed> nextStrike(Placed reload) {
        return order.stream()
                .filter(p -> p.who() == reload.who() && p.act().isStrike() && order.indexOf(p) > order.indexOf(reload))
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
}
