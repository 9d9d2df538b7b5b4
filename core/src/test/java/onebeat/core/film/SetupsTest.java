package onebeat.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import onebeat.core.Lines;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Side;
import onebeat.core.film.Setups.Query;
import onebeat.core.opening.PartnerModel;
import onebeat.core.opening.Posture;
import onebeat.core.opening.Stimulus;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.RuleSet;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Lines built backwards from a weapon hold the setups that are common practice.
class SetupsTest {

    private static Context context(boolean same) {
        Setting setting = same ? Lines.SAME : Lines.OPEN;
        return Context.of(setting).with(RuleSet.of("muaythai").orElseThrow());
    }

    /// The same question is asked once.
    private static final Map<String, Found> ASKED = new ConcurrentHashMap<>();

    private static Found asked(String weapon, boolean same) {
        return ASKED.computeIfAbsent(
                weapon + same, _ -> Setups.of(new Query(weapon, context(same), Repertoire.usual(), 10)));
    }

    private static List<String> lines(String weapon, boolean same) {
        return asked(weapon, same).answers().stream().map(Answer::line).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "rlow ; 3!? \\((weight-lead|lean)\\) rlow ; F21: a feared lead hook puts the weight on the lead leg or leans the opponent back",
                "rlow ; 3b 3 .*rlow ; F21: double the hook, head and body",
                "rcalf ; inlow!? \\((turned|check)\\) rcalf ; F14: when the opponent turns to check an inside kick",
                "rcalf ; \\(1b?\\) (parry|catch|slip-in|slip-out)\\+? ?rcalf ; F14: when the opponent reaches with the jab",
                "rcalf ; (off|piv|circle-lead|circle-rear) rcalf ; F14: from an angle off the line",
                "3 ; 2b!? \\(low\\) 3 ; F28: the cross to the body drops the hands, the lead hook goes to the head",
                "3 ; 1b!? \\(low\\) 3 ; F20: strikes to the body open the head",
                "3b ; (2|overhand|6)!? \\(high\\) 3b ; F20: strikes to the head open the body",
                "3b ; \\(.*\\) (parry|slip-in|slip-out)[+ ]3b ; F24, F25: behind a parried or slipped straight",
                "overhand ; (1b|3b)!? \\(low\\) overhand ; F20: strikes to the body open the head",
                "hookkick ; \\[.*\\]\\*2\\.\\.3 . hookkick ; F23: round kicks shown, then the hook kick",
                "sw-hookkick ; \\[. sw-(mid|low)\\]\\*2\\.\\.3 . sw-hookkick ; F23: a pattern shown, then the switch hook kick",
                "liver shot ; \\(high\\) [34]b ; F20: up, then down to the liver",
                "clinch knee ; (3|overhand)!? tie knee ; F16: in behind an overhand or a lead hook",
                "head kick ; (3b|1b)!? \\(low\\) rhigh ; F20: strikes to the body open the head",
                "head kick ; \\[1 rmid\\]\\*2\\.\\.3 1 rhigh ; F23: body kicks shown, then the head kick",
            })
    @DisplayName("common practice: the first ten lines hold the setups that coaches name, in both pairings")
    void holdsTheSetupsThatCoachesName(String weapon, String setup, String fact) {
        for (boolean same : new boolean[] {true, false}) {
            assertThat(lines(weapon, same))
                    .as("%s, %s pairing", fact, same ? "same" : "open")
                    .anyMatch(line -> Pattern.compile(setup).matcher(line).find());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"rlow", "rcalf", "3", "3b", "overhand", "hookkick", "liver", "clinch knee", "head kick"})
    void everyLineIsGoodAndSaysWhy(String weapon) {
        Found found = asked(weapon, false);
        assertThat(found.answers()).hasSizeBetween(weapon.equals("clinch knee") ? 2 : 10, 10);
        assertThat(found.looked()).isPositive();
        for (Answer answer : found.answers()) {
            Review review = Review.of(Lines.read(answer.line()), context(false));
            assertThat(review.hasStop()).as(answer.line()).isFalse();
            assertThat(answer.reasons()).hasSizeGreaterThanOrEqualTo(answer.taught() ? 1 : 3);
            assertThat(answer.reasons().getFirst()).as(answer.line()).isNotBlank();
        }
        for (boolean taught : new boolean[] {true, false}) {
            assertThat(found.answers().stream().filter(a -> a.taught() == taught))
                    .isSortedAccordingTo((a, b) ->
                            Double.compare(b.value().score(), a.value().score()));
        }
    }

    @Test
    @DisplayName(
            "this opponent's own odds rank the setups: one who never drops their hands is not set up by body shots")
    void filmChangesTheRanking() {
        Stimulus jab = new Stimulus("1", Level.BODY, Side.LEAD);
        PartnerModel drops = PartnerModel.usual().learned(Map.of(jab, Map.of(Posture.LOW, 60)), 8);
        PartnerModel stays = PartnerModel.usual().learned(Map.of(jab, Map.of(Posture.GUARD, 60)), 8);
        assertThat(rank("3", drops)).isLessThan(rank("3", stays));
    }

    private static int rank(String weapon, PartnerModel model) {
        List<String> lines =
                Setups.of(new Query(weapon, context(false).with(model), Repertoire.usual(), 40)).answers().stream()
                        .filter(answer -> !answer.taught())
                        .map(Answer::line)
                        .toList();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).startsWith("1b")) {
                return i;
            }
        }
        return lines.size();
    }

    @Test
    void whatIsNoWeaponHasNoLines() {
        assertThat(Setups.of(new Query("zap", context(true), Repertoire.usual(), 10))
                        .answers())
                .isEmpty();
        assertThat(Setups.isWeapon("parry", context(true))).isFalse();
        assertThat(Setups.isWeapon("rear calf kick", context(true))).isTrue();
    }
}
