package onebeat.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Finding;
import onebeat.core.review.StrikeChange;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Next;
import onebeat.desktop.bench.BenchAction.Change;
import onebeat.desktop.bench.BenchAction.Do;
import onebeat.desktop.bench.BenchAction.Enter;
import onebeat.desktop.bench.BenchAction.Laid;
import onebeat.desktop.bench.BenchAction.Look;
import onebeat.desktop.bench.BenchAction.LookAt;
import onebeat.desktop.bench.BenchAction.Looked;
import onebeat.desktop.bench.BenchAction.ToRounds;
import onebeat.desktop.bench.BenchAction.Weigh;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.rope.RopeMark;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What each action on the bench leads to, without a window.
class BenchUpdateTest {

    private Camp camp;
    private BenchState state;
    private Next<BenchState> last;

    @BeforeEach
    void demo() {
        camp = DemoSituation.camp();
        state = BenchState.first(seen(""));
    }

    private Seen seen(String line) {
        return LineWatch.see(line, camp.context());
    }

    private BenchUpdateTest after(BenchAction action) {
        last = BenchUpdate.update(DemoSituation.of(camp, state), action);
        camp = DemoSituation.after(camp, last);
        state = last.state();
        return this;
    }

    @Test
    void aNewLineIsKeptAndTheOneThatLiesThereIsChanged() {
        int before = camp.drills().size();
        after(new Enter(seen("1 2 off")));
        assertThat(camp.drills().size()).isEqualTo(before + 1);
        after(new Laid(Optional.of("d1"))).after(new Enter(seen("1 2 3 off")));
        assertThat(camp.drills().size()).isEqualTo(before + 1);
        assertThat(camp.drills().get("d1").orElseThrow().line()).isEqualTo("1 2 3 off");
        after(new Enter(seen("1 zap")));
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Warn.class);
    }

    @Test
    void aLineGoesIntoTonightKeptAndAsOneChange() {
        int rounds = camp.rounds().size();
        after(new ToRounds(seen("1 2 rlow off")));
        assertThat(camp.rounds().size()).isEqualTo(rounds + 1);
        assertThat(last.effects()).hasSize(1);
    }

    @Test
    void whatCannotBeReadLeavesTheLastReviewStanding() {
        after(new Looked(seen("1 2 off"))).after(new Looked(seen("1 2 of")));
        assertThat(state.review()).isPresent();
        after(new Looked(seen("")));
        assertThat(state.review()).isEmpty();
    }

    @Test
    void onAShorterLineTheMarkGoesBackToItsEnd() {
        after(new Looked(seen("1 2 3 rlow off")));
        for (int i = 0; i < 20; i++) {
            after(Do.ON);
        }
        assertThat(state.mark().beat()).isEqualTo(4.5);
        after(new Looked(seen("1 2 3 rlow circle-lead")));
        assertThat(state.mark().beat()).as("a line of the same length").isEqualTo(4.5);
        after(new Looked(seen("(1) catch")));
        assertThat(state.mark().beat()).isEqualTo(0.5);
    }

    @Test
    void theTempoIsTheDrillsAndStaysWithinItsBounds() {
        after(new Laid(Optional.of("d1")));
        for (int i = 0; i < 300; i++) {
            after(Do.FASTER);
        }
        assertThat(state.bpm()).isEqualTo(RoundPlan.MOST_BPM);
        assertThat(camp.drills().get("d1").orElseThrow().bpm()).isEqualTo(RoundPlan.MOST_BPM);
    }

    @Test
    void readsAreTurnedOverAndTheirCuesWeighed() {
        after(new Enter(seen("{ (1): parry 2 | (2): slip-in 3 } off")));
        String id =
                camp.drills().all().stream().reduce((_, b) -> b).orElseThrow().id();
        after(new Laid(Optional.of(id))).after(new Looked(seen("{ (1): parry 2 | (2): slip-in 3 } off")));
        assertThat(state.ways()).isEqualTo(2);
        after(Do.WAY_AFTER);
        assertThat(state.shownWay()).isEqualTo(1);
        after(Do.WAY_AFTER);
        assertThat(state.shownWay()).isZero();
        after(new Weigh(2));
        assertThat(state.odds(camp).weights(0, 2)).isEqualTo(List.of(1, 2));
        after(new Weigh(0));
        assertThat(state.odds(camp).weights(0, 2)).isEqualTo(List.of(1, 1));
    }

    /// Mirrored, both stand in their other stance; twice is as before.
    @Test
    void mirroredBothStandInTheirOtherStance() {
        var before = state.setting(camp);
        after(Do.MIRROR);
        assertThat(state.setting(camp).athlete().stance())
                .isEqualTo(before.athlete().stance().changed());
        assertThat(state.setting(camp).partner().stance())
                .isEqualTo(before.partner().stance().changed());
        after(Do.MIRROR);
        assertThat(state.setting(camp)).isEqualTo(before);
    }

    private Optional<String> put() {
        return last.effects().stream()
                .filter(Effect.PutLine.class::isInstance)
                .map(e -> ((Effect.PutLine) e).line())
                .findFirst();
    }

    @Test
    void theMarkGoesAlongTheRopeAndStaysOnIt() {
        after(new Looked(seen("1 2 off")));
        for (int i = 0; i < 30; i++) {
            after(Do.ON);
        }
        assertThat(state.mark().beat()).isEqualTo(2.5);
        for (int i = 0; i < 30; i++) {
            after(Do.BACK);
        }
        assertThat(state.mark().beat()).isEqualTo(-0.5);
    }

    @Test
    void whatLiesAtTheMarkIsChanged() {
        after(new Looked(seen("(1) catch+2 3 off"))).after(new Look(new RopeMark(1, Who.ATHLETE)));
        after(new Change(StrikeChange.FEINT));
        assertThat(put()).contains("(1) catch+2 ~3 off");
        after(new Change(StrikeChange.OUT));
        assertThat(put()).contains("(1) catch+2 off");
        after(new Look(new RopeMark(0.1, Who.PARTNER))).after(new Change(StrikeChange.SIDE));
        assertThat(put()).as("the partner's side of the beat").contains("(2) catch+2 3 off");
    }

    @Test
    void whereNothingCanBeChangedNothingIs() {
        after(new Looked(seen("1 off"))).after(new Look(new RopeMark(1, Who.ATHLETE)));
        after(new Change(StrikeChange.WEIGHT));
        assertThat(last.effects()).singleElement().isInstanceOf(Effect.Warn.class);
        assertThat(DemoSituation.of(camp, state))
                .satisfies(here -> assertThat(
                                BenchCommands.TABLE.stream().filter(c -> c.id().equals("bench.strike.weight")))
                        .allMatch(c -> !c.applies().test(here)));
    }

    @Test
    void aPressedFindingIsLookedAtOnTheWayItStandsOn() {
        after(new Looked(seen("1 { (1): catch+1 | (3): block 3 } off")));
        Finding finding = state.review().orElseThrow().findings().stream()
                .filter(f -> !f.spans().isEmpty())
                .findFirst()
                .orElseThrow();
        after(new LookAt(finding));
        assertThat(state.step().orElseThrow().placed().span()).isIn(finding.spans());
    }

    @Test
    void mirroredBothStandInTheirOtherStanceAndTwiceAsTheyAre() {
        Setting usual = state.setting(camp);
        after(Do.MIRROR);
        Setting turned = state.setting(camp);
        assertThat(turned.athlete().stance()).isEqualTo(usual.athlete().stance().changed());
        assertThat(turned.partner().stance()).isEqualTo(usual.partner().stance().changed());
        assertThat(last.effects()).contains(new BenchEffect.LookAgain());
        after(Do.MIRROR);
        assertThat(state.setting(camp)).isEqualTo(usual);
    }
}
