package onebeat.core.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import onebeat.core.Lines;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Technique;
import onebeat.core.rounds.Scheme;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Rule sets, and what a school changes in them.
class SchoolTest {

    private static boolean allows(String rules, String technique, Level level) {
        return RuleSet.of(rules).orElseThrow().allows(Catalogue.standard().get(technique), level);
    }

    @Test
    @DisplayName("Boxing: punches to head and body and nothing else (IBA Technical and Competition Rules; from memory)")
    void boxing() {
        for (Technique technique : Catalogue.standard().all()) {
            if (!technique.isStrike()) {
                continue;
            }
            for (Level level : technique.levels().keySet()) {
                boolean fist = technique.family() == Family.PUNCH
                        && !technique.code().equals("backfist")
                        && !technique.code().equals("spinfist");
                assertThat(allows("boxing", technique.code(), level))
                        .as(technique.code())
                        .isEqualTo(fist);
            }
        }
        assertThat(allows("boxing", "tie", Level.NONE)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        "kickboxing, elbow, HEAD, false", "kickboxing, knee, BODY, true", "kickboxing, rlow, LEG, true",
        "kickboxing, spinfist, HEAD, true", "kickboxing, doublecollar, NONE, false", "kickboxing, tie, NONE, true",
        "muaythai, elbow, HEAD, true", "muaythai, doublecollar, NONE, true", "muaythai, rcalf, CALF, true",
        "mixed, elbow, HEAD, true", "mixed, turn, NONE, true"
    })
    @DisplayName("What may go where (WAKO K-1, IFMA and unified mixed rules; from memory)")
    void targets(String rules, String technique, Level level, boolean allowed) {
        assertThat(allows(rules, technique, level)).isEqualTo(allowed);
    }

    @ParameterizedTest
    @CsvSource({"boxing, 180, 60", "muaythai, 180, 120", "mixed, 300, 60"})
    @DisplayName(
            "Round lengths: professional boxing 3 and 1, Muay Thai 3 and 2, unified mixed rules 5 and 1; from memory")
    void roundLengths(String id, int workS, int restS) {
        Scheme scheme = Scheme.byId(id).orElseThrow();
        assertThat(scheme.workS()).isEqualTo(workS);
        assertThat(scheme.restS()).isEqualTo(restS);
        assertThat(RuleSet.of(id)).isPresent();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "boxing",
                "muaythai NAKED_HOOK=note",
                "kickboxing elbow=head clinch=hold kick=none",
                "mixed ROLL_UNDER_KNEES=stop rlow=leg+calf"
            })
    void wordsAreStable(String words) {
        School school = School.parse(words);
        assertThat(School.parse(school.words())).isEqualTo(school);
        assertThat(School.parse(school.words()).words()).isEqualTo(school.words());
    }

    @Test
    void aSchoolChangesTheReview() {
        School school = School.parse("kickboxing elbow=head NAKED_HOOK=stop");
        Context context = Context.of(Lines.SAME).with(school.ruleSet()).with(school.allSeverities());
        assertThat(Review.of(Lines.read("1 3 elbow off"), context).findings(Code.AGAINST_RULES))
                .isEmpty();
        assertThat(Lines.review("1 3 elbow off").findings(Code.AGAINST_RULES)).hasSize(1);
        assertThat(Review.of(Lines.read("3 2 off"), context).hasStop()).isTrue();
        assertThat(school.ruleSet().id()).isEqualTo("own");
        School strict = School.parse("kickboxing kick=none");
        assertThat(Review.of(Lines.read("1 rlow off"), Context.of(Lines.SAME).with(strict.ruleSet()))
                        .findings(Code.AGAINST_RULES))
                .hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"wrestling, wrestling", "NAKED_HOOK=loud, severity", "bite=head, no technique", "elbow=knee, levels"})
    void wrongWordsAreNamed(String words, String said) {
        assertThatThrownBy(() -> School.parse(words))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(said);
    }

    @Test
    void whatIsAskedOfAnswersInOneBeatComesBack() {
        School asked = School.parse("kickboxing one-beat=120");
        assertThat(asked.oneBeatMs()).isEqualTo(120);
        assertThat(School.parse(asked.words())).isEqualTo(asked);
        assertThat(School.usual().oneBeatMs()).isZero();
        assertThatThrownBy(() -> School.parse("one-beat=soon")).hasMessageContaining("one-beat=soon");
    }
}
