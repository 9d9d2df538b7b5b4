package onebeat.planning;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.OptionalDouble;
import onebeat.core.plan.CampPlan;
import onebeat.core.plan.SolvedPlan;
import org.junit.jupiter.api.Test;

/// Plans are made from the core alone, without a window, a file or a clock.
class PlanningArchitectureTest {

    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("onebeat.planning");

    @Test
    void thereIsNoWindowNoFileAndNoClock() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..", "java.nio.file..", "onebeat.desktop..", "onebeat.store..", "onebeat.formats..")
                .check(CLASSES);
        noClasses().should().callMethod(System.class, "nanoTime").check(CLASSES);
        noClasses().should().callMethod(System.class, "currentTimeMillis").check(CLASSES);
    }

    @Test
    void theGapIsAPartOfTheBound() {
        SolvedPlan plan =
                new SolvedPlan(CampPlan.EMPTY, 980, OptionalDouble.of(1_000), false, SolvedPlan.By.SOLVER, List.of());
        assertThat(plan.gap().orElseThrow()).isEqualTo(0.02);
        SolvedPlan filled =
                new SolvedPlan(CampPlan.EMPTY, 980, OptionalDouble.empty(), false, SolvedPlan.By.FILLING, List.of());
        assertThat(filled.gap()).isEmpty();
        assertThatThrownBy(() -> new PlanSearch(0, 1)).hasMessageContaining("above 0");
    }
}
