package onebeat.core.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.Lines;
import onebeat.core.exchange.Ends;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Stance;
import org.junit.jupiter.api.Test;

class BodyTest {

    private static Body body(double turn, double weight, double height) {
        return new Body(Stance.ORTHODOX, turn, weight, height, Map.of(), Optional.empty());
    }

    @Test
    void driftKeepsTheSameShareEveryBeat() {
        Body loaded = body(0.8, -0.4, 0.2);
        Body twice = loaded.after(1).after(1);
        Body once = loaded.after(2);
        assertThat(twice.turn()).isCloseTo(once.turn(), within(1e-12));
        assertThat(once.turn() / loaded.turn()).isCloseTo(once.weight() / loaded.weight(), within(1e-12));
        assertThat(loaded.after(0)).isEqualTo(loaded);
        assertThat(loaded.after(-1)).isEqualTo(loaded);
    }

    @Test
    void theLoadedLegIsTheOneUnderTheWeight() {
        assertThat(body(0, 0.5, 0).loadedLeg()).contains(Side.LEAD);
        assertThat(body(0, -0.5, 0).loadedLeg()).contains(Side.REAR);
        assertThat(body(0, 0.1, 0).loadedLeg()).isEmpty();
    }

    @Test
    void cockingNeverMovesTowardTheStrike() {
        Ends strength = new Ends(0.6, 0.5, -0.4);
        Body already = body(-0.9, -0.7, -0.6);
        assertThat(already.cockedFor(new Ends(0.6, 0.6, 0.5), strength)).isEqualTo(already);
        Body fresh = body(0.3, 0.3, 0).cockedFor(new Ends(0.6, 0.6, 0.5), strength);
        assertThat(fresh.turn()).isEqualTo(-0.6);
        assertThat(fresh.weight()).isEqualTo(-0.5);
        assertThat(fresh.height()).isEqualTo(-0.4);
        assertThat(body(0.3, 0.3, 0.1).cockedFor(new Ends(-0.8, 0, 0), strength).turn())
                .isEqualTo(0.6);
    }

    @Test
    void renamingTwiceIsTheSameBody() {
        Body before = body(0.3, -0.2, 0.1);
        assertThat(before.renamed().stance()).isEqualTo(Stance.SOUTHPAW);
        assertThat(before.renamed().renamed()).isEqualTo(before);
    }

    @Test
    void powerStaysBetweenNothingAndAll() {
        for (String first : List.of("1", "2", "3", "rlow", "llow", "dip", "pull", "roll-lead", "roll-rear")) {
            for (String then : List.of("1", "2", "3", "4", "5", "6", "overhand", "rmid", "lmid", "knee", "elbow")) {
                Impact impact = Lines.step(first + " " + then + "!", 1).impact().orElseThrow();
                assertThat(impact.drive()).isBetween(0.0, 1.0);
                assertThat(impact.power()).isBetween(0.0, 1.0);
            }
        }
    }

    @Test
    void gradesFollowTheirBounds() {
        assertThat(Grade.of(BodyNumbers.FULL_FROM)).isEqualTo(Grade.FULL);
        assertThat(Grade.of(BodyNumbers.PART_FROM)).isEqualTo(Grade.PART);
        assertThat(Grade.of(BodyNumbers.PART_FROM - 1e-9)).isEqualTo(Grade.ARM);
    }

    @Test
    void aKickLandsOnItsOwnFoot() {
        assertThat(Lines.step("rlow", 0).after().loadedLeg()).contains(Side.REAR);
        assertThat(Lines.step("llow", 0).after().loadedLeg()).contains(Side.LEAD);
    }

    @Test
    void aKickKeepsBothLegsBusyAndAPunchItsArm() {
        Body kick = Lines.step("rlow", 0).after();
        assertThat(kick.doing(Limb.REAR_LEG)).contains(0);
        assertThat(kick.doing(Limb.LEAD_LEG)).as("the athlete stands on it").contains(0);
        assertThat(kick.doing(Limb.REAR_ARM)).isEqualTo(Optional.empty());
        assertThat(Lines.step("tie", 0).after().busy().keySet())
                .containsExactlyInAnyOrder(Limb.LEAD_ARM, Limb.REAR_ARM);
    }

    @Test
    void slipsGoTheWayTheirStrikeSays() {
        assertThat(Lines.step("(1) slip-out", 1).after().weight())
                .as("to the rear side")
                .isNegative();
        assertThat(Lines.step("(1) slip-in", 1).after().weight())
                .as("to the lead side")
                .isPositive();
        assertThat(Lines.step("(2) slip-in", 1).after().weight())
                .as("loads the rear hand")
                .isNegative();
    }
}
