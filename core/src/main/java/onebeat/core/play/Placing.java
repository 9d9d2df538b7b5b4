package onebeat.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.notation.Act;
import onebeat.core.notation.Call;
import onebeat.core.notation.Choice;
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

/// Lays the actions of a line on beats, and binds each defence to the strike that it meets.
///
/// Items follow one another by a beat; a strike takes its counts; a partner's reaction takes no time and
/// stands on the athlete's beat before it. A defence stands on the beat of the strike that it meets.
///
/// The athlete's defences meet the partner's run of strikes in order. A partner's defence belongs to what
/// caused it: the athlete's last strike or feint that it can meet by path, level, side and time and that
/// nothing has met yet; several in a row keep their order. One that can meet nothing is a posture and stands
/// where a reaction would (J4).
public final class Placing {

    private final ActionSides sides;
    private final String wayBranch;
    private final List<Placed> placed = new ArrayList<>();
    private final List<Way.Mark> marks = new ArrayList<>();
    private final Run fed = new Run();
    private final List<Integer> thrown = new ArrayList<>();
    private Beat next = Beat.START;
    private Optional<Beat> lastAthlete = Optional.empty();
    private int unit;

    /// Strikes of the partner that can still be met, and whether the meeting has begun: a strike after
    /// that begins a new run.
    private static final class Run {
        private final List<Integer> strikes = new ArrayList<>();
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
        this.sides = new ActionSides(pairing);
        this.wayBranch = wayBranch;
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
                    fed.close();
                    thrown.clear();
                    next = next.plusHalves(2);
                }
                case RangeMark mark -> marks.add(new Way.Mark(placed.size(), mark.band()));
                case Half half -> half(half, flat);
                case Repeat _, Reads _, Choice _, Named _ -> throw new IllegalStateException("not unrolled");
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
        OptionalInt met = metBy(acts);
        if (met.isPresent()) {
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
        if (met.isEmpty()) {
            fed.close();
        }
        return new UnitPlace(at, true);
    }

    /// The first strike of the run that one of these actions can meet; where none can, the first, so that the
    /// wrong defence is told. What comes before it in the run is past.
    private OptionalInt metBy(List<Act> acts) {
        List<Act> defences = acts.stream().filter(Placing::canMeet).toList();
        if (fed.strikes.isEmpty() || defences.isEmpty()) {
            return OptionalInt.empty();
        }
        int at = 0;
        for (int i = fed.strikes.size() - 1; i >= 0; i--) {
            Act strike = placed.get(fed.strikes.get(i)).act();
            if (defences.stream().anyMatch(d -> d.technique().meets(strike.technique(), strike.level()))) {
                at = i;
            }
        }
        int strike = fed.strikes.get(at);
        fed.strikes.subList(0, at + 1).clear();
        fed.begun = true;
        return OptionalInt.of(strike);
    }

    /// The counts that an action behind `/`, or one joined to the partner's, has: from the own action
    /// before until the contact. Two actions in one unit leave each other a single count.
    private int countsFrom(Beat previous, Beat at) {
        return Math.max(1, (int) Math.floor(at.since(previous)));
    }

    private Beat previousEnd(Who who, int currentUnit) {
        Beat end = Beat.START.plusHalves(-2);
        for (Placed p : placed) {
            if (p.who() == who && p.unit() != currentUnit && p.beat().compareTo(end) > 0) {
                end = p.beat();
            }
        }
        return end;
    }

    private UnitPlace partner(Partner partner, Beat nominal, Unrolling.Flat flat) {
        Beat at = nominal;
        Beat last = nominal;
        boolean takesTime = false;
        List<PartnerItem> items = partner.items();
        for (int i = 0; i < items.size(); i++) {
            switch (items.get(i)) {
                case Pause _ -> {
                    thrown.clear();
                    last = at;
                    at = at.plusHalves(2);
                    takesTime = true;
                }
                case Act act
                when act.technique().isReaction() ->
                    add(Who.PARTNER, act, lastAthlete.orElse(nominal), 1, OptionalInt.empty(), flat);
                case Act act
                when canMeet(act) -> {
                    List<Act> row = defences(items.subList(i, items.size()));
                    react(row, nominal, flat);
                    i += row.size() - 1;
                }
                case Act act -> {
                    thrown.clear();
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

    /// The defences that follow one another from here on.
    private static List<Act> defences(List<PartnerItem> items) {
        List<Act> row = new ArrayList<>();
        for (PartnerItem item : items) {
            if (!(item instanceof Act act) || act.technique().isReaction() || !canMeet(act)) {
                break;
            }
            row.add(act);
        }
        return row;
    }

    /// Binds a row of the partner's defences, the last one first, each to the latest strike before the one that
    /// the next is bound to.
    private void react(List<Act> row, Beat nominal, Unrolling.Flat flat) {
        OptionalInt[] bound = new OptionalInt[row.size()];
        Beat earliest = lastAthlete.orElse(nominal).plusHalves(-2 * row.size());
        int before = thrown.size();
        for (int i = row.size() - 1; i >= 0; i--) {
            bound[i] = OptionalInt.empty();
            for (int j = before - 1; j >= 0 && bound[i].isEmpty(); j--) {
                Placed strike = placed.get(thrown.get(j));
                if (strike.beat().compareTo(earliest) >= 0
                        && sides.meets(row.get(i).technique(), strike)) {
                    bound[i] = OptionalInt.of(thrown.get(j));
                    before = j;
                }
            }
        }
        for (int i = 0; i < row.size(); i++) {
            Beat at = bound[i].isPresent() ? placed.get(bound[i].getAsInt()).beat() : lastAthlete.orElse(nominal);
            add(Who.PARTNER, row.get(i), at, 1, bound[i], flat);
            if (bound[i].isPresent()) {
                // What came before it can be met no more: reactions keep their order.
                int past = bound[i].getAsInt();
                thrown.removeIf(strike -> strike <= past);
            }
        }
    }

    private void add(Who who, Act act, Beat at, int counts, OptionalInt meets, Unrolling.Flat flat) {
        int index = placed.size();
        Optional<Placed> met = meets.isPresent() ? Optional.of(placed.get(meets.getAsInt())) : Optional.empty();
        Optional<Side> side = sides.of(act.technique(), met);
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
        if (who == Who.PARTNER && act.isStrike()) {
            fed.add(index);
        } else if (who == Who.ATHLETE && act.technique().isStrike()) {
            thrown.add(index);
        }
    }

    private static boolean canMeet(Act act) {
        return act.technique().isDefence() && !act.feint();
    }

    private static int countsOf(Act act) {
        return act.feint() ? 1 : Math.max(1, act.technique().counts());
    }
}
