package onebeat.core.play;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Ends;
import onebeat.core.notation.Act;
import onebeat.core.notation.Half;
import onebeat.core.notation.Line;
import onebeat.core.notation.Unit;

/// Goes on from the end of a played way, one action of the athlete after another on beats of its own, and
/// back again: what trying very many ways needs. Where both can stand is found once and known by number;
/// the same steps lead to the same places.
///
/// It gives what [Play] gives for the same line, by the same formulas ([DrivenAction], [FloorPlay]), for actions that
/// keep the stance and are no reload.
public final class ContinuationCache {

    /// An action on a beat of its own.
    ///
    /// @param counts beats until its contact
    public record Move(Act act, Placed placed, int counts) {}

    /// What an action does on the floor.
    ///
    /// @param to the number of the place where both stand after it
    /// @param isShort whether it falls short of its target beyond what bodies differ by
    /// @param room the share of the room it needs that it has
    /// @param gapCm the gap after it
    /// @param angle how the athlete then stands
    public record Moved(int to, boolean isShort, double room, double gapCm, Angle angle) {}

    private record Floor(Footing athlete, Footing partner, boolean kicked) {}

    private final Setting setting;
    private final List<Move> moves;
    private final List<DrivenAction> driven;
    private final List<Floor> floors = new ArrayList<>();
    private final Map<Floor, Integer> numbers = new HashMap<>();
    private final List<Moved[]> known = new ArrayList<>();

    /// @param acts the actions that are tried
    public ContinuationCache(Setting setting, List<Act> acts) {
        this.setting = setting;
        this.moves = acts.stream().map(this::move).toList();
        this.driven = moves.stream().map(move -> DrivenAction.of(move.placed)).toList();
    }

    private Move move(Act act) {
        Line line = new Line(List.of(new Half(List.of(new Unit(List.of(act), act.span())), act.span())));
        Placed placed =
                Placing.ways(line, setting.pairing()).getFirst().actions().getFirst();
        return new Move(act, placed, placed.countsNeeded());
    }

    public List<Move> moves() {
        return moves;
    }

    /// The number of the place where both stand at the end of a way whose last action is the athlete's.
    public int at(PlayedWay way) {
        Moment last = way.moments().getLast();
        boolean kicked = way.of(Who.ATHLETE)
                .reduce((_, later) -> later)
                .map(s -> s.placed().technique().isLegStrike())
                .orElse(false);
        return number(new Floor(last.athleteFeet(), last.partnerFeet(), kicked));
    }

    private int number(Floor floor) {
        return numbers.computeIfAbsent(floor, f -> {
            floors.add(f);
            known.add(new Moved[moves.size()]);
            return floors.size() - 1;
        });
    }

    /// What a move does from a place.
    ///
    /// @param move its place in [#moves]
    public Moved moved(int from, int move) {
        Moved done = known.get(from)[move];
        if (done == null) {
            done = play(floors.get(from), moves.get(move));
            known.get(from)[move] = done;
        }
        return done;
    }

    private Moved play(Floor from, Move move) {
        FloorPlay floor = new FloorPlay(setting, from.athlete, from.partner, from.kicked);
        for (int i = 0; i < move.counts; i++) {
            floor.pass(1);
        }
        double shortCm = floor.act(move.placed, move.counts, 0);
        double gap = floor.gapCm();
        Footing own = floor.feet(Who.ATHLETE);
        Footing other = floor.feet(Who.PARTNER);
        double room = Play.roomFor(move.placed, gap, setting);
        int to = number(new Floor(own, other, floor.hasKicked(Who.ATHLETE)));
        boolean isShort = shortCm > setting.ranges(Who.ATHLETE).toleranceCm(move.act.technique(), move.act.level());
        return new Moved(to, isShort, room, gap, Angle.of(own, other));
    }

    /// The athlete's body when a move starts: what winds up is wound.
    ///
    /// @param before the body so many counts after the action before it
    public Body started(Body before, int move) {
        return driven.get(move).started(before);
    }

    /// The most power that a strike can have: cocked as far as a body can be that has drifted for a beat
    /// since its last action, with all the room it needs.
    public double mostPower(int move) {
        Ends ends = driven.get(move).ends();
        Body cocked = new Body(
                        setting.athlete().stance(),
                        -Math.signum(ends.turn()),
                        -Math.signum(ends.weight()),
                        -Math.signum(ends.height()),
                        Map.of(),
                        Optional.empty())
                .after(1);
        return power(started(cocked, move), move, 1);
    }

    /// The athlete's body right after a move.
    public Body after(Body started, int move) {
        return driven.get(move).after(started);
    }

    /// The power of a strike that starts from a body.
    ///
    /// @param room the share of the room it needs that it has
    public double power(Body started, int move, double room) {
        return driven.get(move).power(started, room);
    }
}
