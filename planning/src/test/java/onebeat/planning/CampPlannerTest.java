package onebeat.planning;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.Pin;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlanValue;
import onebeat.core.plan.PlannedRound;
import onebeat.core.plan.RuleBreaks;
import onebeat.core.plan.RuleConflict;
import onebeat.core.plan.SoftRule;
import onebeat.core.plan.SolvedPlan;
import onebeat.planning.SampleProblems.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CampPlannerTest {

    @TempDir
    Path folder;

    private static final Size SMALL = new Size(1, 3, 2, 3, 2);
    private static final Size MIDDLE = new Size(4, 4, 4, 8, 3);

    private static final Map<PlanProblem, CampPlan> PLANNED = new ConcurrentHashMap<>();

    private static SolvedPlan solve(PlanProblem problem, double seconds) {
        return CampPlanner.solve(problem, new PlanSearch(seconds, 1), _ -> {}, () -> false);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void noPlanIsBetterThanTheOneThatIsProven(long seed) {
        PlanProblem problem = SampleProblems.of(SMALL, PlanRules.usual(), seed);
        SolvedPlan solved = solve(problem, 10);
        assertThat(solved.isProven()).isTrue();
        assertThat(RuleBreaks.of(problem, solved.plan())).isEmpty();
        assertThat(solved.value()).isEqualTo(bestOfAll(problem));
        assertThat(solved.gap().orElseThrow()).isZero();
    }

    /// A plan before with other holders: days, lines and holders all count, in the solver as in the plan's value.
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void theSolverCountsChangesAsThePlanIsCounted(long seed) {
        PlanProblem problem = SampleProblems.of(SMALL, PlanRules.usual(), seed);
        int partners = problem.partners().size();
        PlanProblem remade = problem.after(new CampPlan(solve(problem, 10).plan().rounds().stream()
                .map(round -> new PlannedRound(round.day(), round.line(), (round.partner() + 1) % partners))
                .toList()));
        PlanModel model = new PlanModel(remade);
        PlanObjective.maximise(model);
        CpSolver solver = CampPlanner.solver(new PlanSearch(10, 1));
        assertThat(solver.solve(model.model)).isEqualTo(CpSolverStatus.OPTIMAL);
        assertThat((int) solver.objectiveValue())
                .isEqualTo(PlanValue.of(remade, model.plan(solver::value)).sum())
                .isEqualTo(bestOfAll(remade));
    }

    /// Tries everything.
    private static int bestOfAll(PlanProblem problem) {
        List<List<PlannedRound>> all = new ArrayList<>(List.of(List.of()));
        for (int day = 0; day < problem.days().size(); day++) {
            List<List<PlannedRound>> more = new ArrayList<>();
            for (List<PlannedRound> before : all) {
                for (List<PlannedRound> of : days(problem, day)) {
                    List<PlannedRound> both = new ArrayList<>(before);
                    both.addAll(of);
                    more.add(both);
                }
            }
            all = more;
        }
        return all.stream()
                .map(CampPlan::new)
                .filter(plan -> RuleBreaks.of(problem, plan).isEmpty())
                .mapToInt(plan -> PlanValue.of(problem, plan).sum())
                .max()
                .orElseThrow();
    }

    /// Up to two rounds.
    private static List<List<PlannedRound>> days(PlanProblem problem, int day) {
        List<List<PlannedRound>> all = new ArrayList<>(List.of(List.of()));
        List<PlannedRound> one = new ArrayList<>();
        for (int line = 0; line < problem.lines().size() && problem.room(day) > 0; line++) {
            for (int partner = 0; partner < problem.partners().size(); partner++) {
                one.add(new PlannedRound(day, line, partner));
            }
        }
        for (int i = 0; i < one.size(); i++) {
            all.add(List.of(one.get(i)));
            for (int j = i; j < one.size(); j++) {
                all.add(List.of(one.get(i), one.get(j)));
            }
        }
        return all;
    }

    @Test
    void theSolverCountsAsThePlanIsCounted() {
        PlanProblem problem = SampleProblems.of(MIDDLE, PlanRules.usual(), 7);
        SolvedPlan solved = solve(problem, 20);
        assertThat(solved.isProven()).isTrue();
        assertThat(solved.bound().orElseThrow()).isEqualTo(solved.value());
    }

    @Test
    void theSameQuestionGivesTheSamePlan() {
        PlanProblem problem = SampleProblems.of(MIDDLE, PlanRules.usual(), 8);
        SolvedPlan once = solve(problem, 0.5);
        assertThat(once.by()).isEqualTo(SolvedPlan.By.SOLVER);
        assertThat(solve(problem, 0.5)).isEqualTo(once);
    }

    @Test
    void aCampOfTheUsualSizeIsNearTheBest() {
        PlanProblem problem = SampleProblems.of(Size.USUAL, PlanRules.usual(), 4);
        List<Integer> values = new ArrayList<>();
        SolvedPlan solved =
                CampPlanner.solve(problem, new PlanSearch(6, 1), next -> values.add(next.value()), () -> false);
        assertThat(RuleBreaks.of(problem, solved.plan())).isEmpty();
        assertThat(solved.gap().orElseThrow()).isLessThanOrEqualTo(0.02);
        assertThat(values).as("each is better than the one before").isSorted().hasSizeGreaterThan(2);
    }

    @Test
    void aMissedEveningMovesLittle() {
        PlanProblem problem = SampleProblems.of(MIDDLE, PlanRules.usual(), 9);
        CampPlan before = planned(problem);
        PlanProblem after = problem.withRoom(2, 0).after(before);
        SolvedPlan again = solve(after, 1);
        assertThat(RuleBreaks.of(after, again.plan())).isEmpty();
        assertThat(again.plan().on(2)).isEmpty();
        long kept =
                again.plan().rounds().stream().filter(before.rounds()::contains).count();
        assertThat(kept).isGreaterThan(before.rounds().size() * 2L / 3);
    }

    /// The plan that an evening is missed in, asked for once.
    private static CampPlan planned(PlanProblem problem) {
        return PLANNED.computeIfAbsent(problem, _ -> solve(problem, 1).plan());
    }

    @Test
    void aRoundThatNoDayCanHaveLeavesTheRestAsItWas() {
        PlanProblem problem = SampleProblems.of(MIDDLE, PlanRules.usual(), 9);
        CampPlan before = planned(problem);
        Pin pulled =
                new Pin(problem.days().get(2).date(), problem.lines().getFirst().drill(), true);
        PlanProblem after =
                problem.with(problem.rules().with(pulled)).withRoom(2, 0).after(before);
        SolvedPlan again = solve(after, 1);
        assertThat(again.conflicts())
                .extracting(RuleConflict::rules)
                .containsExactly(EnumSet.of(HardRule.PINNED, HardRule.TIME));
        assertThat(again.plan().rounds())
                .containsExactlyElementsOf(before.rounds().stream()
                        .filter(round -> round.day() != 2)
                        .toList());
    }

    @Test
    void whoStopsItHasAPlanAllTheSame() {
        PlanProblem problem = SampleProblems.of(Size.USUAL, PlanRules.usual(), 5);
        SolvedPlan stopped = CampPlanner.solve(problem, PlanSearch.USUAL, _ -> {}, () -> true);
        assertThat(stopped.plan().rounds()).isNotEmpty();
        assertThat(RuleBreaks.of(problem, stopped.plan())).isEmpty();
    }

    private static final LocalDate TUESDAY = SampleProblems.FIRST.plusDays(1);

    /// A camp in which a demand cannot be kept because of one other rule.
    private static PlanProblem against(HardRule demand, HardRule other) {
        PlanRules rules = PlanRules.usual()
                .withValue(HardRule.LEAST_DAYS, demand == HardRule.LEAST_DAYS ? 3 : 0)
                .withMustBeReady(demand == HardRule.MUST_BE_READY ? Set.of("d0") : Set.of());
        if (demand == HardRule.PINNED) {
            rules = rules.with(new Pin(TUESDAY, "d0", true));
        }
        rules = switch (other) {
            case HEAD, PARTNER_ROUNDS, LINE_ROUNDS, NEW_LINES -> rules.withValue(other, 0);
            case REST_DAYS -> rules.withValue(other, 7);
            case NO_CONTACT -> rules.withValue(other, 99);
            // Ready on the first day means six rounds on it, and so a hard day.
            case HARD_DAYS ->
                rules.withValue(HardRule.HARD_DAYS, 0)
                        .withValue(HardRule.LINE_ROUNDS, 8)
                        .withValue(HardRule.PARTNER_ROUNDS, 8)
                        .withValue(SoftRule.READY, 21);
            case FORBIDDEN -> onNoDay(rules);
            default -> rules;
        };
        return SampleProblems.plain(rules, other);
    }

    private static PlanRules onNoDay(PlanRules rules) {
        PlanRules all = rules;
        for (int day = 0; day < 21; day++) {
            all = all.with(new Pin(SampleProblems.FIRST.plusDays(day), "d0", false));
        }
        return all;
    }

    @ParameterizedTest
    @CsvSource({
        "PINNED, TIME",
        "PINNED, PARTNER",
        "PINNED, PREREQUISITE",
        "PINNED, HEAD",
        "PINNED, PARTNER_ROUNDS",
        "PINNED, REST_DAYS",
        "PINNED, NO_CONTACT",
        "PINNED, LINE_ROUNDS",
        "PINNED, NEW_LINES",
        "MUST_BE_READY, TIME",
        "MUST_BE_READY, PARTNER",
        "MUST_BE_READY, PREREQUISITE",
        "MUST_BE_READY, HEAD",
        "MUST_BE_READY, PARTNER_ROUNDS",
        "MUST_BE_READY, REST_DAYS",
        "MUST_BE_READY, NO_CONTACT",
        "MUST_BE_READY, LINE_ROUNDS",
        "MUST_BE_READY, NEW_LINES",
        "MUST_BE_READY, HARD_DAYS",
        "MUST_BE_READY, FORBIDDEN",
        "LEAST_DAYS, FORBIDDEN",
        "LEAST_DAYS, TIME",
        "LEAST_DAYS, PARTNER",
        "LEAST_DAYS, PARTNER_ROUNDS",
        "LEAST_DAYS, REST_DAYS",
        "LEAST_DAYS, LINE_ROUNDS"
    })
    void rulesThatFightAreNamedAndNoOthers(HardRule demand, HardRule other) {
        PlanProblem problem = against(demand, other);
        SolvedPlan solved = solve(problem, 5);
        assertThat(solved.conflicts()).extracting(RuleConflict::rules).containsExactly(EnumSet.of(demand, other));
        assertThat(solved.conflicts().getFirst().loosen()).containsExactlyInAnyOrder(demand, other);
        assertThat(solved.by()).isEqualTo(SolvedPlan.By.FILLING);
    }

    /// The solver's library cannot be unpacked where the temporary folder is none: in a process of its own, since
    /// it is loaded once.
    @Test
    void withoutItsLibraryAPlanIsFilledByRuleAndProvesNothing() throws Exception {
        Path notAFolder = Files.createFile(folder.resolve("file"));
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Djava.io.tmpdir=" + notAFolder,
                        "-cp",
                        System.getProperty("java.class.path"),
                        WithoutLibrary.class.getName())
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        assertThat(said).contains("there: false").contains("by: FILLING").contains("broken: []");
    }

    /// What the process does.
    static final class WithoutLibrary {

        private WithoutLibrary() {}

        public static void main(String[] arguments) {
            PlanProblem problem = SampleProblems.of(MIDDLE, PlanRules.usual(), 9);
            SolvedPlan plan = solve(problem, 5);
            System.out.println("there: " + CampPlanner.isThere());
            System.out.println(
                    "by: " + plan.by() + " of " + plan.plan().rounds().size());
            System.out.println("broken: " + RuleBreaks.of(problem, plan.plan()));
        }
    }
}
