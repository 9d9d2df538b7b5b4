package onebeat.core.play;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.SideRule;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Call;
import onebeat.core.notation.Half;
import onebeat.core.notation.Line;
import onebeat.core.notation.Named;
import onebeat.core.notation.Partner;
import onebeat.core.notation.PartnerItem;
import onebeat.core.notation.Pause;
import onebeat.core.notation.RangeMark;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Span;
import onebeat.core.notation.Unit;

/// Lays the actions of a line on beats.
///
/// Items follow one another by a beat; a strike takes its counts; a partner's reaction takes no time and
/// stands on the athlete's beat before it. A defence stands on the beat of the strike that it meets: after
/// a run of strikes the other man's defences that follow meet them in order, until something comes that is
/// no defence.
public final class Placing {

    private final Pairing pairing;
    private final String wayBranch;
    private final List<Placed> placed = new ArrayList<>();
    private final List<Way.Mark> marks = new ArrayList<>();
    private final Map<Who, Run> toMeet = new EnumMap<>(Who.class);
    private Beat next = Beat.START;
    private Optional<Beat> lastAthlete = Optional.empty();
    private int unit;

    /// Strikes of the other man that can still be met, and whether the meeting has begun: a strike after
    /// that begins a new run.
    private static final class Run {
        private final Deque<Integer> strikes = new ArrayDeque<>();
        private boolean begun;

        void add(int strike) {
            if (begun) {
                close();
            }
            strikes.add(strike);
        }

        void close() {
            strikes.clear();
            begun = false;
        }
    }

    private Placing(Pairing pairing, String wayBranch) {
        this.pairing = pairing;
        this.wayBranch = wayBranch;
        toMeet.put(Who.ATHLETE, new Run());
        toMeet.put(Who.PARTNER, new Run());
    }

    /// Every way through the line, in the order of its branches; drawn sets by their longest run.
    public static List<Way> ways(Line line, Pairing pairing) {
        return ways(line, pairing, true);
    }

    /// Every way through the line with drawn sets by their shortest run; empty where the line draws nothing.
    static List<Way> shortest(Line line, Pairing pairing) {
        return Unrolling.draws(line) ? ways(line, pairing, false) : List.of();
    }

    private static List<Way> ways(Line line, Pairing pairing, boolean longest) {
        return Unrolling.of(line, longest).stream()
                .map(row -> new Placing(pairing, row.branch()).way(row.flats()))
                .toList();
    }

    private Way way(List<Unrolling.Flat> flats) {
        for (Unrolling.Flat flat : flats) {
            switch (flat.item()) {
                case Pause _ -> {
                    toMeet.values().forEach(Run::close);
                    next = next.plusHalves(2);
                }
                case RangeMark mark -> marks.add(new Way.Mark(placed.size(), mark.band()));
                case Half half -> half(half, flat);
                case Repeat _, Reads _, Named _ -> throw new IllegalStateException("not unrolled");
            }
        }
        return new Way(wayBranch, placed, marks, next.halves() / 2);
    }

    private void half(Half half, Unrolling.Flat flat) {
        Beat base = next;
        Optional<Beat> end = Optional.empty();
        for (int i = 0; i < half.units().size(); i++) {
            Unit one = half.units().get(i);
            boolean alone = half.units().size() == 1 && one.calls().size() == 1;
            UnitPlace place = unit(one, base.plusHalves(i), alone, flat);
            if (i == 0) {
                base = place.at;
            }
            if (place.takesTime && (end.isEmpty() || place.at.compareTo(end.get()) > 0)) {
                end = Optional.of(place.at);
            }
        }
        if (end.isPresent() && end.get().nextWhole().compareTo(next) > 0) {
            next = end.get().nextWhole();
        }
    }

    private record UnitPlace(Beat at, boolean takesTime) {}

