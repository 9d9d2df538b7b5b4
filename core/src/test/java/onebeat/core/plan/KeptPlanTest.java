package onebeat.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.KeptRound;
import onebeat.core.camp.Place;
import onebeat.core.camp.PlanSetting;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What a camp keeps of its plan: the coach's rules, and the rounds that were taken.
class KeptPlanTest {

    /// A Monday.
    private static final LocalDate FIRST = LocalDate.of(2027, 3, 1);

    private Camp camp = Camp.empty(new Card(
            "Saltlight",
            Fighter.usual("Ilka", Stance.ORTHODOX),
            Fighter.usual("Noor", Stance.SOUTHPAW),
            FIRST,
            FIRST.plusDays(21)));

    @BeforeEach
    void linesAndPartners() {
        for (String id : List.of("d1", "d2")) {
            add(Edit.add(Place.DRILLS, new Drill(id, id, "1 2", 60, FIRST, "")));
        }
        for (String id : List.of("p1", "p2")) {
            add(Edit.add(
                    Place.PARTNERS,
                    new Partner(
                            id,
                            Fighter.usual(id, Stance.ORTHODOX),
                            true,
                            Gear.all(),
                            JabSchool.STRAIGHT,
                            Set.of(),
                            Set.of(),
                            Rung.LIVE)));
        }
    }

    private void add(Edit edit) {
        camp = edit.applyTo(camp);
    }

    private PlanProblem problem(LocalDate from) {
        return PlanProblems.of(camp, PlanSettings.of(camp), from, Map.of());
    }

    @Test
    void whatTheCoachAsksForIsKeptAndReadAsItWas() {
        PlanRules rules = PlanRules.usual()
                .withWeekday(DayOfWeek.THURSDAY, PlanRules.Time.of(0))
                .withDay(
                        FIRST.plusDays(3),
                        new PlanRules.Time(LocalTime.of(19, 30), 45, Optional.of(Set.of("p1", "p2"))))
                .withDay(FIRST.plusDays(4), new PlanRules.Time(LocalTime.of(18, 0), 60, Optional.of(Set.of())))
                .with(new Pin(FIRST.plusDays(5), "d1", true))
                .with(new Pin(FIRST.plusDays(5), "d2", false))
                .withMustBeReady(Set.of("d2"))
                .withValue(HardRule.HEAD, 40)
                .withValue(SoftRule.READY, 12)
                .withWeight(SoftRule.KEEP, 3);
        Edit kept = PlanSettings.kept(camp, rules).orElseThrow();
        Camp before = camp;
        add(kept);
        assertThat(PlanSettings.of(camp)).isEqualTo(rules);
        assertThat(PlanSettings.kept(camp, rules))
                .as("nothing is left to change")
                .isEmpty();
        assertThat(camp.planSettings().all()).allMatch(PlanSettings::isReadable);
        assertThat(kept.doneTo(before).edit().inverse().applyTo(camp).planSettings())
                .isEqualTo(before.planSettings());
        add(PlanSettings.kept(camp, PlanRules.usual()).orElseThrow());
        assertThat(camp.planSettings().all()).as("the usual rules need no word").isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "week.MOONDAY, 60",
        "week.MONDAY, -5",
        "week.MONDAY, 99999",
        "day.9999-99-99, 60",
        "day.2027-03-01, an hour",
        "day.2027-03-01, 60 25:00",
        "pin.2027-03-01, yes",
        "pin.2027-03-01.d1, perhaps",
        "number.HEADS, 5",
        "weight.HEAD, 5",
        "nothing, 5",
        "other.thing, 5"
    })
    void whatCannotBeReadChangesNothing(String key, String value) {
        PlanSetting setting = new PlanSetting(key, value);
        assertThat(PlanSettings.isReadable(setting)).isFalse();
        add(Edit.add(Place.PLAN_SETTINGS, setting));
        assertThat(PlanSettings.of(camp)).isEqualTo(PlanRules.usual());
    }

    @Test
    void aPlanThatIsTakenIsThePlanOfTheNextDayToo() {
        PlanProblem today = problem(FIRST);
        CampPlan plan = new CampPlan(List.of(
                new PlannedRound(0, 0, 0),
                new PlannedRound(0, 0, 0),
                new PlannedRound(1, 1, 1),
                new PlannedRound(4, 0, 1)));
        add(KeptPlan.taken(camp, today, plan));
        assertThat(KeptPlan.of(camp, today)).isEqualTo(plan);
        PlanProblem tomorrow = problem(FIRST.plusDays(1));
        assertThat(KeptPlan.of(camp, tomorrow).rounds())
                .containsExactly(new PlannedRound(0, 1, 1), new PlannedRound(3, 0, 1));
        add(KeptPlan.taken(camp, tomorrow, CampPlan.EMPTY));
        assertThat(camp.keptRounds().all())
                .as("what was before stays in the book of the camp")
                .extracting(KeptRound::date)
                .containsOnly(FIRST);
    }

    @Test
    void aRoundWhosePartnerIsGoneIsNoRoundOfThePlan() {
        add(KeptPlan.taken(
                camp, problem(FIRST), new CampPlan(List.of(new PlannedRound(0, 0, 1), new PlannedRound(1, 0, 0)))));
        add(Edit.remove(Place.PARTNERS, camp.partners().get("p2").orElseThrow()));
        assertThat(KeptPlan.of(camp, problem(FIRST)).rounds()).containsExactly(new PlannedRound(1, 0, 0));
    }

    @Test
    void howTwoPlansDifferIsAListOfMoves() {
        CampPlan before = new CampPlan(List.of(
                new PlannedRound(0, 0, 0),
                new PlannedRound(1, 0, 0),
                new PlannedRound(1, 1, 0),
                new PlannedRound(2, 1, 1)));
        CampPlan after = new CampPlan(List.of(
                new PlannedRound(0, 0, 0),
                new PlannedRound(1, 0, 1),
                new PlannedRound(2, 1, 1),
                new PlannedRound(3, 1, 0)));
        assertThat(KeptPlan.moves(before, after))
                .containsExactly(
                        new KeptPlan.Move(new PlannedRound(1, 0, 0), new PlannedRound(1, 0, 1)),
                        new KeptPlan.Move(new PlannedRound(1, 1, 0), null),
                        new KeptPlan.Move(null, new PlannedRound(3, 1, 0)));
        assertThat(KeptPlan.moves(after, after)).isEmpty();
    }

    @Test
    void aForecastIsABandThatOnlyClimbs() {
        PlanProblem problem = problem(FIRST);
        List<PlannedRound> rounds = new ArrayList<>();
        for (int day = 0; day < 10; day++) {
            rounds.add(new PlannedRound(day, 0, 0));
            rounds.add(new PlannedRound(day, 0, 0));
        }
        List<LadderForecast> all = LadderForecast.of(camp, problem, new CampPlan(rounds));
        assertThat(all.get(1).points()).isEmpty();
        List<LadderForecast.Point> points = all.getFirst().points();
        assertThat(points).hasSize(10).allSatisfy(point -> {
            assertThat(point.rounds()).isEqualTo(2);
            assertThat(point.quick()).isGreaterThanOrEqualTo(point.likely());
            assertThat(point.likely()).isGreaterThanOrEqualTo(point.slow());
        });
        assertThat(points).isSortedAccordingTo(Comparator.comparing(LadderForecast.Point::likely));
        assertThat(points.getLast().quick()).isGreaterThan(points.getLast().slow());
        assertThat(points.get(3).likely()).isEqualTo(problem.lines().getFirst().stepAfter(7));
    }
}
