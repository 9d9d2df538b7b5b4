package onebeat.desktop.weeks;

import java.util.List;
import java.util.Optional;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.KeptPlan;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.SolvedPlan;

/// What is chosen in the camp's weeks.
///
/// @param seen the weeks as a question; empty until it is worked out
/// @param day the number of the chosen day, from 0
/// @param line the number of the chosen line, from 0
/// @param offer another plan, to be taken or left; empty where there is none
/// @param reading whether a file is being read
record WeeksState(Optional<Seen> seen, int day, int line, Optional<Offer> offer, boolean reading) {

    static final WeeksState FIRST = new WeeksState(Optional.empty(), 0, 0, Optional.empty(), false);

    /// The camp's weeks as a question, and the plan that is kept for them.
    record Seen(PlanProblem problem, CampPlan kept) {}

    /// Another plan.
    ///
    /// @param rules what it keeps to
    /// @param problem the question with these rules; empty until it is worked out
    /// @param solved the best plan so far; empty until there is one
    /// @param looking whether a better one is still looked for
    record Offer(PlanRules rules, Optional<PlanProblem> problem, Optional<SolvedPlan> solved, boolean looking) {

        static Offer of(PlanRules rules) {
            return new Offer(rules, Optional.empty(), Optional.empty(), true);
        }

        Offer with(PlanProblem asked, SolvedPlan better, boolean goesOn) {
            return new Offer(rules, Optional.of(asked), Optional.of(better), goesOn);
        }
    }

    WeeksState with(Seen now) {
        return new WeeksState(Optional.of(now), day, line, offer, reading);
    }

    WeeksState at(int chosenDay, int chosenLine) {
        return new WeeksState(seen, chosenDay, chosenLine, offer, reading);
    }

    WeeksState with(Offer other) {
        return new WeeksState(seen, day, line, Optional.of(other), reading);
    }

    WeeksState withoutOffer() {
        return new WeeksState(seen, day, line, Optional.empty(), reading);
    }

    WeeksState reading(boolean now) {
        return new WeeksState(seen, day, line, offer, now);
    }

    /// The question that is shown: that of the offer, or the camp's own.
    Optional<PlanProblem> problem() {
        return offer.flatMap(Offer::problem).or(() -> seen.map(Seen::problem));
    }

    /// The plan that is shown: the one that is offered, or the kept one.
    CampPlan plan() {
        return offer.flatMap(Offer::solved)
                .map(SolvedPlan::plan)
                .or(() -> seen.map(Seen::kept))
                .orElse(CampPlan.EMPTY);
    }

    /// How the offer differs from what is kept.
    List<KeptPlan.Move> moves() {
        return offer.flatMap(Offer::solved)
                .flatMap(solved -> seen.map(now -> KeptPlan.moves(now.kept(), solved.plan())))
                .orElse(List.of());
    }

    boolean isLooking() {
        return offer.filter(Offer::looking).isPresent();
    }

    /// Whether something is under way that can be stopped.
    boolean canStop() {
        return isLooking() || reading;
    }

    boolean canTake() {
        return offer.filter(one -> !one.looking() && one.solved().isPresent()).isPresent();
    }
}
