package onebeat.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// An invented camp, seen as a question for a plan.
class PlanProblemsTest {

    /// A Monday.
    private static final LocalDate FIRST = LocalDate.of(2027, 3, 1);

    private Camp camp = Camp.empty(new Card(
            "Saltlight",
            Fighter.usual("Ilka", Stance.ORTHODOX),
            Fighter.usual("Noor", Stance.SOUTHPAW),
            FIRST,
            FIRST.plusDays(28)));

    private void add(Edit edit) {
        camp = edit.applyTo(camp);
    }

    private void drill(String id, String line) {
        add(Edit.add(Place.DRILLS, new Drill(id, id, line, 60, FIRST, "")));
    }

    private void partner(String id, Set<Gear> gear, Set<Family> feeds, Rung upTo) {
        add(Edit.add(
                Place.PARTNERS,
                new Partner(
                        id,
                        Fighter.usual(id, Stance.ORTHODOX),
                        true,
                        gear,
                        JabSchool.STRAIGHT,
                        Set.of(),
                        feeds,
                        upTo)));
    }

    private void ran(String drill, Rung rung, int times) {
        for (int i = 0; i < times; i++) {
            String id = camp.runs().nextId("n");
            add(Edit.add(Place.RUNS, new RoundRun(id, "r", drill, FIRST.minusDays(9), 60, 180, 12, rung, "")));
        }
    }

    @BeforeEach
    void aCampOfTwoPartners() {
        Set<Gear> all = new HashSet<>(Gear.all());
        partner("Sunniva", all, Set.of(Family.PUNCH), Rung.LIVE);
        partner("Jonas", Set.of(Gear.MITTS), Set.of(), Rung.TEMPO);
        drill("pair", "1 2");
        drill("three", "1 2 3 circle-lead");
        drill("fed", "(1) parry 2 3");
        drill("kick", "1 2 rmid circle-lead");
    }

    private PlanProblem problem() {
        return PlanProblems.of(camp, PlanRules.usual(), FIRST, Map.of("fed", 1));
    }

    private PlanLine line(String id) {
        PlanProblem problem = problem();
        return problem.lines().get(problem.line(id));
    }

    @Test
    void itsDaysAreThoseBeforeFightNightAndHaveRoomForRounds() {
        PlanProblem problem = problem();
        assertThat(problem.days()).hasSize(28);
        assertThat(problem.days().getLast().date()).isEqualTo(FIRST.plusDays(27));
        // Half of an hour, three minutes of work and one of rest (F40, F43): seven rounds and their rests.
        assertThat(problem.rooms().getFirst()).isEqualTo(7);
        assertThat(problem.rooms().get(2)).as("no Wednesday").isZero();
        assertThat(problem.daysLeft(0)).isEqualTo(28);
        assertThat(problem.readyDay()).as("ten days before").isEqualTo(18);
    }

    @Test
    void aLineWaitsForWhatStandsInIt() {
        PlanProblem problem = problem();
        assertThat(line("three").after()).containsExactly(problem.line("pair"));
        assertThat(line("kick").after()).containsExactly(problem.line("pair"));
        assertThat(line("fed").after()).isEmpty();
        assertThat(line("fed").fightPlan()).isEqualTo(1);
    }

    @Test
    void aPartnerHoldsWhatTheirGearAndTheirFeedsAllow() {
        assertThat(line("fed").until().keySet()).as("Jonas feeds nothing").containsExactly(0);
        assertThat(line("kick").until().keySet()).as("nor has kick pads").containsExactly(0);
        assertThat(line("pair").until().keySet()).containsExactlyInAnyOrder(0, 1);
        assertThat(line("pair").until().get(0)).isEqualTo(Integer.MAX_VALUE);
        // From whole to beyond tempo are two steps.
        assertThat(line("pair").until().get(1))
                .isEqualTo(line("pair").stepEnds().get(1));
    }

    @Test
    void whatIsFedTouchesTheHeadAndPadsTouchNobody() {
        assertThat(line("fed").contact()).isTrue();
        assertThat(line("fed").head()).isPositive();
        assertThat(line("pair").contact()).isFalse();
        assertThat(line("pair").head()).isZero();
    }

