package onebeat.core.plan;

import java.util.ArrayList;
import java.util.List;

/// A plan: its rounds, in order of days.
public record CampPlan(List<PlannedRound> rounds) {

    /// A plan with nothing in it.
    public static final CampPlan EMPTY = new CampPlan(List.of());

    public CampPlan {
        rounds = rounds.stream().sorted().toList();
    }

    /// The rounds of a day.
    public List<PlannedRound> on(int day) {
        return rounds.stream().filter(round -> round.day() == day).toList();
    }

    /// Without one such round.
    public CampPlan without(PlannedRound round) {
        List<PlannedRound> all = new ArrayList<>(rounds);
        all.remove(round);
        return new CampPlan(all);
    }
}
