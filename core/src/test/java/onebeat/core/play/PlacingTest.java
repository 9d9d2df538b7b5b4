package onebeat.core.play;

import static onebeat.core.Lines.play;
import static onebeat.core.Lines.way;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import onebeat.core.Lines;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Notation;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlacingTest {

    private static String beats(String line) {
        StringBuilder told = new StringBuilder();
        for (Step step : way(line).steps()) {
            String act = Notation.print(step.placed().act());
            told.append(step.who() == Who.PARTNER ? "(" + act + ")" : act)
                    .append('@')
                    .append(step.beat().halves() / 2.0)
                    .append(' ');
        }
        return told.toString().strip();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            quoteCharacter = '`',
            value = {
                "1 2 3 > 1@0.0 2@1.0 3@2.0",
                "1/2/3 4 > 1@0.0 2@0.5 3@1.0 4@2.0",
                "1/2 3 > 1@0.0 2@0.5 3@1.0",
                "1 _ 2 > 1@0.0 2@2.0",
                "(1) parry 1 > (1)@0.0 parry@0.0 1@1.0",
                "(1) catch+1 > (1)@0.0 catch@0.0 1@0.0",
                "(1) catch/1 2 > (1)@0.0 catch@0.0 1@0.5 2@1.0",
                "(1 2) catch slip-in 5 2 3 > (1)@0.0 (2)@1.0 catch@0.0 slip-in@1.0 5@2.0 2@3.0 3@4.0",
                "(1 2) catch+1 slip-in 2 > (1)@0.0 (2)@1.0 catch@0.0 1@0.0 slip-in@1.0 2@2.0",
                "(1 2) 3 catch > (1)@0.0 (2)@1.0 3@2.0 catch@3.0",
                "(1) _ catch > (1)@0.0 catch@2.0",
                "1 2 (catch slip-in) 3 > 1@0.0 2@1.0 (catch)@0.0 (slip-in)@1.0 3@2.0",
                "1 (high) 2 > 1@0.0 (high)@0.0 2@1.0",
                "(3)+stiffjab 2 > (3)@0.0 stiffjab@0.0 2@1.0",
                "(1 2)+3 4 > (1)@0.0 (2)@1.0 3@1.0 4@2.0",
                "(1) catch (2) slip-in 3 > (1)@0.0 catch@0.0 (2)@1.0 slip-in@1.0 3@2.0",
                "(1 _ 2) parry > (1)@0.0 (2)@2.0 parry@0.0",
                "in+2b 3 > in@0.0 2b@0.0 3@1.0",
                "1 reload 2 > 1@0.0 reload@1.0 2@2.0"
            })
    void beatsFollowTheLine(String line, String expected) {
        assertThat(beats(line)).isEqualTo(expected);
    }

    @Test
    void defencesMeetStrikesInOrder() {
        PlayedWay way = way("(1 2) catch slip-in 5");
        assertThat(way.metBy(way.steps().get(0))
                        .orElseThrow()
                        .placed()
                        .technique()
                        .code())
                .isEqualTo("catch");
        assertThat(way.metBy(way.steps().get(1))
                        .orElseThrow()
                        .placed()
                        .technique()
                        .code())
                .isEqualTo("slip-in");
    }

    /// Which of the athlete's actions each of the partner's meets, by index; `-` where it is a posture.
    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "1 1b (parry) > 1",
                "3 rlow (check) > 1",
                "1 2 (catch slip-in) > 0 1",
                "1 2 (catch) > 1",
                "1 rlow (parry check) > 0 1",
                "2! ~2 (parry) > 1",
                "1 2 (check) > -",
                "3 (lblock) > -",
                "3 (rblock) > 0",
                "1 2 3 3b (slip-in) > -",
                "1 _ (parry) > -",
                "(parry) 2 > -",
                "1 (parry) 2 (parry) > 0 2"
            })
    @DisplayName("J4: a reaction is bound to the last strike or feint that it can meet by path, level, side and time")
    void reactionsBelongToTheirCause(String line, String bound) {
        StringBuilder told = new StringBuilder();
        for (Step step : way(line).of(Who.PARTNER).toList()) {
            told.append(
                            step.placed().meets().isPresent()
                                    ? "" + step.placed().meets().getAsInt()
                                    : "-")
                    .append(' ');
        }
        assertThat(told.toString().strip()).isEqualTo(bound);
    }

    @Test
    @DisplayName("J4: what meets nothing is a posture and takes no time")
    void aPostureTakesNoTime() {
        assertThat(beats("1 2 (check) 3")).isEqualTo("1@0.0 2@1.0 (check)@1.0 3@2.0");
        assertThat(beats("3 { (block): 2 | (none): 3 }")).startsWith("3@0.0 (block)@0.0 2@1.0");
    }

    @Test
    void aNewRunBeginsAfterTheMeetingHas() {
        PlayedWay way = way("(1 2) catch (3) block");
        assertThat(way.metBy(way.steps().get(1))).isEmpty();
        assertThat(way.metBy(way.steps().get(3))
                        .orElseThrow()
                        .placed()
                        .technique()
                        .code())
                .isEqualTo("block");
    }

    /// F25, common practice: the hand that parries, by pairing and level.
    @ParameterizedTest
    @CsvSource({
        "1,parry,REAR,LEAD", "2,parry,LEAD,REAR", "1b,parry,LEAD,REAR", "2b,parry,REAR,LEAD", "1,catch,REAR,LEAD",
        "3,block,REAR,LEAD", "4,block,LEAD,REAR", "3b,tuck,REAR,LEAD", "rlow,check,LEAD,REAR", "inlow,check,LEAD,LEAD",
        "2,slip-in,REAR,LEAD", "1,slip-out,REAR,LEAD", "2,lparry,LEAD,LEAD", "3,lblock,LEAD,LEAD"
    })
    void bareDefencesTakeTheirSide(String strike, String defence, Side same, Side open) {
        String line = "(" + strike + ") " + defence;
        assertThat(play(line, Lines.SAME)
                        .ways()
                        .getFirst()
                        .steps()
                        .get(1)
                        .placed()
                        .side())
                .isEqualTo(Optional.of(same));
        assertThat(play(line, Lines.OPEN)
                        .ways()
                        .getFirst()
                        .steps()
                        .get(1)
                        .placed()
                        .side())
                .isEqualTo(Optional.of(open));
    }

    @Test
    void readsForkIntoWaysThatShareTheirBeginning() {
        Played played = play("1 { (1): catch+1 | (3): block 3 | (none): 2 } rlow", Lines.SAME);
        assertThat(played.ways().stream().map(w -> w.way().branch())).containsExactly("a", "b", "c");
        List<Played.Numbered> numbered = played.numbered();
        assertThat(numbered.stream().filter(n -> n.step().placed().branch().isEmpty()))
                .hasSize(1);
        assertThat(numbered).extracting(Played.Numbered::number).doesNotHaveDuplicates();
        assertThat(numbered).hasSize(1 + 4 + 4 + 3);
    }

    @Test
    void setsAreUnrolledToTheirLongest() {
        assertThat(way("[1 2]*2..4").steps()).hasSize(8);
    }

    @Test
    void aStanceChangeCarriesOnFromRepetitionToRepetition() {
        PlayedWay way = way("[2 3b 3 2 5 6 elbow relbow switch]*2");
        assertThat(way.steps().get(8).after().stance()).isEqualTo(Stance.SOUTHPAW);
        assertThat(way.steps().getLast().after().stance()).isEqualTo(Stance.ORTHODOX);
        assertThat(way("1 sw-mid 2").steps().getLast().after().stance()).isEqualTo(Stance.ORTHODOX);
        assertThat(way("1 ~switch 2").steps().getLast().after().stance()).isEqualTo(Stance.ORTHODOX);
    }

    @Test
    void aSwitchRenamesTheBodyAndLeavesItWhereItIs() {
        Step step = Lines.step("2 switch", 1);
        assertThat(step.after().turn()).isEqualTo(-step.before().turn());
        assertThat(step.after().weight()).isEqualTo(-step.before().weight());
    }

    @Test
    void rangesAreKeptAndChanged() {
        assertThat(Lines.step("@mid 1", 0).range()).isEqualTo(Band.MID);
        assertThat(Lines.step("1 2 3", 2).range()).isEqualTo(Band.MID);
        assertThat(Lines.step("1 tie knee", 2).range()).isEqualTo(Band.CLINCH);
        assertThat(Lines.step("rlow", 0).range()).isEqualTo(Band.KICK);
    }

    @Test
    void driftIsPerBeatAndNotPerSecond() {
        Step later = Lines.step("2 _ 1", 1);
        assertThat(later.before().turn()).isEqualTo(Lines.step("2", 0).after().turn() * 0.65 * 0.65, within(1e-12));
    }

    @Test
    void handsAreBusyOnTheirBeatAndHomeAfterIt() {
        PlayedWay way = way("(1) catch+1 2");
        Moment first = way.at(Beat.START);
        assertThat(first.athlete().doing(Limb.REAR_ARM)).contains(1);
        assertThat(first.athlete().doing(Limb.LEAD_ARM)).contains(2);
        assertThat(way.at(Beat.whole(1)).athlete().doing(Limb.LEAD_ARM)).isEmpty();
        assertThat(way.at(Beat.whole(1)).athlete().doing(Limb.REAR_ARM)).contains(3);
    }
}
