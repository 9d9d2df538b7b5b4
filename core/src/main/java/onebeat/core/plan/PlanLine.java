package onebeat.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Set;
import onebeat.core.timing.Rung;

/// A line as a plan sees it: how far it is, and what it asks of those who hold.
///
/// @param drill the id of the drill
/// @param fightPlan which plan of the fight plan it trains, 1 to 3; 0 where none
/// @param at the ladder step at which it stands
/// @param stepEnds after how many rounds from now it likely leaves each step, from [#at] on; the last step is never
///     left
/// @param begun whether it was ever done
/// @param after numbers of the lines that have to pass `whole` before it starts
/// @param until for each partner's number that can hold it, the number of rounds from now up to which they can
/// @param head touches at the athlete's head in a round, once it is done with a partner's strikes
/// @param holderHead touches at the head of who holds, in a round of it
/// @param contact whether somebody is touched otherwise than on pads
public record PlanLine(
        String drill,
        int fightPlan,
        Rung at,
        List<Integer> stepEnds,
        boolean begun,
        Set<Integer> after,
        Map<Integer, Integer> until,
        int head,
        int holderHead,
        boolean contact) {

    public PlanLine {
        stepEnds = List.copyOf(stepEnds);
        after = Set.copyOf(after);
        until = Map.copyOf(until);
    }

    /// The step at which the next round is done when so many were done from now.
    public Rung stepAfter(int rounds) {
        return stepAfter(at, stepEnds, rounds);
    }

    /// The same for any pace.
    ///
    /// @param ends after how many rounds each step from the first on is left
    static Rung stepAfter(Rung at, List<Integer> ends, int rounds) {
        List<Rung> rungs = List.of(Rung.values());
        int step = rungs.indexOf(at);
        for (int end : ends) {
            step += rounds >= end ? 1 : 0;
        }
        return rungs.get(Math.min(step, rungs.size() - 1));
    }

    /// How many rounds from now it likely takes until a step is reached; 0 where it is.
    public int roundsTo(Rung step) {
        List<Rung> rungs = List.of(Rung.values());
        int climbs = rungs.indexOf(step) - rungs.indexOf(at);
        return climbs <= 0 || stepEnds.isEmpty() ? 0 : stepEnds.get(Math.min(climbs, stepEnds.size()) - 1);
    }

    /// How many rounds from now it likely takes until it is ready: at `film`.
    public int need() {
        return roundsTo(Rung.FILM);
    }

    /// How many it takes until what is built on it may start: until it has passed `whole`.
    public int base() {
        return roundsTo(Rung.TEMPO);
    }
}
