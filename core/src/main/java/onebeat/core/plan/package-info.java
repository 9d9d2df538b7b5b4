/// The weeks of a camp, from today to fight night: what is drilled when, with whom, and how hard the days are.
///
/// Open [PlanRules] for what a coach asks, [PlanProblem] for a camp seen through them, [CampPlan] for a plan, and
/// [PlanValue] for what a plan is worth by each rule. [RuleBreaks] tells which rule a plan breaks, [PlanFilling]
/// makes a usable plan by rule alone; the module `planning` makes the best one and proves how good it is.
/// [TrainingLoad] describes what days ask for. Nothing here predicts an injury or clears anybody to train.
@NullMarked
package onebeat.core.plan;

import org.jspecify.annotations.NullMarked;
