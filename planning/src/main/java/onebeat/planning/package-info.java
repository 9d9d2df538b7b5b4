/// The best plan of a camp's weeks, by a constraint solver (OR-Tools CP-SAT), with a bound on what any plan could be
/// worth. Open [CampPlanner]. What a plan is, what its rules are and what it is worth stands in `onebeat.core.plan`;
/// [PlanModel] says the same to the solver.
@NullMarked
package onebeat.planning;

import org.jspecify.annotations.NullMarked;
