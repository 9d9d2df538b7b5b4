package onebeat.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import onebeat.core.book.Ledger.Day;
import onebeat.core.book.Proposal.Move;
import onebeat.core.film.Share;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LedgerTest {

    private static final LocalDate MONDAY = LocalDate.of(2027, 3, 1);

    private static List<Repetition> repetitions(LocalDate day, int bpm, String judged) {
        List<Repetition> all = new ArrayList<>();
        for (char mark : judged.toCharArray()) {
            Judgement judgement = switch (mark) {
                case 'c' -> Judgement.CLEAN;
                case 'l' -> Judgement.LATE;
                case 'w' -> Judgement.WRONG;
                default -> Judgement.STOPPED;
            };
            all.add(new Repetition(day + "-" + all.size(), "r1", "d1", day, bpm, all.size() * 1000L, judgement));
        }
        return all;
    }

    @Test
    void daysAddUp() {
        List<Repetition> all = new ArrayList<>(repetitions(MONDAY, 60, "cclws"));
        all.addAll(repetitions(MONDAY.plusDays(2), 66, "ccc"));
        all.add(new Repetition("other", "r9", "d9", MONDAY, 60, 0, Judgement.CLEAN));
        List<RoundRun> runs = List.of(
                new RoundRun("n1", "r1", "d1", MONDAY, 60, 180, 17), new RoundRun("n2", "r2", "d1", MONDAY, 60, 90, 8));
        Ledger ledger = Ledger.of("d1", all, runs);
        assertThat(ledger.days()).hasSize(2);
        Day first = ledger.days().getFirst();
        assertThat(first.judged()).isEqualTo(5);
        assertThat(first.count(Judgement.CLEAN)).isEqualTo(2);
        assertThat(first.seconds()).isEqualTo(270);
        assertThat(first.called()).isEqualTo(25);
        assertThat(ledger.days().getLast().bpm()).isEqualTo(66);
    }

    @Test
    void aRoundThatRanUnjudgedStandsThereToo() {
        Ledger ledger = Ledger.of("d1", List.of(), List.of(new RoundRun("n1", "r1", "d1", MONDAY, 60, 180, 17)));
        assertThat(ledger.days().getFirst().clean()).isEmpty();
        assertThat(ledger.proposal()).isEmpty();
    }

    /// The move follows from the interval and not from the raw share: 4 of 5 is too little to go up on, 19
    /// of 20 is not.
    @ParameterizedTest
    @CsvSource({
        "ccccccccccccccccccc l, UP, 66",
        "cccc l, AGAIN, 60",
        "ccc, TOO_FEW, 60",
        "cc lllllllllll, BACK, 54",
        "ccccc lllll, AGAIN, 60"
    })
    void proposalsFollowTheInterval(String judged, Move move, int bpm) {
        Ledger ledger = Ledger.of("d1", repetitions(MONDAY, 60, judged.replace(" ", "")), List.of());
        Proposal proposal = ledger.proposal().orElseThrow();
        assertThat(proposal.move()).isEqualTo(move);
        assertThat(proposal.bpm()).isEqualTo(bpm);
    }

    @Test
    void aBadNightChangesTheProposal() {
        List<Repetition> all = new ArrayList<>(repetitions(MONDAY, 60, "c".repeat(20)));
        assertThat(Ledger.of("d1", all, List.of()).proposal().orElseThrow().move())
                .isEqualTo(Move.UP);
        all.addAll(repetitions(MONDAY.plusDays(1), 66, "clwswlwslwlwlw"));
        Proposal after = Ledger.of("d1", all, List.of()).proposal().orElseThrow();
        assertThat(after.move()).isEqualTo(Move.BACK);
        assertThat(after.bpm()).isEqualTo(60);
    }

    @Test
    void theTempoStaysInItsBounds() {
        Proposal up = Ledger.of("d1", repetitions(MONDAY, 300, "c".repeat(30)), List.of())
                .proposal()
                .orElseThrow();
        assertThat(up.bpm()).isLessThanOrEqualTo(300);
        assertThat(up.rung()).isEqualTo(Rung.BROKEN);
        Proposal back = Ledger.of("d1", repetitions(MONDAY, 22, "l".repeat(30)), List.of())
                .proposal()
                .orElseThrow();
        assertThat(back.bpm()).isEqualTo(20);
    }

    private static List<Repetition> at(Rung rung, int bpm, String judged) {
        return repetitions(MONDAY, bpm, judged).stream()
                .map(r -> new Repetition(
                        r.id(), r.roundId(), r.drillId(), r.date(), r.bpm(), r.atMs(), r.judgement(), rung, "", ""))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "WHOLE, 60, cccccccccccccccccccc, WHOLE, 66",
        "TEMPO, 138, cccccccccccccccccccc, BROKEN, 126",
        "PARTS, 42, cccccccccccccccccccc, SLOW, 56",
        "READS, 126, cccccccccccccccccccc, RANDOM, 126",
        "READS, 126, llllllllllllllll, BROKEN, 126",
        "BROKEN, 126, llllllllllllllll, TEMPO, 140",
        "LIVE, 140, cccccccccccccccccccc, LIVE, 140",
        "PARTS, 42, llllllllllllllll, PARTS, 36",
        "PARTS, 22, llllllllllllllll, PARTS, 20"
    })
    void aDrillClimbsFromStepToStep(Rung from, int bpm, String judged, Rung to, int toBpm) {
        Proposal next =
                Ledger.of("d1", at(from, bpm, judged), List.of()).proposal(140).orElseThrow();
        assertThat(next.rung()).isEqualTo(to);
        assertThat(next.bpm()).isEqualTo(toBpm);
    }

    @Test
    void whatIsCleanAtTheTopOfItsLadderIsKeptAndDoesNotGoUp() {
        Proposal top = Ledger.of("d1", at(Rung.LIVE, 120, "c".repeat(20)), List.of())
                .proposal(140)
                .orElseThrow();
        assertThat(top.move()).isEqualTo(Move.KEEP);
        assertThat(top.changesStep()).isFalse();
        assertThat(top.bpm()).isEqualTo(120);
    }

    @Test
    @DisplayName(
            "in time are the clean ones of those whose answer was right; wrong and stopped say nothing of the beat")
    void theOneBeatIsMeasuredOnRightAnswers() {
        Ledger ledger = Ledger.of("d1", repetitions(MONDAY, 60, "cccccccllwws"), List.of());
        Share inTime = ledger.inTime().orElseThrow();
        assertThat(inTime.n()).isEqualTo(7);
        assertThat(inTime.of()).isEqualTo(9);
        assertThat(inTime.low()).isLessThan(inTime.share());
        assertThat(Ledger.of("d1", repetitions(MONDAY, 60, "wws"), List.of()).inTime())
                .isEmpty();
    }

    @Test
    void theTempoReachedIsTheFastestThatWasMostlyClean() {
        List<Repetition> all = new ArrayList<>(repetitions(MONDAY, 60, "cccl"));
        all.addAll(repetitions(MONDAY.plusDays(2), 66, "cccl"));
        all.addAll(repetitions(MONDAY.plusDays(4), 72, "clll"));
        assertThat(Ledger.of("d1", all, List.of()).reached()).hasValue(66);
        assertThat(Ledger.of("d1", repetitions(MONDAY, 60, "lll"), List.of()).reached())
                .isEmpty();
    }

    @Test
    void stepsOfOneDayAreKeptApartAndFaultsAreCounted() {
        List<Repetition> all = new ArrayList<>(at(Rung.WHOLE, 60, "ccc"));
        all.add(new Repetition("x", "r1", "d1", MONDAY, 60, 1, Judgement.LATE, Rung.READS, "dropped", ""));
        List<Day> days = Ledger.of("d1", all, List.of()).days();
        assertThat(days.stream().map(Day::rung)).containsExactly(Rung.WHOLE, Rung.READS);
        assertThat(days.getLast().faults()).containsEntry("dropped", 1);
    }
}
