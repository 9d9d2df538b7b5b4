package onebeat.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import onebeat.core.play.Beat;
import org.junit.jupiter.api.Test;

class CatalogueTest {

    private static final Catalogue ALL = Catalogue.standard();

    /// Every canonical name of the notation's vocabulary is in the table.
    @Test
    void holdsTheWholeVocabulary() {
        List<String> names =
                Arrays.asList(("1 2 3 4 5 6 overhand shovel rshovel upjab leaphook loop stiffjab slap backfist"
                                + " spinfist elbow relbow upelbow rupelbow downelbow rdownelbow knee lknee rlow llow rcalf"
                                + " lcalf inlow rmid lmid rhigh lhigh rteep lteep snap lsnap hookkick lhookkick sw-low"
                                + " sw-mid sw-high sw-hookkick spin-hookkick question catch lcatch rcatch parry lparry rparry cuff block"
                                + " lblock rblock tuck ltuck rtuck shield lshield rshield wedge frame post slip-in slip-out"
                                + " roll-lead roll-rear pull dip check lcheck rcheck retract in out off piv rpiv"
                                + " circle-lead circle-rear across through switch shuffle hop reload tie collar"
                                + " doublecollar hips turn break high low low-lead low-rear shell lean reach chase retreat grab turned toes-in"
                                + " weight-lead none")
                        .split(" "));
        assertThat(ALL.all()).extracting(Technique::code).containsExactlyInAnyOrderElementsOf(names);
    }

    @Test
    void namesAndKeysTellApart() {
        Set<String> keys = new HashSet<>();
        Set<String> names = new HashSet<>();
        for (Technique technique : ALL.all()) {
            assertThat(keys.add(technique.key())).as(technique.code()).isTrue();
            assertThat(names.add(technique.name())).as(technique.code()).isTrue();
            assertThat(technique.provenance()).as(technique.code()).isNotBlank();
        }
    }

    @Test
    void everyStrikeHasLevelsRangesAndShares() {
        for (Technique strike : ALL.all()) {
            if (!strike.isStrike()) {
                assertThat(strike.levels()).as(strike.code()).isEmpty();
                continue;
            }
            assertThat(strike.levels()).as(strike.code()).isNotEmpty();
            assertThat(strike.ranges()).as(strike.code()).isNotEmpty();
            DriveShares shares = strike.drive();
            assertThat(shares.turn() + shares.weight() + shares.height())
                    .as(strike.code())
                    .isCloseTo(1, within(1e-9));
            assertThat(shares.limbAlone()).isBetween(0.0, 1.0);
            assertThat(strike.motion().contactMs()).isPositive();
            assertThat(strike.fixedSide()).as(strike.code()).isPresent();
        }
    }

    @Test
    void turnFollowsTheSide() {
        for (Technique strike : ALL.all()) {
            if (strike.isStrike()) {
                assertThat(Math.signum(strike.ends().turn()))
                        .as(strike.code())
                        .isEqualTo(strike.fixedSide().orElseThrow().turnSign());
            }
        }
    }

    @Test
    void levelsLeadToTechniquesThatAllowThem() {
        for (Technique strike : ALL.all()) {
            strike.levels().forEach((level, code) -> {
                Technique other = ALL.get(code);
                assertThat(other.levels()).as(strike.code() + " at " + level).containsEntry(level, code);
                assertThat(other.fixedSide()).isEqualTo(strike.fixedSide());
            });
        }
    }

    /// Every strike can be met by something in the vocabulary.
    @Test
    void nothingIsUnmeetable() {
        for (Technique strike : ALL.all()) {
            for (Level level : strike.levels().keySet()) {
                assertThat(ALL.all().stream()
                                .filter(d -> d.family() != Family.FEET)
                                .anyMatch(d -> d.meets(strike, level)))
                        .as(strike.code() + " " + level)
                        .isTrue();
            }
        }
    }

    @Test
    void feetThatCountAsDefencesAreMarked() {
        assertThat(ALL.all().stream()
                        .filter(t -> t.family() == Family.FEET && t.isDefence())
                        .map(Technique::code))
                .containsExactlyInAnyOrder("out", "off", "piv", "circle-lead", "circle-rear");
    }

    /// Clothes-grabbing, holds of hair and ears, and blows to throat, spine and back of head are no words here.
    @Test
    void unsafeActionsAreNoWords() {
        for (String word : List.of("throat", "spine", "hair", "ear", "back of head", "stomp", "eye")) {
            assertThat(ALL.all())
                    .noneMatch(t -> Arrays.asList(t.name().split("[ -]")).contains(word));
        }
    }

    @Test
    void impossibleMeasuresAreRefused() {
        assertThatThrownBy(() -> new Fighter("x", Stance.ORTHODOX, Double.NaN, 178))
                .hasMessageContaining("height");
        assertThatThrownBy(() -> new Fighter("x", Stance.ORTHODOX, 175, 20)).hasMessageContaining("span");
    }

    @Test
    void stancesAndSidesMirror() {
        assertThat(Pairing.of(Stance.ORTHODOX, Stance.ORTHODOX.changed())).isEqualTo(Pairing.OPEN);
        assertThat(Pairing.SAME.arrivalOf(Side.LEAD)).isEqualTo(Side.REAR);
        assertThat(Pairing.OPEN.arrivalOf(Side.LEAD)).isEqualTo(Side.LEAD);
        assertThat(Arrival.FAR.at(Side.REAR, Pairing.SAME)).isEqualTo(Side.REAR);
        assertThat(new Beat(3).nextWhole()).isEqualTo(Beat.whole(2));
    }
}
