package onebeat.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// The rooms of the desktop: states and updates know no window, views know no store, and there is one room for edits.
class DesktopArchitectureTest {

    private static final int MOST_LINES = 300;

    private static final JavaClasses DESKTOP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("onebeat.desktop");

    @Test
    void stationsDoNotReachIntoOneAnother() {
        SlicesRuleDefinition.slices()
                .matching("onebeat.desktop.(*)..")
                .should()
                .beFreeOfCycles()
                .check(DESKTOP);
    }

    @Test
    void statesUpdatesAndPicturesSeeNoWindow() {
        noClasses()
                .that()
                .haveNameMatching(".*\\.(Film|Bench|Rounds|Floor|Book)(State|Update|Action|Effect|Picture)(\\$.*)?")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "onebeat.store..")
                .check(DESKTOP);
    }

    @Test
    void viewsSeeNoStore() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("View")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("onebeat.store..")
                .check(DESKTOP);
    }

    /// Changes of the camp are made by the core; the desktop hands them on.
    @Test
    void thereIsOneRoomForEdits() {
        noClasses()
                .that()
                .haveSimpleNameEndingWith("View")
                .should()
                .dependOnClassesThat()
                .haveNameMatching("onebeat\\.core\\.camp\\.Edit.*|onebeat\\.core\\.change\\..*")
                .check(DESKTOP);
    }

    @Test
    void packagesGoOneWay() {
        noClasses()
                .that()
                .resideInAnyPackage(
                        "..desktop.command..", "..desktop.text..", "..desktop.nodes..", "..desktop.settings..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "..desktop.shell..",
                        "..desktop.film..",
                        "..desktop.bench..",
                        "..desktop.rounds..",
                        "..desktop.floor..",
                        "..desktop.book..")
                .check(DESKTOP);
    }

    @Test
    void noFileIsLongAndKeysAreAskedInOneRoom() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                List<String> lines = Files.readAllLines(file);
                assertThat(lines.size()).as(file.toString()).isLessThanOrEqualTo(MOST_LINES);
                assertThat(String.join("\n", lines))
                        .as(file + " switches over keys")
                        .doesNotContainPattern("switch \\([a-z.]*(getCode\\(\\)|keyCode|code)\\)");
            }
        }
    }
}
