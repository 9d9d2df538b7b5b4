package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Stance;
import onebeat.core.film.FollowUps.After;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FilmTest {

    private static List<Exchange> film(String... lines) {
        List<Exchange> all = new ArrayList<>();
        for (String line : lines) {
            all.add(new Exchange(
                    "x" + (all.size() + 1),
                    "reel",
                    all.size() * 10.0,
                    1,
                    Who.ATHLETE,
                    Stance.ORTHODOX,
                    Stance.SOUTHPAW,
                    Optional.empty(),
                    line,
                    Outcome.NONE,
                    ""));
        }
        return all;
    }

    private static String told(Who who, String... lines) {
        StringBuilder told = new StringBuilder();
        for (After after : FollowUps.of(film(lines), who, Vocabulary.standard())) {
            after.responses()
                    .forEach(r -> told.append(after.stimulus())
                            .append("->")
                            .append(r.response())
                            .append(' ')
                            .append(r.share().n())
                            .append('/')
                            .append(r.share().of())
                            .append("; "));
        }
        return told.toString().strip();
    }

    @Test
    void countsWhatFollowedWhat() {
        assertThat(told(Who.PARTNER, "1 (parry)", "1 (parry)", "1 (slip-out)", "1b (low)"))
                .isEqualTo("1->parry 2/3; 1->slip-out 1/3; 1b->low 1/1;");
    }

    @Test
    void nothingDoneCountsAndNotNotedDoesNot() {
        assertThat(told(Who.PARTNER, "1 (none)", "1", "1 (parry)")).isEqualTo("1->none 1/2; 1->parry 1/2;");
    }

    @Test
    void levelAndFeintAreKeptAndIntentIsDropped() {
        assertThat(told(Who.PARTNER, "2! (high)", "2' (high)", "2 (high)", "~2 (high)", "2b (low)"))
                .isEqualTo("2->high 3/3; 2b->low 1/1; ~2->high 1/1;");
    }

    @Test
    void aDefenceAnswersTheStrikeThatItMeets() {
        assertThat(told(Who.PARTNER, "1 2 (catch slip-in)")).isEqualTo("1->catch 1/1; 2->slip-in 1/1;");
    }

    @Test
    void anAttackIsAResponseToo() {
        assertThat(told(Who.PARTNER, "1 (2) slip-in")).isEqualTo("1->2 1/1;");
    }

    @Test
    void theOtherSideIsAskedTheSameWay() {
        assertThat(told(Who.ATHLETE, "(1) parry 2", "(1) catch+2", "(1) slip-out"))
                .isEqualTo("1->catch 1/3; 1->parry 1/3; 1->slip-out 1/3;");
    }

    @Test
    void theExchangesBehindACountAreKnown() {
        After after = FollowUps.of(film("1 (parry)", "2 (high)", "1 (parry)"), Who.PARTNER, Vocabulary.standard())
                .getFirst();
        assertThat(after.responses().getFirst().exchanges()).containsExactly("x1", "x3");
    }

    @Test
    void linesThatCannotBeReadAreLeftOut() {
        assertThat(told(Who.PARTNER, "zap (parry)", "1 (parry)")).isEqualTo("1->parry 1/1;");
    }

    /// Wilson score intervals at 95 %, against the published comparison of Newcombe (1998), "Two-sided
    /// confidence intervals for the single proportion", Statistics in Medicine 17:857, table I, method 3
    /// (values from memory).
    @ParameterizedTest
    @CsvSource({"81, 263, 0.2553, 0.3662", "15, 148, 0.0624, 0.1605", "0, 20, 0.0000, 0.1611", "1, 29, 0.0061, 0.1718"})
    void sharesCarryWilsonIntervals(int n, int of, double low, double high) {
        Share share = Share.of(n, of);
        assertThat(share.low()).isCloseTo(low, within(0.00005));
        assertThat(share.high()).isCloseTo(high, within(0.00005));
        assertThat(share.share()).isBetween(share.low() - 1e-12, share.high());
    }

    @Test
    void aReelKnowsItsRounds() {
        Reel reel = new Reel("r", "reel", 540, 180);
        assertThat(reel.roundAt(0)).isEqualTo(1);
        assertThat(reel.roundAt(179.9)).isEqualTo(1);
        assertThat(reel.roundAt(180)).isEqualTo(2);
        assertThat(reel.roundAt(-3)).isEqualTo(1);
    }

    @Test
    void markedRoundsComeBeforeTheLengthOfARound() {
        Reel reel = new Reel("r", "reel", 540, 180).withRoundAt(252.5).withRoundAt(12);
        assertThat(reel.rounds()).containsExactly(12.0, 252.5);
        assertThat(reel.roundAt(3)).isEqualTo(1);
        assertThat(reel.roundAt(200)).as("a rest belongs to the round before").isEqualTo(1);
        assertThat(reel.roundAt(252.5)).isEqualTo(2);
        assertThat(reel.withRoundAt(250).rounds()).as("marked again, it goes").containsExactly(12.0);
        assertThat(reel.withRoundAt(250).withRoundAt(12).rounds()).containsExactly(0.0, 180.0, 360.0);
    }

    @Test
    void roundStartsAreReadAsTheyAreWritten() {
        List<Double> starts = List.of(12.0, 252.5);
        assertThat(RoundStarts.read(RoundStarts.words(starts))).isEqualTo(starts);
        assertThat(RoundStarts.read("  ")).isEmpty();
        assertThatThrownBy(() -> RoundStarts.read("12 soon")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> RoundStarts.read("-3")).hasMessageContaining("-3");
        assertThatThrownBy(() -> RoundStarts.read("NaN")).hasMessageContaining("NaN");
    }

    @Test
    void outcomesHaveTheirWords() {
        assertThat(Arrays.stream(Outcome.values()).map(Outcome::word))
                .containsExactly("clean", "partial", "blocked", "missed", "countered", "hurt", "none");
    }
}
