package onebeat.desktop.rounds;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Rung;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.StationName;
import onebeat.desktop.rounds.RoundsAction.Do;
import onebeat.desktop.rounds.RoundsAction.DropRound;
import onebeat.desktop.rounds.RoundsAction.Enter;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What each action at Rounds leads to, without a window.
class RoundsUpdateTest {

    private Camp camp;
    private RoundsState state = RoundsState.FIRST;
    private Next<RoundsState> last;

    @BeforeEach
    void demo() {
        camp = DemoSituation.camp();
    }

    private RoundsUpdateTest after(RoundsAction action) {
        last = RoundsUpdate.update(DemoSituation.of(camp, state), action);
        camp = DemoSituation.after(camp, last);
        state = last.state();
        return this;
    }

    private List<RoundPlan> tonight() {
        return camp.roundsOf(camp.sessionOn(DemoSituation.DAY).orElseThrow().id());
    }

    @Test
    void aLineComesIntoTonightAndIsChosenThere() {
        int before = tonight().size();
        after(Do.LINE_DOWN).after(Do.ADD);
        assertThat(tonight()).hasSize(before + 1);
        assertThat(tonight().getLast().drillId())
                .isEqualTo(camp.drills().all().stream()
                        .skip(1)
                        .findFirst()
                        .orElseThrow()
                        .id());
        assertThat(state.round()).isEqualTo(before);
    }

    @Test
    void whatIsTypedBecomesALineAndARoundInOneChange() {
        int lines = camp.drills().size();
        after(new Enter("1 2 off"));
        assertThat(camp.drills().size()).isEqualTo(lines + 1);
        assertThat(tonight().getLast().drillId())
                .isEqualTo(camp.drills().all().stream()
                        .reduce((_, b) -> b)
                        .orElseThrow()
                        .id());
        assertThat(last.effects()).hasSize(1);
    }

    @Test
    void tempoAndGapStayWithinTheirBounds() {
        for (int i = 0; i < 200; i++) {
            after(Do.FASTER).after(Do.NARROWER_GAP);
        }
        assertThat(tonight().getFirst().bpm()).isEqualTo(RoundPlan.MOST_BPM);
        assertThat(tonight().getFirst().gapBeats()).isNotNegative();
        for (int i = 0; i < 200; i++) {
            after(Do.SLOWER);
        }
        assertThat(tonight().getFirst().bpm()).isEqualTo(RoundPlan.LEAST_BPM);
    }

    @Test
    void aRoundThatIsRemovedClosesUpTheRest() {
        int before = tonight().size();
        after(Do.ROUND_AFTER).after(Do.REMOVE);
        assertThat(tonight()).hasSize(before - 1);
        assertThat(tonight()).extracting(RoundPlan::position).containsExactly(0, 1, 2);
    }

    @Test
    void aRoundIsPulledToAnotherPlaceAndBack() {
        List<String> before = tonight().stream().map(RoundPlan::id).toList();
        after(new DropRound(0, 2));
        assertThat(tonight().get(2).id()).isEqualTo(before.getFirst());
        after(new DropRound(2, 0));
        assertThat(tonight()).extracting(RoundPlan::id).isEqualTo(before);
        after(Do.EARLIER);
        assertThat(last.effects()).as("there is nothing before the first").isEmpty();
    }

    @Test
    void theLadderIsClimbedToItsEndAndBackToItsParts() {
        for (int i = 0; i < 40; i++) {
            after(Do.CLIMB);
        }
        assertThat(tonight().getFirst().rung()).isEqualTo(Rung.LIVE);
        for (int i = 0; i < 60; i++) {
            after(Do.STEP_BACK);
        }
        assertThat(tonight().getFirst().rung()).isEqualTo(Rung.PARTS);
    }

    @Test
    void anEmptyEveningIsFilledWithWhatIsDueAndEachHasItsReason() {
        while (!tonight().isEmpty()) {
            after(Do.REMOVE);
        }
        after(Do.FILL);
        assertThat(tonight()).isNotEmpty();
        assertThat(tonight())
                .allSatisfy(plan -> assertThat(state.reason(plan.id())).isNotBlank());
        int full = tonight().size();
        after(Do.FILL);
        assertThat(tonight()).hasSize(full);
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Warn.class);
    }

    @Test
    void withoutAPartnerNobodyTakesTurns() {
        Edit alone = new Edit.OfCard(camp.card(), camp.card().withPartner(""));
        camp = alone.applyTo(camp);
        after(Do.TAKE_TURNS);
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Warn.class);
    }

    @Test
    void theFloorIsOnlyForAnEveningWithRounds() {
        after(Do.FLOOR);
        assertThat(last.effects()).containsExactly(new Effect.Go(StationName.FLOOR));
        while (!tonight().isEmpty()) {
            after(Do.REMOVE);
        }
        after(Do.FLOOR);
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Warn.class);
    }

    @Test
    void nothingIsDoneToACampWithoutLinesOrSession() {
        for (Do one : Do.values()) {
            Camp empty = Camp.empty(camp.card());
            Next<RoundsState> next = RoundsUpdate.update(DemoSituation.of(empty, RoundsState.FIRST), one);
            assertThat(DemoSituation.after(empty, next).rounds().size())
                    .as(one.name())
                    .isZero();
        }
    }
}
