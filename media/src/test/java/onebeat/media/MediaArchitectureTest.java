package onebeat.media;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/// Film is read and written without a window, and who reads it sees nothing of the library behind.
class MediaArchitectureTest {

    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("onebeat.media");

    @Test
    void thereIsNoWindow() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "javafx..", "javax.swing..", "onebeat.desktop..", "onebeat.store..", "onebeat.cli..")
                .check(CLASSES);
    }

    @Test
    void whatIsSeenFromOutsideNamesNothingOfTheLibrary() {
        classes()
                .that()
                .arePublic()
                .and()
                .areRecords()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("java..", "onebeat..", "org.jspecify..")
                .check(CLASSES);
    }
}
