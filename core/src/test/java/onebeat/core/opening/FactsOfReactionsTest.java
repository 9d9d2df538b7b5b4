package onebeat.core.opening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.Lines;
import onebeat.core.exchange.Catalogue;
import onebeat.core.opening.NumberTable.Cell;
import onebeat.core.opening.Orderings.Ordering;
import onebeat.core.opening.PartnerModel.Name;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

/// The orderings of F20 to F32 hold with the shipped tables and with each of their numbers 30 % off, one at a time.
@Execution(ExecutionMode.CONCURRENT)
class FactsOfReactionsTest {

    static final List<Ordering> ORDERINGS = Orderings.ALL;

    private static final List<Off> OFF = off();

    @ParameterizedTest
    @FieldSource("ORDERINGS")
    void holds(Ordering ordering) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(Lines.opening(ordering.open(), setting))
                    .as(ordering + " " + setting)
                    .isGreaterThan(Lines.opening(ordering.closed(), setting));
        }
    }

    @ParameterizedTest
    @FieldSource("ORDERINGS")
    void holdsWithAnyNumberThirtyPercentOff(Ordering ordering) {
        List<String> broken = new ArrayList<>();
        // What a strike of the partner's leaves open matters only where one is fed.
        boolean fed = ordering.open().contains("(");
        for (Off off : OFF) {
            if (off.name == Name.LEFT_OPEN && !fed) {
                continue;
            }
            for (Setting setting : List.of(Lines.SAME, Lines.OPEN)) {
                double open = Lines.opening(ordering.open(), -1, setting, off.model);
                double closed = Lines.opening(ordering.closed(), -1, setting, off.model);
                if (open <= closed) {
                    broken.add(off.words + " " + setting.pairing());
                }
            }
        }
        assertThat(broken).as(ordering.toString()).isEmpty();
    }

    /// The partner's model with one number 30 % off.
    private record Off(Name name, String words, PartnerModel model) {}

    private static List<Off> off() {
        List<Off> off = new ArrayList<>();
        for (Name name : List.of(Name.COVERAGE, Name.REACTIONS, Name.NUMBERS, Name.LEFT_OPEN)) {
            NumberTable table = PartnerModel.usual().table(name);
            for (Cell cell : table.cells()) {
                for (double factor : new double[] {0.7, 1.3}) {
                    if (table.at(cell) != 0) {
                        PartnerModel model = PartnerModel.usual().with(name, cell, table.at(cell) * factor);
                        off.add(new Off(name, name + " " + cell + " × " + factor, model));
                    }
                }
            }
        }
        return List.copyOf(off);
    }

    @Test
    @DisplayName("F24: parry the cross and the lead hook to the body is on; in open pairing the rear hook")
    void theParriedSideIsOpen() {
        assertThat(Lines.opening("(2) lparry _ 3b", Lines.SAME))
                .isGreaterThan(Lines.opening("(2) slip-in _ 3b", Lines.SAME));
        assertThat(Lines.opening("(2) rparry _ 4b", Lines.OPEN))
                .isGreaterThan(Lines.opening("(2) slip-in _ 4b", Lines.OPEN));
    }

    @Test
    @DisplayName("F24: after a parry the partner's next hand is late, after a slip it is not")
    void afterAParryTheNextHandIsLate() {
        PartnerModel model = PartnerModel.usual();
        for (String parry : List.of("parry", "lparry", "rparry", "cuff")) {
            assertThat(model.delayMs(Catalogue.standard().get(parry))).isPositive();
        }
        assertThat(model.delayMs(Catalogue.standard().get("slip-in"))).isZero();
        assertThat(model.delayMs(Catalogue.standard().get("slip-out"))).isZero();
    }

    @Test
    @DisplayName("F30: after a low kick put something back in the partner's face: it delays the counter")
    void handsBehindTheLowKickLowerTheExposure() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(endOf("1 rlow 1 2", setting)).isLessThan(endOf("1 rlow", setting));
        }
    }

    @Test
    @DisplayName("F31: the up-jab covers on the way")
    void theUpJabCovers() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(exposureOf("2 upjab", setting)).isLessThan(exposureOf("2 1", setting));
            assertThat(gapAfter("upjab", setting)).as("the cross is nearer").isLessThan(gapAfter("1", setting));
        }
    }

    @Test
    @DisplayName("F33: reaching out for the jab opens everything")
    void reachingOut() {
        for (String strike : List.of("2", "3", "3b", "2b", "rlow", "rcalf")) {
            assertThat(Lines.opening("1 (reach) " + strike, Lines.SAME))
                    .as(strike)
                    .isGreaterThan(Lines.opening("1 (none) " + strike, Lines.SAME));
        }
    }

    @Test
    @DisplayName(
            "F14: the calf is there when the partner's lead toes turn in with the jab, or when the partner turns to check")
    void theCalf() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(Lines.opening("(1) out+rcalf", setting)).isGreaterThan(Lines.opening("rcalf", setting));
            assertThat(Lines.opening("inlow (turned) rcalf", setting))
                    .isGreaterThan(Lines.opening("inlow (none) rcalf", setting));
        }
    }

    @Test
    @DisplayName("F16: the lead hook is the safer entry to the clinch")
    void theSaferEntry() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(Lines.exposure("1 3 tie knee", setting))
                    .isLessThan(Lines.exposure("1 overhand tie knee", setting));
        }
    }

    @Test
    @DisplayName("F19: one start, several ends: throwing only one end telegraphs it")
    void oneStartSeveralEnds() {
        for (Setting setting : Lines.ALL_SETTINGS) {
            assertThat(Lines.opening("dip 3b dip 3b dip 3b dip 3", setting))
                    .isGreaterThan(Lines.opening("dip 3 dip 3 dip 3 dip 3", setting));
        }
    }

    private static double gapAfter(String line, Setting setting) {
        return Lines.play(line, setting).ways().getFirst().moments().getLast().gapCm();
    }

    private static double endOf(String line, Setting setting) {
        PlayedWay way = Lines.play(line, setting).ways().getFirst();
        return Openings.withoutCredits(way, setting, PartnerModel.usual(), 0).endExposure();
    }

    private static double exposureOf(String line, Setting setting) {
        PlayedWay way = Lines.play(line, setting).ways().getFirst();
        return Openings.of(way, setting, PartnerModel.usual(), 0)
                .exposureAt(way.steps().getLast())
                .orElseThrow();
    }

    @ParameterizedTest
    @FieldSource("ORDERINGS")
    void theFirstReasonIsOne(Ordering ordering) {
        for (Setting setting : Lines.ALL_SETTINGS) {
            PlayedWay way = Lines.play(ordering.open(), setting).ways().getFirst();
            Openings openings = Openings.of(way, setting, PartnerModel.usual(), 0);
            for (Step strike : way.strikesOf(Who.ATHLETE).toList()) {
                Opening opening = openings.of(strike).orElseThrow();
                for (Credit credit : opening.credits()) {
                    double without = new OpponentSimulation(way, setting, PartnerModel.usual(), 0, true)
                            .runWithout(credit.step())
                            .opening(strike.index());
                    assertThat(opening.value() - without).isEqualTo(credit.gain());
                }
            }
        }
    }

    @Test
    @DisplayName("What was seen earlier in the round earns a feint")
    void theRoundEarnsTheFeint() {
        PlayedWay way = Lines.way("~2 3b _ _ _ 2!");
        Step payoff = way.steps().get(1);
        PartnerModel forgetful = PartnerModel.usual()
                .with(Name.NUMBERS, new Cell("pattern_once", "value"), 0)
                .with(Name.NUMBERS, new Cell("pattern_twice", "value"), 0);
        double first = Openings.of(way, Lines.SAME, forgetful, 0)
                .of(payoff)
                .orElseThrow()
                .value();
        double later = Openings.of(way, Lines.SAME, forgetful, 2)
                .of(payoff)
                .orElseThrow()
                .value();
        assertThat(later).isGreaterThan(first);
    }

    @Test
    void aChangedNumberIsSeen() {
        Cell cell = new Cell("guard", "head_front");
        PartnerModel open = PartnerModel.usual().with(Name.COVERAGE, cell, 0);
        assertThat(Lines.opening("1", -1, Lines.SAME, open)).isEqualTo(1);
    }
}
