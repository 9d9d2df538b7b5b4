package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Stance;
import onebeat.core.film.WhenHurt.Advice;
import onebeat.core.film.WhenHurt.Reacted;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WhenHurtTest {

    private final List<Exchange> film = new ArrayList<>();

    private void seen(double timeS, Who starter, String line, Outcome outcome) {
        film.add(new Exchange(
                "x" + (film.size() + 1),
                "r1",
                timeS,
                1,
                starter,
                Stance.ORTHODOX,
                Stance.SOUTHPAW,
                Optional.empty(),
                line,
                outcome,
                ""));
    }

    private WhenHurt found() {
        return WhenHurt.of(film, Vocabulary.standard()).orElseThrow();
    }

    @Test
    void whoWasNeverShakenHasNoPage() {
        seen(10, Who.ATHLETE, "1 2 (parry)", Outcome.CLEAN);
        seen(12, Who.PARTNER, "(2) parry", Outcome.HURT);
        assertThat(WhenHurt.of(film, Vocabulary.standard()))
                .as("the athlete was shaken, not the opponent")
                .isEmpty();
    }

    @Test
    void onlyTheTenSecondsAfterBelongToIt() {
        seen(20, Who.ATHLETE, "2 (block)", Outcome.BLOCKED);
        seen(10, Who.ATHLETE, "2 3", Outcome.HURT);
        seen(9.9, Who.ATHLETE, "1 (out)", Outcome.MISSED);
        seen(20.1, Who.ATHLETE, "2 (2)", Outcome.COUNTERED);
        WhenHurt hurt = found();
        assertThat(hurt.times()).isEqualTo(1);
        assertThat(hurt.reactions()).containsExactly(new Reacted(Reaction.COVERS, Share.of(1, 1)));
        assertThat(hurt.landed()).contains(Share.of(0, 1));
        assertThat(hurt.punished()).contains(Share.of(0, 1));
        assertThat(hurt.exchanges()).containsExactly("x2", "x1");
        assertThat(hurt.advice()).isEqualTo(Advice.TOO_FEW);
    }

    @Test
    @DisplayName(
            "Common practice: a shaken fighter swings, ties up, runs or covers, and is told apart by the first of it")
    void whatTheyDoFirstIsCounted() {
        String[] lines = {"1 (2)", "1 (grab)", "1 (out)", "1 (block)", "1 (2)", "1 (none)"};
        for (int i = 0; i < lines.length; i++) {
            seen(100 * i, Who.ATHLETE, "2 3", Outcome.HURT);
            seen(100 * i + 3, Who.ATHLETE, lines[i], Outcome.NONE);
        }
        seen(1000, Who.ATHLETE, "2 3", Outcome.HURT);
        seen(1004, Who.PARTNER, "(3) block", Outcome.BLOCKED);
        assertThat(found().reactions())
                .contains(
                        new Reacted(Reaction.STRIKES_BACK, Share.of(3, 7)),
                        new Reacted(Reaction.TIES_UP, Share.of(1, 7)),
                        new Reacted(Reaction.GOES_BACK, Share.of(1, 7)),
                        new Reacted(Reaction.COVERS, Share.of(1, 7)),
                        new Reacted(Reaction.NOTHING, Share.of(1, 7)));
        assertThat(found().landed())
                .as("exchanges without an outcome say nothing")
                .isEmpty();
    }

    private WhenHurt after(int landed, int countered, int missed) {
        film.clear();
        int at = 0;
        for (int i = 0; i < landed + countered + missed; i++) {
            Outcome outcome = i < landed ? Outcome.CLEAN : i < landed + countered ? Outcome.COUNTERED : Outcome.MISSED;
            seen(at, Who.ATHLETE, "2 3", Outcome.HURT);
            seen(at + 2, Who.ATHLETE, "1 2", outcome);
            at += 60;
        }
        return found();
    }

    @Test
    @DisplayName("Common practice: a wild finish is countered; finish or wait is said only where the intervals part")
    void finishOrWaitIsSaidWhereItIsClear() {
        assertThat(after(9, 1, 2).advice()).isEqualTo(Advice.FINISH);
        assertThat(after(1, 9, 2).advice()).isEqualTo(Advice.WAIT);
        assertThat(after(4, 3, 1).advice()).isEqualTo(Advice.UNCLEAR);
        assertThat(after(3, 0, 0).advice()).isEqualTo(Advice.TOO_FEW);
        assertThat(after(9, 1, 2).landed()).contains(Share.of(9, 12));
    }
}
