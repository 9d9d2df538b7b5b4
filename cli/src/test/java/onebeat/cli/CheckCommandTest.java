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
    void rulesTempoAndStepChangeTheReview() {
        assertThat(run("check", "1 3 elbow off").code()).isEqualTo(1);
        assertThat(run("check", "--rules", "muaythai", "1 3 elbow off").code()).isZero();
        assertThat(run("check", "1 rlow llow off").out()).doesNotContain("TOO_FAST");
        assertThat(run("check", "--tempo", "220", "1 rlow llow off").out()).contains("TOO_FAST");
        assertThat(run("check", "(1) catch+1 off").out()).doesNotContain("UNSEEN");
        assertThat(run("check", "--step", "live", "(1) catch+1 off").out()).contains("UNSEEN");
    }

    @Test
    void theGearAtHandChangesWhatIsHeld() {
        assertThat(run("check", "1 2 rmid off").out()).contains("PAD_MISSING");
        assertThat(run("check", "--gear", "kickpads,guards", "1 2 rmid off").out())
                .doesNotContain("PAD_MISSING");
        assertThat(run("check", "--gear", "pillows", "1 2").err())
                .contains("kickpads")
                .contains("pillows");
    }

    @Test
    void buildsChangeTheReach() {
        String counter = "(1) parry 5 off";
        assertThat(run("check", counter).code()).isZero();
        Ran against = run("check", "--partner-height", "205", "--partner-span", "215", counter);
        assertThat(against.code()).isEqualTo(1);
        assertThat(against.out()).contains("OUT_OF_REACH");
    }

    @Test
    void badOptionsAreTold() {
        assertThat(run("check", "--rules", "wrestling", "1 2").err())
                .contains("kickboxing")
                .contains("wrestling");
        assertThat(run("check", "--step", "later", "1 2").err())
                .contains("whole")
                .contains("later");
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
                .resideInAnyPackage("javafx..", "onebeat.desktop..")
                .check(new ClassFileImporter().importPackages("onebeat.cli", "onebeat.formats"));
    }
}
