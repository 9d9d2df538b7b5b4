package onebeat.core.play;

import static onebeat.core.Lines.codes;
import static onebeat.core.Lines.drive;
import static onebeat.core.Lines.grade;
import static onebeat.core.Lines.step;
import static org.assertj.core.api.Assertions.assertThat;

import onebeat.core.Lines;
import onebeat.core.review.Code;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Facts F1 to F7 and F26 of the trade. All are common practice.
class FactsOfMechanicsTest {

    @ParameterizedTest
    @ValueSource(strings = {"2 3 rlow 3", "1 2 3 rlow", "1 6 3 rmid", "1 3 rlow 1 2", "2 3 rmid 3 2 3"})
    @DisplayName("F1: an alternating chain flows with power at each link")
    void alternatingChainsFlow(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(codes(line, setting))
                    .as(line + " " + setting)
                    .doesNotContain(Code.RELOAD, Code.ARM_ONLY, Code.LEG_LOADED);
        }
    }

    @Test
    @DisplayName("F1: the cross loads the lead hook, and the reverse")
    void eachSideLoadsTheOther() {
        assertThat(drive("2 3", 1)).isGreaterThan(drive("1 3", 1)).isGreaterThan(drive("3", 0));
        assertThat(drive("3 2", 1)).isGreaterThan(drive("2", 0));
        assertThat(drive("3 rlow", 1)).isGreaterThan(drive("rlow", 0));
        assertThat(drive("rlow 3", 1)).isGreaterThan(drive("3", 0));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1 3 3", "1 2 2", "1 rlow rlow", "1 2 3 3 2"})
    @DisplayName("F2: twice on the same side leaves little drive")
    void doublingCosts(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(codes(line, setting)).as(line).contains(Code.RELOAD);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1 3 reload 3",
                "1 2 reload 2",
                "1 2 3 reload 3 2",
                "1 3' 3",
                "1 2' 2",
                "1 3b 3",
                "1 3b/3",
                "2 3b 3 2"
            })
    @DisplayName("F2: a reload, a light first one, or body then head with the same hand saves it")
    void doublingCanBeSaved(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(codes(line, setting)).as(line).doesNotContain(Code.RELOAD, Code.ARM_ONLY);
        }
    }

    @Test
    @DisplayName("F2: head then body with the same hand is not saved by the legs")
    void onlyBodyThenHeadPushesUp() {
        assertThat(drive("3b 3", 1)).isGreaterThan(drive("3 3", 1) * 1.5);
    }

    @Test
    @DisplayName("F3: the jab hardly turns the body, so a lead hook behind it works")
    void jabHardlyTurns() {
        assertThat(Math.abs(step("1", 0).after().turn())).isLessThan(0.25);
        assertThat(step("1 3", 1).impact().orElseThrow().grade()).isNotEqualTo(Grade.ARM);
    }

    @Test
    @DisplayName("F3: the hook behind a jab is better with a small step or hop on it")
    void stepOrHopHelpsTheHook() {
        assertThat(drive("1 hop+3", 2)).isGreaterThan(drive("1 3", 1));
        assertThat(drive("1 in+3", 2)).isGreaterThan(drive("1 3", 1));
    }

    @Test
    @DisplayName("F4: after a full-power lead hook the rear low kick gets the whole counter-rotation")
    void fullHookGivesTheKick() {
        assertThat(grade("1 3! rlow", 2)).isEqualTo(Grade.FULL);
        assertThat(drive("1 3! rlow", 2)).isGreaterThan(drive("1 3' rlow", 2)).isGreaterThan(drive("1 rlow", 1));
    }

    @ParameterizedTest
    @ValueSource(strings = {"2 llow", "llow llow", "rlow rlow", "roll-rear rlow", "2 inlow"})
    @DisplayName("F4: a kick from the leg that carries the weight is found")
    void loadedLegIsFound(String line) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(codes(line, setting)).as(line).contains(Code.LEG_LOADED);
        }
    }

    @Test
    @DisplayName("F4: two lead kicks: hop for speed, switch for power")
    void hopOrSwitchBetweenLeadKicks() {
        assertThat(codes("llow hop llow")).doesNotContain(Code.LEG_LOADED, Code.RELOAD);
        assertThat(codes("llow switch llow")).doesNotContain(Code.LEG_LOADED, Code.RELOAD);
        assertThat(drive("llow switch llow", 2)).isGreaterThan(drive("llow hop llow", 2));
    }

    @Test
    @DisplayName("F5: a switch round kick takes two counts, a switch hook kick three")
    void switchKicksTakeTheirCounts() {
        assertThat(step("1 sw-mid 2", 1).beat().inBeats()).isEqualTo(2);
        assertThat(step("1 sw-mid 2", 2).beat().inBeats()).isEqualTo(3);
        assertThat(step("1 sw-hookkick", 1).beat().inBeats()).isEqualTo(3);
        assertThat(step("1 ~sw-mid 2", 2).beat().inBeats()).isEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"1/sw-mid", "1+sw-low", "in+sw-hookkick", "1 2/sw-high", "(1) catch+sw-mid"})
    @DisplayName("F5: joined or on the half beat a switch kick has too few counts")
    void joinedSwitchKicksAreShort(String line) {
        assertThat(codes(line)).as(line).contains(Code.COUNT_SHORT);
        assertThat(codes("1 sw-mid")).doesNotContain(Code.COUNT_SHORT);
    }

    @Test
    @DisplayName("F26: the same hand cannot do two things in one beat; the rear glove can catch while the lead jabs")
    void oneHandOneJob() {
        assertThat(codes("(1) catch+1", Lines.SAME)).doesNotContain(Code.SAME_HAND);
        assertThat(codes("(1) catch+2", Lines.SAME)).contains(Code.SAME_HAND);
        assertThat(codes("1+3")).contains(Code.SAME_HAND);
        assertThat(codes("1 3")).doesNotContain(Code.SAME_HAND);
    }

    @Test
    @DisplayName("F25, F26: in open pairing the lead hand catches, and the rear hand is the quick one")
    void openPairingChangesTheHands() {
        assertThat(codes("(1) catch+2", Lines.OPEN)).doesNotContain(Code.SAME_HAND);
        assertThat(codes("(1) catch+1", Lines.OPEN)).contains(Code.SAME_HAND);
    }

    @Test
    @DisplayName("A reload before a strike never lowers its drive")
    void reloadNeverHurts() {
        for (String first : new String[] {"1", "2", "3", "3b", "5", "6", "rlow", "llow", "rmid", "4", "slip-in"}) {
            for (String then : new String[] {"2", "3", "3b", "5", "6", "rlow", "lmid", "overhand", "elbow"}) {
                String plain = first + " _ " + then;
                String reloaded = first + " reload " + then;
                int at = first.contains("slip") ? 0 : 1;
                double without = Lines.way(plain)
                        .strikesOf(Who.ATHLETE)
                        .toList()
                        .get(at)
                        .impact()
                        .orElseThrow()
                        .drive();
                double with = Lines.way(reloaded)
                        .strikesOf(Who.ATHLETE)
                        .toList()
                        .get(at)
                        .impact()
                        .orElseThrow()
                        .drive();
                assertThat(with).as(reloaded).isGreaterThanOrEqualTo(without - 1e-12);
            }
        }
    }

    @Test
    @DisplayName("Mirror law: both stances swapped gives the same states to the last digit")
    void mirrorLaw() {
        for (String line :
                new String[] {"1 2 3 rlow", "(1 2) catch slip-in 5 2 3", "2 3b 3 switch 2 3", "(rlow) check 2"}) {
            PlayedWay one = Lines.play(line, Lines.ALL_SETTINGS.get(0)).ways().getFirst();
            PlayedWay other = Lines.play(line, Lines.ALL_SETTINGS.get(2)).ways().getFirst();
            for (int i = 0; i < one.steps().size(); i++) {
                assertThat(other.steps().get(i).impact())
                        .isEqualTo(one.steps().get(i).impact());
                assertThat(other.steps().get(i).after().turn())
                        .isEqualTo(one.steps().get(i).after().turn());
            }
        }
    }

    @Test
    @DisplayName("A lighter intent never raises its own power")
    void lighterIsNeverHarder() {
        for (String name : new String[] {"1", "2", "3", "6", "rlow", "lmid", "overhand"}) {
            double full = step("1 " + name + "!", 1).impact().orElseThrow().power();
            double normal = step("1 " + name, 1).impact().orElseThrow().power();
            double light = step("1 " + name + "'", 1).impact().orElseThrow().power();
            assertThat(full).isGreaterThan(normal);
            assertThat(normal).isGreaterThan(light);
        }
    }
}
