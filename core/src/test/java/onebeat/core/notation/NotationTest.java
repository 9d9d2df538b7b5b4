package onebeat.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.Lines;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Notation.OwnReading;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NotationTest {

    private static Misread misread(String text) {
        return switch (Notation.read(text)) {
            case Misread misread -> misread;
            case Read read -> throw new AssertionError("was read: " + read.canonical());
        };
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            quoteCharacter = '`',
            value = {
                "1h > 1",
                "1.body > 1b",
                "3b > 3b",
                "rmid.head > rhigh",
                "rhigh.body! > rmid!",
                "rlow.calf > rcalf",
                "  1\t 2   3  > 1 2 3",
                "\"lead hook\" > 3",
                "\"rear low kick\"' > rlow'",
                "( 1   2 ) catch slip-in > (1 2) catch slip-in",
                "[ 1 2 ]*3..5 > [1 2]*3..5",
                "[1 2]*3..3 > [1 2]*3",
                "{(1):catch+1|(none):2} 3 > { (1): catch+1 | (none): 2 } 3",
                "@long 1/2/3 _ ~2 (high) 3b! > @long 1/2/3 _ ~2 (high) 3b!",
                "2+catch > 2+catch",
                "catch+2 > catch+2",
                "overhand.head > overhand",
                "knee.head > knee.head",
                "(1 _ 2) parry _ parry > (1 _ 2) parry _ parry",
                "in+2b > in+2b"
            })
    void printsTheCanonicalForm(String typed, String canonical) {
        assertThat(Lines.read(typed).canonical()).isEqualTo(canonical);
    }

    @Test
    void everyNameAtEveryLevelIsStable() {
        for (Technique technique : Catalogue.standard().all()) {
            if (technique.isReaction()) {
                assertThat(Lines.read("1 (" + technique.code() + ")").canonical())
                        .isEqualTo("1 (" + technique.code() + ")");
                continue;
            }
            assertThat(Lines.read(technique.code()).canonical()).isEqualTo(technique.code());
            assertThat(Lines.read('"' + technique.name() + '"').canonical()).isEqualTo(technique.code());
            for (Level level : technique.levels().keySet()) {
                String once = Lines.read(technique.code() + "." + level.word()).canonical();
                assertThat(Lines.read(once).canonical()).isEqualTo(once);
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            quoteCharacter = '`',
            value = {
                "1 2 rlov > 4 > rlov",
                "1 hok > 2 > hok",
                "1.leg > 0 > 1.leg",
                "~catch > 0 > ~catch",
                "~2! > 0 > ~2!",
                "high 2 > 0 > high",
                "catch.head > 0 > catch.head",
                "@far 1 > 1 > far",
                "[1 2]*0 > 6 > 0",
                "[1 2]*100 > 6 > 100",
                "[1]*5..3 > 7 > 3",
                "[1 2 > 4 > the end",
                "(1 > 2 > the end",
                "() 1 > 1 > )",
                "(1+2) 3 > 2 > +",
                "{ 1: 2 } > 2 > 1",
                "{ (1) 2 } > 6 > 2",
                "{ (1): } > 7 > }",
                "1 + 2 > 2 > +",
                "1# 2 > 1 > #",
                "\"doorstep\" 2 > 0 > doorstep",
                "1 \"lead > 2 > \"lead"
            })
    void saysWhereAndWhat(String text, int at, String got) {
        Misread misread = misread(text);
        assertThat(misread.at()).as(misread.sentence()).isEqualTo(at);
        assertThat(misread.got()).as(misread.sentence()).isEqualTo(got);
        assertThat(misread.expected()).isNotBlank();
    }

    @ParameterizedTest
    @CsvSource({"rlov,rlow", "catc,catch", "ovrehand,overhand", "circel-lead,circle-lead", "slip-inn,slip-in"})
    void namesTheNearestWord(String typed, String nearest) {
        assertThat(misread("1 " + typed).nearest()).first().isEqualTo(nearest);
    }

    @Test
    @DisplayName("J25: a chain strung with hyphens is read")
    void hyphensBetweenActionsAreRead() {
        assertThat(Notation.read("1-rlow-off"))
                .isInstanceOfSatisfying(
                        Read.class, read -> assertThat(read.canonical()).isEqualTo("1 rlow off"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "\u0000", "1\n2", "1\u00a02", "1\r", "\u0007", "\ud83e\udd4a", "1 \ud800"})
    void emptyAndControlCharactersAreMisread(String text) {
        assertThat(misread(text).expected()).isNotBlank();
    }

    @Test
    void limitsHold() {
        assertThat(misread("1 ".repeat(1001)).expected()).contains("2000");
        assertThat(Lines.read("[".repeat(16) + "1" + "]*1".repeat(16))).isNotNull();
        assertThat(misread("[".repeat(17) + "1" + "]*1".repeat(17)).expected()).contains("16");
        assertThat(misread("[[1 2]*99]*3").expected()).contains("500");
        assertThat(Lines.read("[[1 2]*25]*10")).isNotNull();
        assertThat(misread("[{ (1): 1 | (2): 2 }]*7").expected()).contains("64");
        assertThat(Lines.read("[{ (1): 1 | (2): 2 }]*6")).isNotNull();
        assertThat(misread("[[[_]*99]*99]*99").expected()).contains("500");
        assertThat(misread("[".repeat(1500))).isNotNull();
    }

    @Test
    void ownLinesAreUsedByName() {
        Vocabulary own = Vocabulary.standard()
                .with(List.of(new OwnLine("again", "\"doorstep\" 3"), new OwnLine("doorstep", "(1) catch+1 2")));
        assertThat(Notation.read("\"again\" rlow", own))
                .isInstanceOfSatisfying(
                        Read.class, read -> assertThat(read.canonical()).isEqualTo("\"again\" rlow"));
        assertThat(Notation.read("\"again\"+2", own)).isInstanceOf(Misread.class);
    }

    @Test
    void ownLinesThatCallEachOtherAreLeftOut() {
        Vocabulary own = Vocabulary.standard().with(List.of(new OwnLine("a", "\"b\" 1"), new OwnLine("b", "\"a\" 2")));
        assertThat(own.ownNames()).isEmpty();
    }

    @Test
    void anOwnLineIsDefined() {
        assertThat(Notation.readOwn("\"doorstep\" = (1)  catch+1h 2", Vocabulary.standard()))
                .isEqualTo(new OwnReading.Defined(new OwnLine("doorstep", "(1) catch+1 2")));
        assertThat(Notation.readOwn("\"jab\" = 1", Vocabulary.standard())).isInstanceOf(OwnReading.NotDefined.class);
        assertThat(Notation.readOwn("\"x\" = 1 zap", Vocabulary.standard()))
                .isInstanceOfSatisfying(
                        OwnReading.NotDefined.class,
                        not -> assertThat(not.why().at()).isEqualTo(8));
    }
}
