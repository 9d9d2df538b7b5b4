package onebeat.core.wording;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import onebeat.core.Lines;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Lines in words, as a coach calls them to a fighter (common practice).
class WordingTest {

    private static String said(Scheme scheme, Stance stance, String line) {
        Read read = (Read) Notation.read(line);
        return Wording.of(scheme, stance, Stance.ORTHODOX).of(read.line());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "1 2 3 rlow circle-lead # Jab, cross, left hook, right low kick, circle left",
                "(1) catch+2 3 off # Jab comes: catch and cross at once, left hook, step off the line",
                "1b (low) 2 3 # Jab to the body, both hands drop: cross, left hook",
                "(1 2) parry parry 2 # Jab, cross come: parry, parry, cross",
                "~2 (high) 3b! # Feint the cross, the guard goes high: hard left hook to the body",
                "[1 2]*2 off # 2 times (jab, cross), step off the line",
                "[1]*2..3 2 # 2 to 3 times jab, cross",
                "1 _ 2 # Jab, wait a beat, cross",
                "1/in 2 # Jab, then at once step in, cross",
                "{ (1): parry 2 | (none): 3b } off #"
                        + " If jab comes, parry, cross; if nothing comes, left hook to the body; then step off the line",
                "< 2 | 3 > off # Either cross or left hook; then step off the line",
            })
    void linesAreSaidForAnOrthodoxFighter(String line, String words) {
        assertThat(said(Scheme.LEFT_RIGHT, Stance.ORTHODOX, line)).isEqualTo(words);
    }

    @Test
    void aSouthpawLeadsWithTheRight() {
        assertThat(said(Scheme.LEFT_RIGHT, Stance.SOUTHPAW, "1 2 3 rlow circle-lead"))
                .isEqualTo("Jab, cross, right hook, left low kick, circle right");
    }

    @Test
    void afterASwitchTheSidesAreTurned() {
        assertThat(said(Scheme.LEFT_RIGHT, Stance.ORTHODOX, "3 switch 3"))
                .isEqualTo("Left hook, switch step, right hook");
    }

    @Test
    void sidesCanBeLeadAndRearAndPunchesNumbers() {
        assertThat(said(Scheme.LEAD_REAR, Stance.SOUTHPAW, "3 rlow circle-lead"))
                .isEqualTo("Lead hook, rear low kick, circle lead");
        assertThat(said(Scheme.NUMBERS, Stance.ORTHODOX, "1 2 3b rlow"))
                .isEqualTo("1, 2, 3 to the body, right low kick");
    }

    @Test
    void theCoachsOwnWordsComeFirst() {
        Wording own = new Wording(Scheme.LEFT_RIGHT, Stance.ORTHODOX, Stance.SOUTHPAW, "Noor", Map.of("rlow", "chop"));
        assertThat(own.of(Lines.read("1 rlow").line())).isEqualTo("Jab, chop");
    }

    @Test
    void everyTechniqueHasWordsWithoutShorthandOrGuessedGender() {
        for (Technique technique : Catalogue.standard().all()) {
            String line = technique.isReaction() ? "(" + technique.code() + ")" : technique.code();
            String words = said(Scheme.LEFT_RIGHT, Stance.ORTHODOX, line);
            assertThat(words)
                    .as(technique.code())
                    .doesNotContain("{")
                    .doesNotContainPattern("\\b(he|him|his|she|her)\\b");
            assertThat(words).doesNotContainPattern("\\b(lead|rear)\\b(?! toes| hand| leg)");
        }
    }
}
