package onebeat.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import onebeat.core.RandomLines;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Play;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StrikeChangeTest {

    private static List<Step> steps(Read read) {
        return Play.of(read.line(), Setting.usual()).ways().getFirst().steps();
    }

    private static Optional<String> changed(String line, int step, StrikeChange change) {
        Read read = (Read) Notation.read(line);
        return change.of(read, steps(read).get(step), Vocabulary.standard());
    }

    @ParameterizedTest
    @CsvSource({
        "1 2 3 off,          1, OUT,    1 3 off",
        "(1) catch+2 3,      2, OUT,    (1) catch 3",
        "(1) catch+2 3,      1, OUT,    (1) 2 3",
        "1 2 3,              1, FEINT,  1 ~2 3",
        "1 ~2 3,             1, FEINT,  1 2 3",
        "1 2! 3,             1, FEINT,  1 ~2 3",
        "1 2,                0, LEVEL,  1b 2",
        "1b 2,               0, LEVEL,  1 2",
        "1 3 off,            1, SIDE,   1 4 off",
        "rlow,               0, SIDE,   llow",
        "1 2 off,            1, WEIGHT, 1 2! off",
        "1 2! off,           1, WEIGHT, 1 2' off",
        "1 2' off,           1, WEIGHT, 1 2 off",
        "(1) catch 2,        0, FEINT,  (~1) catch 2",
    })
    void oneThingIsChangedAndTheRestStays(String line, int step, StrikeChange change, String wanted) {
        assertThat(changed(line, step, change)).contains(wanted);
    }

    @Test
    void whatCannotBeChangedIsNoChange() {
        assertThat(changed("off", 0, StrikeChange.FEINT))
                .as("a step is no strike")
                .isEmpty();
        assertThat(changed("off", 0, StrikeChange.OUT))
                .as("nothing would be left")
                .isEmpty();
        assertThat(changed("1 circle-lead", 1, StrikeChange.WEIGHT)).isEmpty();
    }

    /// Whatever is changed in whatever line: the answer is a line that can be read, and another one.
    @Test
    void everyChangeIsALineAgain() {
        Random random = new Random(20_270_304);
        int made = 0;
        for (int i = 0; i < 400; i++) {
            Read read = (Read) Notation.read(RandomLines.line(random, 1));
            for (Step step : steps(read)) {
                for (StrikeChange change : StrikeChange.values()) {
                    Optional<String> line = change.of(read, step, Vocabulary.standard());
                    if (line.isPresent()) {
                        made++;
                        assertThat(Notation.read(line.get()))
                                .isInstanceOfSatisfying(
                                        Read.class,
                                        again -> assertThat(again.canonical())
                                                .isEqualTo(line.get())
                                                .isNotEqualTo(read.canonical()));
                    }
                }
            }
        }
        assertThat(made).isGreaterThan(2_000);
    }
}
