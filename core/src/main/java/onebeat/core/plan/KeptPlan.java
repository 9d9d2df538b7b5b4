package onebeat.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.KeptRound;
import onebeat.core.camp.Place;
import org.jspecify.annotations.Nullable;

/// The plan that a camp keeps, and how it differs from another one.
public final class KeptPlan {

    private KeptPlan() {}

    /// The kept rounds of the days of a question; those whose line or partner is gone are left out.
    public static CampPlan of(Camp camp, PlanProblem problem) {
        List<PlannedRound> rounds = new ArrayList<>();
        for (KeptRound kept : camp.keptRounds().all()) {
            int day = problem.day(kept.date());
            int line = problem.line(kept.drillId());
            int partner = problem.partners().indexOf(kept.partnerId());
            if (day >= 0 && line >= 0 && partner >= 0) {
                rounds.add(new PlannedRound(day, line, partner));
            }
        }
        return new CampPlan(rounds);
    }

    /// The change that makes a camp keep a plan: what was kept for its days goes, days before them stay as they are.
    public static Edit taken(Camp camp, PlanProblem problem, CampPlan plan) {
        LocalDate first = problem.days().getFirst().date();
        List<Edit> edits = new ArrayList<>();
        camp.keptRounds().all().stream()
                .filter(kept -> !kept.date().isBefore(first))
                .forEach(kept -> edits.add(Edit.remove(Place.KEPT_ROUNDS, kept)));
        Map<LocalDate, Integer> numbers = new HashMap<>();
        for (PlannedRound round : plan.rounds()) {
            LocalDate date = problem.days().get(round.day()).date();
            int number = numbers.merge(date, 1, Integer::sum);
            edits.add(Edit.add(
                    Place.KEPT_ROUNDS,
                    new KeptRound(
                            date + "-" + number,
                            date,
                            problem.lines().get(round.line()).drill(),
                            problem.partners().get(round.partner()))));
        }
        return new Edit.Together(edits);
    }

    /// A round that comes, goes, or is held by somebody else.
    ///
    /// @param gone the round that goes; null where one only comes
    /// @param comes the round that comes; null where one only goes
    public record Move(
            @Nullable PlannedRound gone, @Nullable PlannedRound comes) {

        /// The day on which something changes, by its number.
        public int day() {
            PlannedRound one = comes == null ? gone : comes;
            return one == null ? -1 : one.day();
        }
    }

    /// What has to happen to one plan for it to be another, day by day. A round of the same line on the same day with
    /// another partner is one move.
    public static List<Move> moves(CampPlan before, CampPlan after) {
        List<PlannedRound> gone = new ArrayList<>(before.rounds());
        List<PlannedRound> comes = new ArrayList<>();
        for (PlannedRound round : after.rounds()) {
            if (!gone.remove(round)) {
                comes.add(round);
            }
        }
        List<Move> moves = new ArrayList<>();
        for (PlannedRound round : comes) {
            PlannedRound same = gone.stream()
                    .filter(one -> one.day() == round.day() && one.line() == round.line())
                    .findFirst()
                    .orElse(null);
            gone.remove(same);
            moves.add(new Move(same, round));
        }
        gone.forEach(round -> moves.add(new Move(round, null)));
        moves.sort(Comparator.comparingInt(Move::day));
        return List.copyOf(moves);
    }
}
