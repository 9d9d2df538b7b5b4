package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import onebeat.core.Lines;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Finder.Query;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.RuleSet;
import onebeat.core.timing.Interception;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What a coach would pick: answers to the feeds of F25, to what the partner merely does, and setups for weapons.
/// Common practice.
class JudgementOfAnswersTest {

    private static final Setting OPEN_MIRRORED = Setting.of(Stance.SOUTHPAW, Stance.ORTHODOX);

    private static List<String> answers(String feed, Setting setting, String rules) {
        Context context = Context.of(setting).with(RuleSet.of(rules).orElseThrow());
        return AnswerList.of(new Query(feed, context, Repertoire.usual(), 4, 5), () -> false).answers().stream()
                .map(Answer::line)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "(1) ; (slip-out[ +]2|(parry|catch)[ +]1|slip-(in|out) 3)",
                "(1b) ; parry[ +]2",
                "(2b) ; (parry[ +]3|(block|tuck)[ +](6|2b|3b))",
                "(3) ; block[ +]3b?",
                "(4) ; (shield|block)[ +]2",
                "(overhand) ; (shield|block)[ +]2",
                "(3b) ; tuck[ +](6|5)",
                "(4b) ; tuck[ +](5|3|6)",
                "(2) ; (slip-in[ +](5|2|3)|parry[ +]2)",
                "(1 1) ; (catch|parry) slip-out[ +](2|3|overhand)",
                "(3b 4b) ; tuck tuck[ +](6|3|2)"
            })
    @DisplayName("J3, F25: among the first five answers stands a standard counter, under three rule sets")
    void standardCountersInTheSameStance(String feed, String counter) {
        for (Setting setting : List.of(Lines.SAME, Lines.ALL_SETTINGS.get(2))) {
            holds(feed, counter, setting);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "(1) ; ((catch|parry)[ +]2|slip-out 2|slip-in[ +]2)",
                "(1b) ; parry[ +]1",
                "(2) ; (parry[ +]1|slip-(in|out)[ +](2|3))",
                "(3) ; (block|shield)[ +]2",
                "(3b) ; tuck[ +](5|6)",
                "(4) ; (block|shield)[ +]3b?",
                "(4b) ; tuck[ +](5|3|6)",
            })
    @DisplayName("J3, F25: the same in open pairing, from the other sides")
    void standardCountersInOpenPairing(String feed, String counter) {
        for (Setting setting : List.of(Lines.OPEN, OPEN_MIRRORED)) {
            holds(feed, counter, setting);
        }
    }

    private static void holds(String feed, String counter, Setting setting) {
        Pattern pattern = Pattern.compile("^" + Pattern.quote(feed) + " " + counter + "\\b");
        for (String rules : List.of("boxing", "kickboxing", "muaythai")) {
            List<String> lines = answers(feed, setting, rules);
            assertThat(lines)
                    .as(feed + " " + rules + " " + setting.pairing())
                    .anyMatch(line -> pattern.matcher(line).find());
            for (String line : lines) {
                PlayedWay way = Lines.play(line, setting).ways().getFirst();
                assertThat(way.strikesOf(Who.PARTNER).map(f -> Interception.of(way, f)))
                        .as(line)
                        .doesNotContain(Interception.TRADED, Interception.UNMET);
            }
            assertThat(lines.stream().map(line -> withoutDefence(line, feed)).distinct())
                    .as("no two differ in the first defence only")
                    .hasSameSizeAs(lines);
        }
    }

    private static String withoutDefence(String line, String feed) {
        return line.substring(feed.length())
                .replaceFirst("^ (?!off|out|piv|circle)[a-z-]+[ +]", "")
                .replaceFirst(" circle-(lead|rear)$", "");
    }

    @ParameterizedTest
    @ValueSource(strings = {"(chase)", "(in)", "(reach)", "(retreat)", "(turned)"})
    @DisplayName("J13: what the partner merely does can be asked for answers")
    void whatThePartnerMerelyDoes(String does) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(answers(does, setting, "kickboxing")).hasSize(5);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"kickboxing", "muaythai"})
    @DisplayName("J13, F25: a grab is framed off or broken first")
    void aGrabIsAnswered(String rules) {
        Context context = Context.of(Lines.SAME).with(RuleSet.of(rules).orElseThrow());
        List<String> lines = answers("(grab)", Lines.SAME, rules);
        assertThat(lines).isNotEmpty();
        for (String line : lines) {
            assertThat(Review.withoutMends(Lines.read(line), context).findings(onebeat.core.review.Code.GRABBED))
                    .as(line)
                    .isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "low kick ; 3!? (~3 )?\\((weight-lead|lean)\\) rlow",
                "calf kick ; inlow!? \\((turned|check)\\) rcalf",
                "head kick ; (3b|4b|1b|2b)!?.* rhigh",
                "clinch knee ; (3|overhand)!? .*tie knee",
                "body kick ; 3 \\((lean|block|high)\\) rmid",
                "hook kick ; (3b|1b)!? \\((low|tuck)\\) hookkick",
                "sw-hookkick ; \\[. sw-(mid|low)\\]\\*2\\.\\.3 . sw-hookkick"
            })
    @DisplayName(
            "J13, J23: the first line that is taught or built for a weapon is the setup that the trade names (F14, F16, F20, F21, F23)")
    void theTradesSetupComesFirst(String weapon, String setup) {
        Context context = Context.of(Lines.SAME).with(RuleSet.of("muaythai").orElseThrow());
        List<Answer> found = Setups.of(new Setups.Query(weapon, context, Repertoire.usual(), 10))
                .answers();
        assertThat(found.subList(0, 4)).as("a taught one among the first four").anyMatch(Answer::taught);
        assertThat(found.subList(0, 2))
                .as("the first taught and the first built")
                .anyMatch(
                        answer -> Pattern.compile(setup).matcher(answer.line()).find());
    }

    @Test
    @DisplayName("J13: the liver is reached by the left hand: the lead one in orthodox, the rear one in southpaw")
    void theLiver() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            String hook = setting.athlete().stance() == Stance.ORTHODOX ? "3b" : "4b";
            for (Answer answer : Setups.of(new Setups.Query("liver", Context.of(setting), Repertoire.usual(), 5))
                    .answers()) {
                assertThat(answer.line()).contains(" " + hook);
                PlayedWay way = Lines.play(answer.line(), setting).ways().getFirst();
                assertThat(Review.withoutMends(Lines.read(answer.line()), Context.of(setting))
                                .openings()
                                .getFirst()
                                .of(way.strikesOf(Who.ATHLETE).toList().getLast())
                                .orElseThrow()
                                .liver())
                        .as(answer.line())
                        .isTrue();
            }
        }
    }
}
