package onebeat.core.timing;

import static onebeat.core.Lines.codes;
import static onebeat.core.Lines.way;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.Lines;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Path;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Beat;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.RuleSet;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/// Facts of time. All are common practice.
class FactsOfTimeTest {

    private static double ceiling(String line) {
        return Timing.ceiling(way(line)).orElseThrow().ceilingBpm();
    }

    @Test
    @DisplayName("F6: when a punch follows a kick the foot lands as the fist lands, not before it")
    void footAndFist() {
        PlayedWay way = way("rlow 2");
        Step kick = way.steps().getFirst();
        Link link = Timing.ceiling(way).orElseThrow();
        assertThat(link.neededMs())
                .isEqualTo(kick.placed().technique().motion().homeMs())
                .isLessThan(kick.placed().technique().motion().homeMs()
                        + way.steps().get(1).placed().technique().motion().contactMs());
    }

    @Test
    @DisplayName("F6: a second kick has to wait for the foot")
    void secondKickWaits() {
        assertThat(ceiling("rlow llow")).isLessThan(ceiling("rlow 1"));
    }

    @Test
    @DisplayName("F7: started together a straight punch arrives before a hook")
    void straightBeatsRound() {
        Catalogue all = Catalogue.standard();
        for (Technique straight : all.all()) {
            boolean plainStraight = straight.family() == Family.PUNCH && straight.path() == Path.STRAIGHT;
            if (plainStraight) {
                assertThat(Interception.arrivesFirst(straight, all.get("3")))
                        .as(straight.code())
                        .isTrue();
                assertThat(Interception.arrivesFirst(all.get("3"), straight))
                        .as(straight.code())
                        .isFalse();
            }
        }
    }

    @Test
    @DisplayName("F7: a naked lead hook is answered by a stiff jab started with it; the other way round it is not")
    void stiffJabDownTheMiddle() {
        assertThat(codes("(3)+stiffjab off")).doesNotContain(Code.UNANSWERED);
        assertThat(codes("(1)+3 off")).contains(Code.UNANSWERED);
    }

    @Test
    @DisplayName("F7: a lead hook that opens a line is naked; behind a jab, a feint or a defence it is not")
    void nakedHook() {
        Context boxing = Context.of(Lines.SAME).with(RuleSet.of("boxing").orElseThrow());
        for (String line : List.of("3 2", "in 3b 2")) {
            assertThat(Review.of(Lines.read(line), boxing).findings(Code.NAKED_HOOK))
                    .as(line)
                    .isNotEmpty();
        }
        for (String line : List.of("1 3 2", "~2 3 2", "(1) slip-out 3")) {
            assertThat(Review.of(Lines.read(line), boxing).findings(Code.NAKED_HOOK))
                    .as(line)
                    .isEmpty();
        }
    }

    @Test
    @DisplayName("Bursts of alternating straights reach 300 beats a minute; doubling the same hand does not")
    void burstsReachThreeHundred() {
        assertThat(ceiling("1 2 1 2 1 2")).isGreaterThanOrEqualTo(300);
        assertThat(ceiling("1 1")).isLessThan(300);
    }

    @Test
    @DisplayName("F19: behind a feinted cross the lead hook needs less time than behind a real one")
    void feintBringsTheHookEarlier() {
        double real = Timing.links(way("2 3"), Who.ATHLETE).getLast().neededMs();
        double feint = Timing.links(way("~2 3"), Who.ATHLETE).getLast().neededMs();
        assertThat(feint).isLessThan(real);
    }

    @Test
    @DisplayName("One beat: the catch and the return together are 0 beats, one … two is 1")
    void oneBeat() {
        assertThat(oneBeat("(1) catch+1", 2)).isZero();
        assertThat(oneBeat("(1) catch/1", 2)).isEqualTo(0.5);
        assertThat(oneBeat("(1) parry 1", 2)).isEqualTo(1);
        assertThat(Timing.oneBeat(
                        way("(1) parry 1 2"), way("(1) parry 1 2").steps().get(3)))
                .isEmpty();
    }

    private static double oneBeat(String line, int index) {
        PlayedWay way = way(line);
        return Timing.oneBeat(way, way.steps().get(index)).orElseThrow();
    }

    @Test
    void beatsBecomeMilliseconds() {
        assertThat(Timing.atMs(Beat.whole(3), 60)).isEqualTo(3000);
        assertThat(Timing.atMs(new Beat(3), 120)).isEqualTo(750);
    }

    @Test
    void aSingleActionHasNoCeiling() {
        assertThat(Timing.ceiling(way("2"))).isEmpty();
    }

    @Test
    @DisplayName("A link is counted from the action before and from the last one of the same hand")
    void linksLookBackToTheSameHand() {
        assertThat(Timing.links(way("1 2 1"), Who.ATHLETE))
                .extracting(l -> l.from() + ">" + l.to())
                .containsExactlyInAnyOrder("0>1", "1>2", "0>2");
        assertThat(Timing.links(way("1+catch"), Who.ATHLETE))
                .as("what is joined has no link")
                .isEmpty();
        assertThat(Timing.links(way("(1 2) parry slip-in"), Who.PARTNER)).hasSize(1);
    }

    @Test
    @DisplayName("The ceiling is the tightest link, and its link is the one that sets it")
    void theTightestLinkSetsTheCeiling() {
        Link tightest = Timing.ceiling(way("1 2 rlow llow 1")).orElseThrow();
        assertThat(tightest.from()).isEqualTo(2);
        assertThat(tightest.to()).isEqualTo(3);
        assertThat(Timing.links(way("1 2 rlow llow 1"), Who.ATHLETE))
                .allMatch(l -> l.ceilingBpm() >= tightest.ceilingBpm());
        assertThat(tightest.ceilingBpm()).isEqualTo(60_000 * tightest.beats() / tightest.neededMs());
    }
}