    @Test
    void whatRanHasBegunAndTellsThePace() {
        assertThat(line("pair").begun()).isFalse();
        ran("pair", Rung.WHOLE, 6);
        ran("pair", Rung.TEMPO, 1);
        assertThat(line("pair").begun()).isTrue();
        // Six rounds on the step that was left, beside sixteen on four of the prior.
        assertThat(LadderPace.of(camp)).isEqualTo(new LadderPace(1, 6));
        assertThat(LadderPace.of(camp).mean()).isCloseTo(22 / 5.0, within(1e-9));
    }

    @Test
    void aDayOfItsOwnIsNotItsWeeks() {
        PlanRules rules = PlanRules.usual()
                .withDay(FIRST, PlanRules.Time.of(0))
                .withDay(
                        FIRST.plusDays(1),
                        new PlanRules.Time(PlanRules.Time.of(0).start(), 30, Optional.of(Set.of("Jonas"))));
        PlanProblem problem = PlanProblems.of(camp, rules, FIRST, Map.of());
        assertThat(problem.rooms().subList(0, 2)).containsExactly(0, 4);
        assertThat(problem.days().get(1).partners()).containsExactly("Jonas");
    }

    @Test
    void aPlanMovesToAnotherQuestionByDateAndName() {
        PlanProblem before = problem();
        CampPlan plan = new CampPlan(
                List.of(new PlannedRound(0, before.line("pair"), 0), new PlannedRound(8, before.line("fed"), 0)));
        PlanProblem later = PlanProblems.of(camp, PlanRules.usual(), FIRST.plusDays(7), Map.of());
        assertThat(PlanProblems.moved(plan, before, later).rounds())
                .containsExactly(new PlannedRound(1, later.line("fed"), 0));
    }

    @Test
    void daysOfAPlanAreToldWithTheirStepsAndTheirLoad() {
        PlanProblem problem = problem();
        int pair = problem.line("pair");
        List<PlannedRound> rounds = IntStream.of(0, 0, 1, 1, 3)
                .mapToObj(day -> new PlannedRound(day, pair, 0))
                .toList();
        List<PlannedDay> days = PlannedDay.of(problem, new CampPlan(rounds));
        assertThat(days)
                .extracting(day -> day.rounds().getFirst().rung())
                .containsExactly(Rung.WHOLE, Rung.WHOLE, Rung.TEMPO);
        // Two rounds of three minutes and a rest of one are half of fourteen minutes.
        assertThat(days.getFirst().minutes()).isEqualTo(14);
        assertThat(days.getFirst().load()).isEqualTo(days.getFirst().effort() * 14);
        Map<LocalDate, TrainingLoad> weeks = PlannedDay.weeks(problem, days);
        assertThat(weeks.get(FIRST).load())
                .isEqualTo(days.stream().mapToDouble(PlannedDay::load).sum());
        assertThat(weeks.get(FIRST).monotony()).isPresent();
    }

    @Test
    void itsReasonsAreWords() {
        PlanProblem problem = problem();
        CampPlan plan = PlanFilling.of(problem);
        assertThat(RuleBreaks.of(problem, plan)).isEmpty();
        PlannedRound first = plan.rounds().getFirst();
        List<String> why = PlanWords.why(problem, PlanReasons.of(problem, plan, first), id -> "line " + id);
        assertThat(why.getFirst()).contains("(+");
        assertThat(String.join(" ", why)).doesNotContain("{").containsAnyOf("next best: line", "nothing else");
        for (HardRule rule : HardRule.values()) {
            assertThat(PlanWords.of(rule)).isNotBlank();
        }
        for (SoftRule rule : SoftRule.values()) {
            assertThat(PlanWords.of(rule)).isNotBlank();
        }
        assertThat(PlanWords.of(new RuleConflict(Set.of(HardRule.PINNED, HardRule.TIME), Set.of(HardRule.TIME))))
                .isEqualTo(
                        "No plan keeps these together: no time, or no room that day, what you pinned. Loosen one of: no"
                                + " time, or no room that day.");
    }
}
