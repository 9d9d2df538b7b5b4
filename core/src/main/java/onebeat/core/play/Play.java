package onebeat.core.play;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Bands;
import onebeat.core.exchange.Ends;
import onebeat.core.exchange.GapChange;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Line;

/// Plays a line: moves both bodies through it.
public final class Play {

    /// On one beat the feet go first, then what is met, then what is thrown.
    private static final Comparator<Placed> ORDER = Comparator.comparing(Placed::beat)
            .thenComparingInt(p -> rank(p.technique()))
            .thenComparingInt(Placed::index);

    private static final double MOST_GAP_CM = 260;

    private final Way way;
    private final List<Placed> order;
    private final Map<Who, Body> bodies = new EnumMap<>(Who.class);
    private final Map<Who, Beat> lastMoved = new EnumMap<>(Who.class);
    private final Step[] steps;
    private final List<Moment> moments = new ArrayList<>();
    private double gapCm;

    private Play(Way way, Setting setting) {
        this.way = way;
        this.order = way.actions().stream().sorted(ORDER).toList();
        this.steps = new Step[way.actions().size()];
        bodies.put(Who.ATHLETE, Body.atGuard(setting.athlete().stance()));
        bodies.put(Who.PARTNER, Body.atGuard(setting.partner().stance()));
        lastMoved.put(Who.ATHLETE, Beat.whole(-1));
        lastMoved.put(Who.PARTNER, Beat.whole(-1));
        this.gapCm = startGap();
    }

    /// Plays every way through the line.
    public static Played of(Line line, Setting setting) {
        return new Played(
                setting,
                Placing.ways(line, setting.pairing()).stream()
                        .map(way -> new Play(way, setting).play())
                        .toList());
    }

    private static int rank(Technique technique) {
        return switch (technique.kind()) {
            case FEET -> 0;
            case RHYTHM -> 1;
            case DEFENCE -> 2;
            case CLINCH -> 3;
            case STRIKE -> 4;
            case REACTION -> 5;
        };
    }

    private PlayedWay play() {
        moments.add(new Moment(Beat.whole(-1), gapCm, body(Who.ATHLETE), body(Who.PARTNER)));
        TreeSet<Beat> beats = new TreeSet<>();
        order.forEach(p -> beats.add(p.beat()));
        for (int b = 0; b < way.beats(); b++) {
            beats.add(Beat.whole(b));
        }
        int next = 0;
        for (Beat beat : beats) {
            while (next < order.size() && order.get(next).beat().equals(beat)) {
                act(order.get(next++));
            }
            moments.add(new Moment(beat, gapCm, bodyAt(Who.ATHLETE, beat), bodyAt(Who.PARTNER, beat)));
        }
        return new PlayedWay(way, List.of(steps), moments);
    }

    private void act(Placed placed) {
        way.markBefore(placed.index()).ifPresent(band -> gapCm = Bands.middleCm(band));
        Technique technique = placed.technique();
        Body before = bodyAt(placed.who(), placed.beat());
        if (technique.windTurn().isPresent() && !placed.act().feint() && placed.counts() >= placed.countsNeeded()) {
            before = before.wound(technique.windTurn().get());
        }
        stepInto(technique, placed);
        Band range = Bands.at(gapCm);
        Optional<Impact> impact = technique.isStrike() ? Optional.of(before.impact(placed.act())) : Optional.empty();
        Body after = moved(before, placed).busyWith(Limb.busyWith(placed), placed.index());
        if (!placed.act().feint()) {
            change(technique.gap());
        }
        bodies.put(placed.who(), after);
        lastMoved.put(placed.who(), placed.beat());
        steps[placed.index()] = new Step(placed, range, before, after, impact);
    }

    private Body moved(Body before, Placed placed) {
        Technique technique = placed.technique();
        if (technique.stance() == StanceEffect.CHANGE && !placed.act().feint()) {
            return before.renamed();
        }
        if (technique.kind() == Kind.RHYTHM) {
            return nextStrike(placed)
                    .map(next -> before.cockedFor(Body.endsOf(next.act()), technique.ends()))
                    .orElse(before);
        }
        if (technique.ends().equals(new Ends(0, 0, 0))) {
            return before;
        }
        Ends ends = sided(placed, Body.endsOf(placed.act()));
        return before.toward(ends, Body.reachOf(placed.act()));
    }

    /// Slips and the bare tuck tell their ends for the lead side; on the rear side they are mirrored.
    private static Ends sided(Placed placed, Ends ends) {
        boolean open =
                placed.technique().fixedSide().isEmpty() && !placed.technique().isStrike();
        boolean rear = placed.side().map(s -> s == Side.REAR).orElse(false);
        return open && rear ? new Ends(-ends.turn(), -ends.weight(), ends.height()) : ends;
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

    private void change(GapChange change) {
        gapCm = switch (change) {
            case GapChange.By by -> Math.clamp(gapCm + by.cm(), Bands.middleCm(Band.CLINCH), MOST_GAP_CM);
            case GapChange.IntoClinch() -> Bands.middleCm(Band.CLINCH);
        };
    }

    /// An action carries its own small step to the nearest band that it can be done in.
    private void stepInto(Technique technique, Placed placed) {
        if (technique.ranges().isEmpty()
                || placed.act().feint()
                || technique.ranges().contains(Bands.at(gapCm))) {
            return;
        }
        double wanted = technique.ranges().stream()
                .map(Bands::middleCm)
                .min(Comparator.comparingDouble(cm -> Math.abs(cm - gapCm)))
                .orElse(gapCm);
        gapCm += Math.clamp(wanted - gapCm, -Constants.STEP_CM, Constants.STEP_CM);
    }

    /// Where the line starts: at the written range, or where its first strike just reaches with what is stepped before.
    private double startGap() {
        double before = 0;
        for (Placed placed : order) {
            Optional<Band> mark = way.markBefore(placed.index());
            if (mark.isPresent()) {
                return Bands.middleCm(mark.get()) - before;
            }
            Technique technique = placed.technique();
            if (!technique.ranges().isEmpty()) {
                return Bands.middleCm(technique.ranges().iterator().next()) - before;
            }
            if (technique.gap() instanceof GapChange.By(double cm)) {
                before += cm;
            }
        }
        return Bands.middleCm(Band.LONG);
    }
}
