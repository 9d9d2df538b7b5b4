package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;

class CheckCommandTest {

    private record Ran(int code, String out, String err) {}

    private static Ran run(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        CommandLine program = Main.commandLine().setOut(new PrintWriter(out)).setErr(new PrintWriter(err));
        int code = program.execute(arguments);
        return new Ran(code, out.toString(), err.toString());
    }

    @Test
    void exitCodesTellHowItIs() {
        assertThat(run("check", "1 2 off").code()).isZero();
        assertThat(run("check", "1 2 2 off").code()).isZero();
        assertThat(run("check", "1+3").code()).isEqualTo(1);
        assertThat(run("check", "1 zap").code()).isEqualTo(2);
    }

    @Test
    void theReasonForAMisreadStandsOnStandardError() {
        Ran ran = run("check", "--json", "1 rlov");
        assertThat(ran.err()).contains("character 3").contains("rlow");
        assertThat(ran.out()).startsWith("{\"error\":{\"at\":2,");
    }

    @Test
    void wordsForPeople() {
        Ran ran = run("check", "1 2 2 off");
        assertThat(ran.out()).startsWith("1 2 2 off").contains("warn RELOAD").contains("1 2 reload 2 off");
    }

    @Test
    void stancesChangeTheReview() {
        assertThat(run("check", "(1) catch+1 off").code()).isZero();
        assertThat(run("check", "--partner", "southpaw", "(1) catch+1 off").code())
                .isEqualTo(1);
        assertThat(run("check", "--stance", "southpaw", "--partner", "southpaw", "(1) catch+1 off")
                        .code())
                .isZero();
    }

    @Test
    void badOptionsAreTold() {
        assertThat(run("check", "--tempo", "1000", "1 2").err()).contains("20 to 300");
        assertThat(run("check", "--tempo", "NaN", "1 2").code()).isEqualTo(2);
        assertThat(run("check", "--height", "20", "1 2").err()).contains("height");
        assertThat(run("check", "--stance", "sideways", "1 2").code()).isEqualTo(2);
    }

    @Test
    void aLineMayBeginWithAnAt() {
        Ran ran = run("check", "--json", "@mid 3 2 off");
        assertThat(ran.out()).contains("\"line\":\"@mid 3 2 off\"").contains("\"range\":\"mid\"");
    }

    @Test
    void linesFromStandardInputAreAnsweredInOrder() {
        InputStream before = System.in;
        try {
            System.setIn(new ByteArrayInputStream("1 2 off\nzap\n1+3\n".getBytes(StandardCharsets.UTF_8)));
            Ran ran = run("check", "--json", "-");
            String[] lines = ran.out().strip().split("\n");
            assertThat(lines).hasSize(3);
            assertThat(lines[0]).contains("\"line\":\"1 2 off\"");
            assertThat(lines[1]).startsWith("{\"error\"");
            assertThat(lines[2]).contains("SAME_HAND");
            assertThat(ran.code()).isEqualTo(2);
        } finally {
            System.setIn(before);
        }
    }

    @Test
    void theSameInputGivesTheSameOutput() {
        String line = "{ (1): catch+1 | (2): parry 2 | (none): 3 } [1 2]*2..4 rlow";
        assertThat(run("check", "--json", line).out())
                .isEqualTo(run("check", "--json", line).out());
    }

    @Test
    void noInterfaceCodeIsOnThePath() {
        ArchRuleDefinition.noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("javafx..", "onebeat.desktop..", "onebeat.store..")
                .check(new ClassFileImporter().importPackages("onebeat.cli", "onebeat.formats"));
    }
}