    private UnitPlace unit(Unit one, Beat nominal, boolean alone, Unrolling.Flat flat) {
        unit++;
        Beat at = nominal;
        boolean takesTime = false;
        for (Call call : one.calls()) {
            if (call instanceof Partner partner) {
                UnitPlace group = partner(partner, at, flat);
                at = group.at;
                takesTime |= group.takesTime;
            }
        }
        List<Act> acts = one.calls().stream()
                .filter(Act.class::isInstance)
                .map(Act.class::cast)
                .toList();
        if (acts.isEmpty()) {
            return new UnitPlace(at, takesTime);
        }
        Run run = run(Who.ATHLETE);
        boolean meeting = !run.strikes.isEmpty() && acts.stream().anyMatch(Placing::canMeet);
        OptionalInt met = OptionalInt.empty();
        if (meeting) {
            met = OptionalInt.of(run.strikes.removeFirst());
            run.begun = true;
            at = placed.get(met.getAsInt()).beat();
        } else if (alone) {
            at = at.plusHalves(2 * (countsOf(acts.getFirst()) - 1));
        }
        Beat previous = previousEnd(Who.ATHLETE, unit);
        for (Act act : acts) {
            int counts = alone ? countsOf(act) : acts.size() > 1 ? 1 : countsFrom(previous, at);
            add(Who.ATHLETE, act, at, counts, canMeet(act) ? met : OptionalInt.empty(), flat);
        }
        lastAthlete = Optional.of(at);
        if (!meeting) {
            run.close();
        }
        return new UnitPlace(at, true);
    }

    /// The counts that an action behind `/`, or one joined to the partner's, has: from the own action
    /// before until the contact. Two actions in one unit leave each other a single count.
    private int countsFrom(Beat previous, Beat at) {
        return Math.max(1, (int) Math.floor(at.since(previous)));
    }

    private Beat previousEnd(Who who, int currentUnit) {
        return placed.stream()
                .filter(p -> p.who() == who && p.unit() != currentUnit)
                .map(Placed::beat)
                .reduce((a, b) -> a.compareTo(b) >= 0 ? a : b)
                .orElse(Beat.START.plusHalves(-2));
    }

    private UnitPlace partner(Partner partner, Beat nominal, Unrolling.Flat flat) {
        Beat at = nominal;
        Beat last = nominal;
        boolean takesTime = false;
        Run run = run(Who.PARTNER);
        for (PartnerItem item : partner.items()) {
            switch (item) {
                case Pause _ -> {
                    run.close();
                    last = at;
                    at = at.plusHalves(2);
                    takesTime = true;
                }
                case Act act
                when act.technique().isReaction() ->
                    add(Who.PARTNER, act, lastAthlete.orElse(nominal), 1, OptionalInt.empty(), flat);
                case Act act
                when canMeet(act) && !run.strikes.isEmpty() -> {
                    int strike = run.strikes.removeFirst();
                    run.begun = true;
                    add(Who.PARTNER, act, placed.get(strike).beat(), 1, OptionalInt.of(strike), flat);
                }
                case Act act -> {
                    run.close();
                    at = at.plusHalves(2 * (countsOf(act) - 1));
                    add(Who.PARTNER, act, at, countsOf(act), OptionalInt.empty(), flat);
                    last = at;
                    at = at.plusHalves(2);
                    takesTime = true;
                }
            }
        }
        return new UnitPlace(last, takesTime);
    }

    private void add(Who who, Act act, Beat at, int counts, OptionalInt meets, Unrolling.Flat flat) {
        int index = placed.size();
        Optional<Side> side = side(act.technique(), meets);
        Span span = flat.inName().map(Unrolling.InName::span).orElse(act.span());
        placed.add(new Placed(
                index,
                who,
                act,
                unit,
                at,
                counts,
                meets,
                side,
                flat.branch(),
                span,
                flat.inName().map(Unrolling.InName::own)));
        if (act.isStrike()) {
            run(who.other()).add(index);
        }
    }

    private Run run(Who who) {
        Run run = toMeet.get(who);
        if (run == null) {
            throw new IllegalStateException("no run for " + who);
        }
        return run;
    }

    private static boolean canMeet(Act act) {
        return act.technique().isDefence() && !act.feint();
    }

    private static int countsOf(Act act) {
        return act.feint() ? 1 : Math.max(1, act.technique().counts());
    }

    /// The side an action is done on. What the call leaves open follows the answered strike; without one it
    /// is done as against his lead hand, the one that comes most.
    private Optional<Side> side(Technique technique, OptionalInt meets) {
        if (technique.fixedSide().isPresent()
                || technique.side() == SideRule.NONE
                || technique.side() == SideRule.BOTH) {
            return technique.fixedSide();
        }
        Side arrives = pairing.arrivalOf(Side.LEAD);
        boolean toHead = true;
        if (meets.isPresent()) {
            Placed strike = placed.get(meets.getAsInt());
            arrives = strike.technique().arrival().at(strike.side().orElse(Side.LEAD), pairing);
            toHead = strike.act().level() == Level.HEAD;
        }
        return Optional.of(
                switch (technique.side()) {
                    case AWAY -> arrives.opposite();
                    case ANSWERING -> toHead ? arrives : arrives.opposite();
                    case COMING, LEAD, REAR, BOTH, NONE -> arrives;
                });
    }
}
