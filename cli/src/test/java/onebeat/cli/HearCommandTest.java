package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class HearCommandTest {

    @TempDir
    private Path folder;

    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    private int run(String... arguments) {
        out = new StringWriter();
        err = new StringWriter();
        CommandLine commandLine = Main.commandLine();
        commandLine.setOut(new PrintWriter(out));
        commandLine.setErr(new PrintWriter(err));
        return commandLine.execute(arguments);
    }

    private JsonNode json() {
        return JsonMapper.builder().build().readTree(out.toString());
    }

    private String round(String... more) {
        String wav = folder.resolve("round.wav").toString();
        String[] all = new String[more.length + 3];
        all[0] = "round";
        all[1] = "--wav";
        all[2] = wav;
        System.arraycopy(more, 0, all, 3, more.length);
        assertThat(run(all)).as(err.toString()).isZero();
        return wav;
    }

    @Test
    void theRoundsOwnSoundIsPlacedAndNobodyHitAnything() {
        String wav = round("--line", "(1) parry 2 3", "--tempo", "66", "--seconds", "40");
        assertThat(run("hear", "--json", "--line", "(1) parry 2 3", "--tempo", "66", "--seconds", "40", wav))
                .isZero();
        assertThat(json().path("placed").path("offsetMs").asDouble()).isCloseTo(0, within(10.0));
        assertThat(json().path("placed").path("driftPpm").asDouble()).isCloseTo(0, within(20.0));
        assertThat(json().path("repetitions")).isNotEmpty();
        assertThat(json().path("repetitions").valueStream())
                .as("clicks and calls are no hits")
                .allMatch(r -> r.path("judged").isNull() || r.path("sure").asDouble() < 0.6);
        assertThat(run("hear", "--line", "(1) parry 2 3", "--tempo", "66", "--seconds", "40", wav))
                .isZero();
        assertThat(out.toString()).contains("the bell is at 0.0");
    }

    @Test
    void withoutALineOnlyHitsAndRhythmAreTold() {
        String wav = round("--line", "1 2", "--seconds", "20");
        assertThat(run("hear", "--json", wav)).isZero();
        assertThat(json().propertyNames())
                .containsExactly("seconds", "onsets", "placed", "repetitions", "tempo", "evenness", "rhythm");
        assertThat(json().path("placed").isNull()).isTrue();
        assertThat(json().path("onsets").valueStream().map(o -> o.path("kind").asString()))
                .contains("bell", "click");
        assertThat(run("hear", wav)).isZero();
        assertThat(out.toString()).contains("hits");
    }

    @Test
    void aRecordingOfSomethingElseIsSaidNotToFit() {
        String wav = round("--line", "1 2", "--seconds", "20");
        assertThat(run("hear", "--line", "(1) parry 2 3 rlow", "--tempo", "111", "--seconds", "300", wav))
                .isEqualTo(1);
        assertThat(err.toString()).contains("fits the round nowhere").contains("no repetition of the line");
    }

    @Test
    void whatCannotBeHeardIsTold() throws IOException {
        Path none = folder.resolve("none.wav");
        assertThat(run("hear", none.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("none.wav").contains("cannot be heard");
        Files.writeString(none, "1 2 3");
        assertThat(run("hear", "--json", none.toString())).isEqualTo(2);
        assertThat(json().path("error").asString()).contains("none.wav");
        assertThat(run("hear", "--line", "1 zap", none.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("zap");
        assertThat(run("hear", "--line", "1 2", "--seconds", "5", none.toString()))
                .isEqualTo(2);
    }
}
