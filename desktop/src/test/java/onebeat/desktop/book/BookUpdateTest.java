package onebeat.desktop.book;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.rounds.RoundPlan;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Next;
import onebeat.desktop.app.StationName;
import onebeat.desktop.book.BookAction.Do;
import onebeat.desktop.book.BookAction.Noted;
import onebeat.desktop.book.BookAction.Search;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What each action in the book leads to, without a window.
class BookUpdateTest {

    private Camp camp;
    private BookState state = BookState.FIRST;
    private Next<BookState> last;

    @BeforeEach
    void demo() {
        camp = DemoSituation.camp();
    }

    private BookUpdateTest after(BookAction action) {
        last = BookUpdate.update(DemoSituation.of(camp, state), action);
        camp = DemoSituation.after(camp, last);
        state = last.state();
        return this;
    }

    private Drill chosen() {
        return BookPicture.chosen(DemoSituation.of(camp, state)).orElseThrow();
    }

    private int rounds() {
        return camp.roundsOf(camp.sessionOn(DemoSituation.DAY).orElseThrow().id())
                .size();
    }

    @Test
    void theWholeProposalComesIntoTonightAndLeadsThere() {
        int before = rounds();
        after(Do.TAKE_PROPOSAL);
        assertThat(rounds()).isEqualTo(before + BookPicture.NEXT);
        assertThat(last.effects())
                .singleElement()
                .satisfies(effect ->
                        assertThat(((Effect.Save) effect).then()).contains(new Effect.Go(StationName.ROUNDS)));
    }

    @Test
    void theCoachDecidesInTurnAndTheLineComesAsDecided() {
        Drill before = chosen();
        after(Do.DECIDE);
        assertThat(chosen().overruled()).isNotEmpty();
        int up = chosen().bpm();
        after(Do.DECIDE);
        assertThat(chosen().bpm()).isLessThan(up);
        after(Do.TAKE_LINE);
        RoundPlan round = camp.roundsOf(
                        camp.sessionOn(DemoSituation.DAY).orElseThrow().id())
                .getLast();
        assertThat(round.bpm()).isEqualTo(chosen().bpm());
        assertThat(round.drillId()).isEqualTo(before.id());
    }

    @Test
    void aNoteIsKeptAndFound() {
        String id = chosen().id();
        after(new Noted(id, "Drops the hand after the hook"));
        assertThat(camp.notesOf(id)).extracting(n -> n.text()).contains("Drops the hand after the hook");
        after(new Search("drops the hand"));
        assertThat(chosen().id()).isEqualTo(id);
        after(new Search("zebra"));
        assertThat(BookPicture.chosen(DemoSituation.of(camp, state))).isEmpty();
        after(Do.TO_BENCH);
        assertThat(last.effects()).as("nothing is chosen").isEmpty();
    }

    @Test
    void inAPartnersBookNothingIsDecided() {
        String partner = camp.partners().all().iterator().next().id();
        state = BookState.FIRST.of(partner);
        for (Do one : new Do[] {Do.TAKE_PROPOSAL, Do.TAKE_LINE, Do.DECIDE}) {
            after(one);
            assertThat(last.effects())
                    .as(one.name())
                    .allSatisfy(e -> assertThat(e).isInstanceOf(Effect.Warn.class));
        }
    }

    @Test
    void theRowsGoRound() {
        int size = BookPicture.entries(camp, "").size();
        after(Do.LINE_UP);
        assertThat(state.row()).isEqualTo(size - 1);
        after(Do.LINE_DOWN);
        assertThat(state.row()).isZero();
    }
}
