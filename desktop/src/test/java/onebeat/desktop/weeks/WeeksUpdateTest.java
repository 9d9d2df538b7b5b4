package onebeat.desktop.weeks;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import onebeat.core.camp.Camp;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.HardRule;
import onebeat.core.plan.HeldElsewhere;
import onebeat.core.plan.KeptPlan;
import onebeat.core.plan.Pin;
import onebeat.core.plan.PlanFilling;
import onebeat.core.plan.PlanProblem;
import onebeat.core.plan.PlanProblems;
import onebeat.core.plan.PlanRules;
import onebeat.core.plan.PlanSettings;
import onebeat.core.plan.SoftRule;
import onebeat.core.plan.SolvedPlan;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.StationName;
import onebeat.desktop.weeks.WeeksAction.Choose;
import onebeat.desktop.weeks.WeeksAction.Do;
import onebeat.formats.plan.OtherPlan;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What each action in the camp's weeks leads to, without a window and without a solver.
class WeeksUpdateTest {

    /// A Thursday.
    private static final LocalDate TODAY = DemoSituation.DAY;

    private Camp camp;
    private WeeksState state = WeeksState.FIRST;
    private Next<WeeksState> last;

    @BeforeEach
    void demo() {
        camp = DemoSituation.camp();
        arrives();
    }

    private WeeksUpdateTest after(WeeksAction action) {
        last = WeeksUpdate.update(DemoSituation.of(camp, state), action);
        camp = DemoSituation.after(camp, last);
        state = last.state();
        return this;
    }

    private PlanProblem problem(PlanRules rules) {
        return PlanProblems.of(camp, rules, TODAY, Map.of());
    }

    private void arrives() {
        PlanProblem problem = problem(PlanSettings.of(camp));
        after(new WeeksAction.Arrived(new WeeksState.Seen(problem, KeptPlan.of(camp, problem))));
    }

    /// Answers what was asked last with a plan by rule.
    private void found(boolean looking) {
        WeeksEffect.LookFor asked = last.effects().stream()
                .filter(WeeksEffect.LookFor.class::isInstance)
                .map(WeeksEffect.LookFor.class::cast)
                .findFirst()
                .orElseThrow();
        PlanProblem problem = problem(asked.rules());
        CampPlan plan = PlanFilling.of(problem);
        after(new WeeksAction.Found(
                asked.rules(),
                problem,
                new SolvedPlan(plan, 1, OptionalDouble.empty(), false, SolvedPlan.By.FILLING, List.of()),
                looking));
    }

    private PlanRules rules() {
        return state.offer().orElseThrow().rules();
    }

    private String drill() {
        return state.problem().orElseThrow().lines().get(state.line()).drill();
    }

    @Test
    void aPlanIsOfferedFirstAndKeptOnlyWhenItIsTaken() {
        after(Do.LOOK);
        assertThat(state.isLooking()).isTrue();
        assertThat(after(Do.TAKE).camp.keptRounds().size())
                .as("nothing is there to take")
                .isZero();
        after(Do.LOOK).found(true);
        assertThat(state.plan().rounds()).isNotEmpty();
        assertThat(state.canTake()).as("a better one is still looked for").isFalse();
        after(Do.LOOK).found(false);
        after(Do.TAKE);
        assertThat(state.offer()).isEmpty();
        assertThat(camp.keptRounds().size()).isEqualTo(state.plan().rounds().size());
        arrives();
        assertThat(state.plan()).isEqualTo(PlanFilling.of(problem(PlanRules.usual())));
    }

    @Test
    void whatIsLeftChangesNothing() {
        Camp before = camp;
        after(Do.NO_TIME).found(false);
        assertThat(after(Do.LEAVE).state.offer()).isEmpty();
        assertThat(last.effects()).containsExactly(new WeeksEffect.Forget());
        assertThat(camp).isEqualTo(before);
    }

    @Test
    void anAnswerToAnOlderQuestionIsNoAnswer() {
        after(Do.LOOK);
        Next<WeeksState> asked = last;
        after(Do.NO_TIME);
        last = asked;
        found(false);
        assertThat(state.offer().orElseThrow().solved()).isEmpty();
    }

    @Test
    void aMissedDayAndItsMinutesAreTheDaysOwn() {
        after(Do.DAY_ON).after(Do.LONGER);
        assertThat(rules().on(TODAY.plusDays(1)).minutes()).isEqualTo(70);
        after(Do.SHORTER).after(Do.SHORTER);
        assertThat(rules().on(TODAY.plusDays(1)).minutes()).isEqualTo(50);
        after(Do.NO_TIME);
        assertThat(rules().on(TODAY.plusDays(1)).minutes()).isZero();
        assertThat(rules().on(TODAY.plusDays(8)).minutes()).isEqualTo(60);
        found(false);
        after(Do.TAKE);
        assertThat(PlanSettings.of(camp).on(TODAY.plusDays(1)).minutes()).isZero();
        assertThat(camp.keptRounds().all()).noneMatch(kept -> kept.date().equals(TODAY.plusDays(1)));
    }

    @Test
    void whatIfAWeekdayIsLost() {
        after(Do.NO_WEEKDAY);
        assertThat(rules().week().get(DayOfWeek.THURSDAY).minutes()).isZero();
        found(false);
        assertThat(state.plan().rounds())
                .allSatisfy(round -> assertThat(state.problem()
                                .orElseThrow()
                                .days()
                                .get(round.day())
                                .date()
                                .getDayOfWeek())
                        .isNotEqualTo(DayOfWeek.THURSDAY));
        after(Do.NO_WEEKDAY);
        assertThat(rules().week().get(DayOfWeek.THURSDAY).minutes()).isEqualTo(PlanRules.USUAL_MINUTES);
    }

