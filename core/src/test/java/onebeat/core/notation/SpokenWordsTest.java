package onebeat.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Words as people type them (common practice).
class SpokenWordsTest {

    private static final Vocabulary ORTHODOX = Vocabulary.standard().spokenBy(Stance.ORTHODOX, Stance.SOUTHPAW);

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "jab cross; 1 2",
                "JAB; 1",
                "Jab, Cross, Hook; 1 2 3",
                "1,2,3; 1 2 3",
                "1-2-3; 1 2 3",
                "1b-2-3b; 1b 2 3b",
                "left hook; 3",
                "right hook; 4",
                "teep; lteep",
                "slip 2; slip-out 2",
                "RLOW; rlow",
                "jab cross lead hook rear low kick; 1 2 3 rlow",
                "(left hook) block 2; (4) block 2",
                "(jab) parry+cross; (1) parry+2",
                "body jab! cross; 1b! 2",
                "~jab cross; ~1 2",
                "[jab cross]*2 step off; [1 2]*2 off",
            })
    void wordsAreUnderstood(String typed, String shorthand) {
        Reading reading = Notation.read(typed, ORTHODOX);
        assertThat(reading).isInstanceOf(Read.class);
        assertThat(((Read) reading).canonical()).isEqualTo(shorthand);
    }

    @Test
    void leftAndRightFollowTheStance() {
        Vocabulary southpaw = Vocabulary.standard().spokenBy(Stance.SOUTHPAW, Stance.ORTHODOX);
        assertThat(((Read) Notation.read("left hook", southpaw)).canonical()).isEqualTo("4");
    }

    @Test
    void withoutAStanceLeftMeansNothingAndIsTold() {
        assertThat(Notation.read("left hook")).isInstanceOf(Misread.class);
    }

    /// A name that is two shorthands, such as `elbow tuck`, stays those two: the shorthand is for the coach's fingers.
    @Test
    void everyNameOfTheCatalogueIsUnderstoodAndEveryShorthandStaysItself() {
        for (Technique technique : Catalogue.standard().all()) {
            for (String said : new String[] {technique.name(), technique.code()}) {
                if (said.contains(" ") && isShorthand(said)) {
                    continue;
                }
                String line = technique.isReaction() ? "(" + said + ")" : said;
                Reading reading = Notation.read(line, ORTHODOX);
                assertThat(reading).as(line).isInstanceOf(Read.class);
                String code = technique.isReaction() ? "(" + technique.code() + ")" : technique.code();
                assertThat(((Read) reading).canonical()).as(line).startsWith(code);
            }
        }
    }

    private static boolean isShorthand(String said) {
        return Arrays.stream(said.split(" "))
                .allMatch(word -> Catalogue.standard().byCode(word).isPresent());
    }

    @Test
    void spansPointIntoWhatWasTyped() {
        Read read = (Read) Notation.read("jab  lead hook", ORTHODOX);
        assertThat(read.line().items().get(1).span()).isEqualTo(new Span(5, 14));
    }

    @Test
    void whatCannotBeGuessedIsOfferedItsNearestWords() {
        Misread misread = (Misread) Notation.read("1 slpi-in", ORTHODOX);
        assertThat(misread.nearest()).contains("slip-in");
    }
}
