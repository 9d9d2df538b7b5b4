package onebeat.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/// The rooms of the core: dependencies run one way, and nothing of files, clocks, threads or the interface comes in.
class ArchitectureTest {

    /// In the order in which data flows; each package may use only those before it.
    private static final List<String> ORDER = List.of(
            "program",
            "exchange",
            "notation",
            "wording",
            "play",
            "timing",
            "opening",
            "holding",
            "review",
            "film",
            "ladder",
            "rounds",
            "book",
            "hearing",
            "camp",
            "plan",
            "change");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("onebeat.core");

    @Test
    void packagesUseOnlyThoseBeforeThem() {
        for (int i = 0; i < ORDER.size(); i++) {
            String[] later = ORDER.subList(i + 1, ORDER.size()).stream()
                    .map(p -> "onebeat.core." + p + "..")
                    .toArray(String[]::new);
            if (later.length > 0) {
                noClasses()
                        .that()
                        .resideInAPackage("onebeat.core." + ORDER.get(i) + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(later)
                        .allowEmptyShould(true)
                        .check(CORE);
            }
        }
        slices().matching("onebeat.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void everyPackageIsKnownAndExplained() {
        Set<String> packages = CORE.stream().map(JavaClass::getPackageName).collect(Collectors.toSet());
        assertThat(packages).allSatisfy(name -> assertThat(ORDER).contains(name.substring("onebeat.core.".length())));
        for (String name : packages) {
            assertThat(CORE.contain(name + ".package-info")).as(name).isTrue();
        }
    }

    @Test
    void theCoreIsPure() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..",
                        "javax.sound..",
                        "java.sql..",
                        "java.nio.file..",
                        "java.util.concurrent..",
                        "java.awt..",
                        "onebeat.store..",
                        "onebeat.desktop..")
                .check(CORE);
        noClasses()
                .should()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .check(CORE);
        noClasses().should().dependOnClassesThat().areAssignableTo(Thread.class).check(CORE);
    }
}
