package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Stance;
import onebeat.core.film.PauseBeforeAttack.Advice;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import org.junit.jupiter.api.Test;

/// What film says of single moments: after a clean hit, and after a pause.
class MomentsTest {

    private final List<Exchange> film = new ArrayList<>();

    private void seen(double timeS, int round, Who starter, String line, Outcome outcome) {
        film.add(new Exchange(
                "x" + (film.size() + 1),
                "r1",
                timeS,
                round,
                starter,
                Stance.ORTHODOX,
                Stance.SOUTHPAW,
                Optional.empty(),
                line,
                outcome,
                ""));
    }

    private AfterCleanHit hit() {
        return AfterCleanHit.of(film, Vocabulary.standard()).orElseThrow();
    }

    @Test
    void whoWasNeverHitCleanHasNoSuchPage() {
        seen(1, 1, Who.ATHLETE, "1 (parry)", Outcome.BLOCKED);
        seen(2, 1, Who.PARTNER, "(2) parry", Outcome.CLEAN);
        assertThat(AfterCleanHit.of(film, Vocabulary.standard())).isEmpty();
    }

    @Test
    void theNextExchangeOfTheRoundTellsWhatChanges() {
        for (int i = 0; i < 10; i++) {
            seen(100 + 20 * i, 2, Who.ATHLETE, "2", Outcome.CLEAN);
            seen(110 + 20 * i, 2, Who.ATHLETE, "1 (out)", Outcome.MISSED);
            seen(500 + 20 * i, 3, Who.ATHLETE, "1 (parry)", Outcome.BLOCKED);
        }
        assertThat(hit().hits()).isEqualTo(Map.of(2, 10));
        AfterCleanHit.Change change = hit().clearest().orElseThrow();
        assertThat(change.reaction()).isEqualTo(Reaction.GOES_BACK);
        assertThat(change.shares().here()).isEqualTo(Share.of(10, 10));
        assertThat(change.shares().there().n()).isZero();
        assertThat(hit().exchanges()).contains("x1", "x2").doesNotContain("x3");
    }

    @Test
    void aHitAtTheEndOfARoundSaysNothingOfTheNext() {
        seen(170, 1, Who.ATHLETE, "2", Outcome.CLEAN);
        seen(190, 2, Who.ATHLETE, "1 (out)", Outcome.MISSED);
        assertThat(hit().changes()).isEmpty();
        assertThat(hit().exchanges()).isEmpty();
    }

    @Test
    void severalKindsAreNotClearOnlyBecauseTheyAreSeveral() {
        // One table alone would be clear: 5 of 8 against 1 of 9 gives p 0.0498 in Fisher's exact test; three kinds are
        // looked at.
        String[] hit = {"1 (out)", "1 (out)", "1 (out)", "1 (out)", "1 (out)", "1 (parry)", "1 (parry)", "1 (2)"};
        String[] other = {
            "1 (out)", "1 (parry)", "1 (parry)", "1 (parry)", "1 (parry)", "1 (2)", "1 (2)", "1 (2)", "1 (2)"
        };
        int round = 0;
        for (String line : hit) {
            seen(10, ++round, Who.ATHLETE, "2", Outcome.CLEAN);
            seen(12, round, Who.ATHLETE, line, Outcome.MISSED);
        }
        for (String line : other) {
            seen(10, ++round, Who.ATHLETE, "2", Outcome.BLOCKED);
            seen(12, round, Who.ATHLETE, line, Outcome.MISSED);
        }
        assertThat(hit().changes()).hasSize(3);
        assertThat(hit().changes().getFirst().reaction()).isEqualTo(Reaction.GOES_BACK);
        assertThat(hit().changes().getFirst().shares().p()).isBetween(0.05, 0.3);
        assertThat(hit().clearest()).isEmpty();
    }

    private void attacks(double pause, Outcome outcome, int many) {
        for (int i = 0; i < many; i++) {
            double at = 100 * film.size();
            seen(at, 1, Who.PARTNER, "(1) parry", Outcome.NONE);
            seen(at + pause + i * 0.01, 1, Who.ATHLETE, "2", outcome);
        }
    }

    @Test
    void whatLandedAfterAPauseAdvisesToWait() {
        attacks(6, Outcome.CLEAN, 9);
        attacks(2, Outcome.MISSED, 10);
        attacks(3, Outcome.NONE, 5);
        PauseBeforeAttack pause = PauseBeforeAttack.of(film).orElseThrow();
        assertThat(pause.landed()).isCloseTo(6.04, within(1e-9));
        assertThat(pause.landedOf()).isEqualTo(9);
        assertThat(pause.failed()).isCloseTo(2.045, within(1e-9));
        assertThat(pause.failedOf()).isEqualTo(10);
        assertThat(pause.advice()).isEqualTo(Advice.WAIT);
        assertThat(pause.exchanges()).hasSize(9);
    }

    @Test
    void theSamePausesAdviseNothingAndShortOnesToFollow() {
        attacks(4, Outcome.CLEAN, 8);
        attacks(4, Outcome.COUNTERED, 8);
        assertThat(PauseBeforeAttack.of(film).orElseThrow().advice()).isEqualTo(Advice.UNCLEAR);
        film.clear();
        attacks(1, Outcome.PARTIAL, 8);
        attacks(4, Outcome.BLOCKED, 8);
        assertThat(PauseBeforeAttack.of(film).orElseThrow().advice()).isEqualTo(Advice.FOLLOW_AT_ONCE);
    }

    @Test
    void fewAttacksSayNothing() {
        attacks(4, Outcome.CLEAN, 20);
        attacks(1, Outcome.MISSED, 7);
        assertThat(PauseBeforeAttack.of(film)).isEmpty();
    }

    /// Mann and Whitney's U, worked by hand: {1, 2, 3} against {4, 5, 6} has U = 0, one of twenty orders, so that p =
    /// 0.1
    /// on both sides; with eight on each side the same order has p = 2 / 12870.
    @Test
    void thePValueIsThatOfTheExactTest() {
        attacks(1, Outcome.CLEAN, 8);
        attacks(2, Outcome.MISSED, 8);
        assertThat(PauseBeforeAttack.of(film).orElseThrow().p()).isCloseTo(2.0 / 12_870, within(1e-12));
    }
}