    @Test
    void linesArePinnedKeptOutAndMoved() {
        after(new Choose(1, 2)).after(Do.PIN);
        assertThat(rules().pin(TODAY.plusDays(1), drill())).contains(new Pin(TODAY.plusDays(1), drill(), true));
        after(Do.FORBID);
        assertThat(rules().pin(TODAY.plusDays(1), drill())).contains(new Pin(TODAY.plusDays(1), drill(), false));
        after(Do.FORBID);
        assertThat(rules().pins()).as("said once more it is taken back").isEmpty();
        after(Do.MOVE_ON);
        assertThat(rules().pins())
                .containsExactlyInAnyOrder(
                        new Pin(TODAY.plusDays(1), drill(), false), new Pin(TODAY.plusDays(2), drill(), true));
        assertThat(state.day()).as("the chosen day goes along").isEqualTo(2);
        after(Do.MUST_BE_READY);
        assertThat(rules().mustBeReady()).containsExactly(drill());
    }

    @Test
    void aRoundThatIsPulledToAnotherDayIsAskedForThere() {
        after(new WeeksAction.Move(1, 5, 2));
        assertThat(state.day()).as("the chosen day goes along").isEqualTo(5);
        assertThat(rules().pins())
                .containsExactlyInAnyOrder(
                        new Pin(TODAY.plusDays(1), drill(), false), new Pin(TODAY.plusDays(5), drill(), true));
        after(Do.LEAVE);
        int sunday = 3;
        after(new WeeksAction.Move(1, sunday, 2));
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Warn.class);
        assertThat(state.offer()).as("nothing fits on a day without time").isEmpty();
    }

    @Test
    void whatIsSetInAFormIsAnotherPlanToo() {
        after(Do.RULES);
        assertThat(last.effects()).containsExactly(new WeeksEffect.AskRules(PlanRules.usual()));
        PlanRules given = PlanRules.usual().withValue(HardRule.REST_DAYS, 4).withWeight(SoftRule.KEEP, 1);
        after(new WeeksAction.RulesGiven(given));
        assertThat(last.effects()).first().isEqualTo(new WeeksEffect.CloseForm());
        assertThat(rules()).isEqualTo(given);
        found(false);
        after(Do.TAKE);
        assertThat(PlanSettings.of(camp)).isEqualTo(given);
        after(Do.DAY);
        assertThat(last.effects()).containsExactly(new WeeksEffect.AskDay(TODAY, PlanRules.Time.of(60)));
        after(new WeeksAction.DayGiven(new PlanRules.Time(LocalTime.NOON, 30, Optional.of(Set.of()))));
        assertThat(rules().on(TODAY).partners()).contains(Set.of());
        found(false);
        assertThat(state.plan().on(0)).as("nobody is there to hold").isEmpty();
    }

    @Test
    void whatPartnersHoldForOthersIsKnownAndAPlanThatIsTakenLeavesItSo() {
        String partner = camp.partners().all().iterator().next().id();
        HeldElsewhere held = new HeldElsewhere(TODAY, partner, "Maud's camp", 4);
        after(new WeeksAction.OtherRead(new OtherPlan("Maud's camp", List.of(held), List.of("Tor"))));
        assertThat(HeldElsewhere.of(camp)).containsExactly(held);
        after(Do.LONGER).found(false);
        after(Do.TAKE);
        assertThat(HeldElsewhere.of(camp)).containsExactly(held);
        assertThat(problem(PlanSettings.of(camp)).elsewhere()).hasSize(1).containsValue(4);
        after(new WeeksAction.OtherRead(new OtherPlan("Maud's camp", List.of(), List.of())));
        assertThat(HeldElsewhere.of(camp)).as("read anew, it is gone").isEmpty();
    }

    @Test
    void aFileThatIsBeingReadCanBeStopped() {
        assertThat(after(new WeeksAction.Reading(true)).state.canStop()).isTrue();
        after(Do.STOP);
        assertThat(last.effects()).anyMatch(WeeksEffect.Stop.class::isInstance);
        assertThat(state.canStop()).isFalse();
    }

    @Test
    void theGymsCalendarSaysWhenThereIsTime() {
        after(new WeeksAction.CalendarRead(Map.of()));
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Warn.class);
        after(new WeeksAction.CalendarRead(Map.of(TODAY.plusDays(2), PlanRules.Time.of(90))));
        assertThat(rules().on(TODAY.plusDays(2)).minutes()).isEqualTo(90);
        assertThat(rules().on(TODAY.plusDays(1)).minutes()).isZero();
    }

    @Test
    void aDayGoesIntoTonightsRounds() {
        after(Do.INTO_TONIGHT);
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Warn.class);
        after(Do.LOOK).found(false);
        int before = camp.rounds().size();
        int planned = state.plan().on(0).size();
        assertThat(planned).isPositive();
        after(Do.INTO_TONIGHT);
        assertThat(camp.rounds().size()).isEqualTo(before + planned);
        assertThat(((Effect.Save) last.effects().getFirst()).then()).contains(new Effect.Go(StationName.ROUNDS));
    }
}
