package onebeat.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Map;
import onebeat.core.Lines;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.Technique;
import onebeat.core.opening.NumberTable.Cell;
import onebeat.core.opening.PartnerModel.Name;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The tables of reactions and coverages, and what is read from them.
class PartnerModelTest {

    private static final PartnerModel MODEL = PartnerModel.usual();

    @Test
    void everyStrikeHasAReactionAndItsOddsAreWhole() {
        for (Technique strike : Catalogue.standard().all()) {
            for (Level level : strike.levels().keySet()) {
                for (Side side : Side.values()) {
                    double[] odds = MODEL.reaction(strike, level, side).orElseThrow(() -> new AssertionError(strike));
                    assertThat(Arrays.stream(odds).sum()).as(strike.code()).isCloseTo(1, within(1e-9));
                    assertThat(Arrays.stream(odds).min().orElseThrow()).isNotNegative();
                }
            }
        }
    }

    @Test
    void everyPostureCoversEveryZoneBetweenNothingAndAll() {
        for (Posture posture : Posture.values()) {
            for (Zone zone : Zone.values()) {
                assertThat(MODEL.coverage(PartnerModel.index(posture), zone)).isBetween(0.0, 1.0);
            }
        }
    }

    @Test
    void sidedPosturesAreEachOthersMirror() {
        for (Zone zone : Zone.values()) {
            assertThat(MODEL.coverage(PartnerModel.index(Posture.BLOCK_REAR), zone.mirrored()))
                    .isEqualTo(MODEL.coverage(PartnerModel.index(Posture.BLOCK_LEAD), zone));
        }
    }

    @Test
    void aReactionTurnsToTheSideFromWhichTheStrikeComes() {
        Technique hook = Catalogue.standard().get("3");
        double[] lead = MODEL.reaction(hook, Level.HEAD, Side.LEAD).orElseThrow();
        double[] rear = MODEL.reaction(hook, Level.HEAD, Side.REAR).orElseThrow();
        assertThat(lead[PartnerModel.index(Posture.BLOCK_LEAD)])
                .isPositive()
                .isEqualTo(rear[PartnerModel.index(Posture.BLOCK_REAR)]);
        assertThat(lead[PartnerModel.index(Posture.BLOCK_REAR)]).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "1, SAME, HEAD_FRONT",
        "3, SAME, HEAD_REAR",
        "3, OPEN, HEAD_LEAD",
        "4, SAME, HEAD_LEAD",
        "5, SAME, CHIN_BELOW",
        "2b, OPEN, BODY_FRONT",
        "3b, SAME, BODY_REAR",
        "shovel, OPEN, BODY_LEAD",
        "rlow, SAME, LEAD_THIGH_OUT",
        "rlow, OPEN, LEAD_THIGH_IN",
        "llow, SAME, LEAD_THIGH_IN",
        "llow, OPEN, LEAD_THIGH_OUT",
        "inlow, OPEN, LEAD_THIGH_IN",
        "rcalf, SAME, LEAD_CALF",
        "sw-low, SAME, REAR_LEG",
        "sw-hookkick, SAME, HEAD_LEAD",
        "rmid, SAME, BODY_LEAD"
    })
    @DisplayName("Where strikes land in both pairings; common practice")
    void whereStrikesLand(String strike, Pairing pairing, Zone zone) {
        Setting setting = pairing == Pairing.SAME ? Lines.SAME : Lines.OPEN;
        PlayedWay way = Lines.play(strike, setting).ways().getFirst();
        Step step = way.steps().getFirst();
        assertThat(Openings.of(way, setting, MODEL, 0).of(step).orElseThrow().zone())
                .isEqualTo(zone);
    }

    @Test
    @DisplayName("The liver is on the right: rear for orthodox, lead for southpaw")
    void theLiver() {
        assertThat(Zone.BODY_REAR.isLiver(Stance.ORTHODOX)).isTrue();
        assertThat(Zone.BODY_LEAD.isLiver(Stance.ORTHODOX)).isFalse();
        assertThat(Zone.BODY_LEAD.isLiver(Stance.SOUTHPAW)).isTrue();
        assertThat(Zone.HEAD_REAR.isLiver(Stance.ORTHODOX)).isFalse();
    }

    @Test
    void openingsCloseAgain() {
        double atOnce = Lines.opening("2 3b", Lines.SAME);
        double later = Lines.opening("2 _ _ 3b", Lines.SAME);
        double muchLater = Lines.opening("2 _ _ _ _ _ _ 3b", Lines.SAME);
        double bare = Lines.opening("3b", Lines.SAME);
        assertThat(atOnce).isGreaterThan(later);
        assertThat(later).isGreaterThan(muchLater);
        assertThat(muchLater).isCloseTo(bare, within(0.02));
    }

    @Test
    void aDrilledReactionHoldsUntilTheNext() {
        assertThat(Lines.opening("1 (high) _ _ 3b", Lines.SAME))
                .isCloseTo(Lines.opening("1 (high) 3b", Lines.SAME), within(1e-9));
    }

    @Test
    void outOfTheirReachLittleIsExposed() {
        PlayedWay far = Lines.way("@kick rmid");
        PlayedWay near = Lines.way("@mid rmid");
        double exposedFar = Openings.of(far, Lines.SAME, MODEL, 0)
                .exposureAt(far.steps().getFirst())
                .orElseThrow();
        double exposedNear = Openings.of(near, Lines.SAME, MODEL, 0)
                .exposureAt(near.steps().getFirst())
                .orElseThrow();
        assertThat(exposedFar).isLessThan(exposedNear);
    }

    @Test
    void whatAKickExposesIsMoreThanWhatAPunchDoes() {
        PlayedWay way = Lines.way("@mid 2 _ _ _ _ rlow");
        Map<Integer, Double> exposures = Openings.of(way, Lines.SAME, MODEL, 0).exposures();
        assertThat(exposures.get(1)).isGreaterThan(exposures.get(0));
    }

    @Test
    void aChangedNumberLeavesTheShippedTablesAlone() {
        Cell cell = MODEL.table(Name.COVERAGE).cells().getFirst();
        double before = MODEL.table(Name.COVERAGE).at(cell);
        PartnerModel changed = MODEL.with(Name.COVERAGE, cell, before / 2);
        assertThat(changed.table(Name.COVERAGE).at(cell)).isEqualTo(before / 2);
        assertThat(PartnerModel.usual().table(Name.COVERAGE).at(cell)).isEqualTo(before);
    }
}
