package onebeat.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.stream.IntStream;
import onebeat.core.book.Proposal.Move;
import org.junit.jupiter.api.Test;

/// The gap between feed and answer in the book, and what a coach may ask of it.
class OneBeatTest {

    private static final LocalDate MONDAY = LocalDate.of(2027, 3, 1);

    private static Repetition done(int number, LocalDate day, double gap) {
        return new Repetition("p" + number, "r", "d1", day, 60, number, Judgement.CLEAN)
                .heard(gap < 0 ? Optional.empty() : Optional.of(gap), true);
    }

    @Test
    void eachDayHasItsMedianAndItsInterval() {
        List<Repetition> all = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            all.add(done(i, MONDAY, 100 + i));
        }
        all.add(done(30, MONDAY.plusDays(2), 60));
        all.add(done(31, MONDAY.plusDays(3), -1));
        SortedMap<LocalDate, OneBeatGap> days = OneBeatGap.byDay(all);
        assertThat(days.keySet()).containsExactly(MONDAY, MONDAY.plusDays(2));
        // Ranks of a median of 25 at 95 %: the 8th and the 18th value (Conover 1999, table A3; from memory).
        assertThat(days.firstEntry().getValue()).isEqualTo(new OneBeatGap(25, 112, 106, 118));
        assertThat(days.lastEntry().getValue()).isEqualTo(new OneBeatGap(1, 60, 60, 60));
    }

    @Test
    void aDrillGoesUpOnlyWhenItsAnswersWereHeardInOneBeat() {
        List<Repetition> slow = IntStream.range(0, 20)
                .mapToObj(i -> done(i, MONDAY, i < 14 ? 80 : 200))
                .toList();
        Ledger held = Ledger.of("d1", slow, List.of());
        assertThat(held.proposal(120, 0).orElseThrow().move()).isEqualTo(Move.UP);
        assertThat(held.proposal(120, 120).orElseThrow()).satisfies(next -> {
            assertThat(next.move()).isEqualTo(Move.AGAIN);
            assertThat(next.bpm()).isEqualTo(60);
        });
        assertThat(OneBeatBar.of(held.gaps(), 120)).isEqualTo(new OneBeatBar(14, 20, 120));
        List<Repetition> quick = IntStream.range(0, 20)
                .mapToObj(i -> done(i, MONDAY, i < 15 ? 80 : 200))
                .toList();
        assertThat(Ledger.of("d1", quick, List.of())
                        .proposal(120, 120)
                        .orElseThrow()
                        .move())
                .isEqualTo(Move.UP);
    }

    @Test
    void whereNobodyListenedNothingIsHeldBack() {
        List<Repetition> unheard =
                IntStream.range(0, 20).mapToObj(i -> done(i, MONDAY, -1)).toList();
        assertThat(Ledger.of("d1", unheard, List.of()).isHeldBack(120)).isFalse();
        assertThat(OneBeatBar.of(Collections.nCopies(50, 100.0), 120)).isEqualTo(new OneBeatBar(20, 20, 120));
    }

    @Test
    void aDayByEarGoesUpOnlyWhereMostOfWhatWasCalledIsJudged() {
        List<RoundRun> run = List.of(new RoundRun("r1", "r", "d1", MONDAY, 60, 180, 22));
        List<Repetition> heard =
                IntStream.range(0, 13).mapToObj(i -> done(i, MONDAY, 90)).toList();
        Ledger few = Ledger.of("d1", heard, run);
        assertThat(few.days().getFirst().leastJudged()).isEqualTo(18);
        assertThat(few.proposal(120).orElseThrow().move()).isEqualTo(Move.AGAIN);
        List<Repetition> most =
                IntStream.range(0, 18).mapToObj(i -> done(i, MONDAY, 90)).toList();
        assertThat(Ledger.of("d1", most, run).proposal(120).orElseThrow().move())
                .isEqualTo(Move.UP);
        List<Repetition> pressed =
                heard.stream().map(one -> one.judged(Judgement.CLEAN, "")).toList();
        assertThat(Ledger.of("d1", pressed, run).proposal(120).orElseThrow().move())
                .as("a coach who presses thirteen has seen thirteen")
                .isEqualTo(Move.UP);
    }

    @Test
    void whatIsPressedAfterwardsIsNoLongerHeard() {
        Repetition heard = done(1, MONDAY, 90);
        assertThat(heard.heard()).isTrue();
        Repetition pressed = heard.judged(Judgement.LATE, "");
        assertThat(pressed.heard()).isFalse();
        assertThat(pressed.oneBeatMs()).contains(90.0);
    }
}
