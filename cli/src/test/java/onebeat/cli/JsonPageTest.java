package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// `docs/json.md` names every key that a command writes, and an error is JSON wherever JSON was asked for.
class JsonPageTest {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    /// What is under these keys goes by names of the film or by levels.
    private static final Set<String> FREE = Set.of("contexts", "partner", "athlete");

    @TempDir
    static Path folder;

    private record Ran(int code, String out, String err) {}

    private static Ran run(String... words) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = Main.run(out, err, words);
        return new Ran(code, out.toString(), err.toString());
    }

    static Stream<Arguments> commands() {
        return Stream.of(
                words("check", "--json", "(1) catch+2 ~3 rlow 1+3 { (1): catch+1 | (3): block 3 }"),
                words("habits", "--json", "--runs", "--by", "round", "FILM"),
                words("find", "--json", "--top", "2", "--depth", "2", "(1)"),
                words("ladder", "--json", "1 2 3 rlow off"),
                words("round", "--json", "--seconds", "60", "--line", "1 2"),
                words("hear", "--json", "--line", "1 2", "--seconds", "60", "--tempo", "60", "WAV"),
                words("hear", "--json", "WAV"),
                words("film", "--json", "MOVIE"),
                words("plan", "--json", "--from", SmallCamp.FIRST.toString(), "--seconds", "1", "CAMP"));
    }

    private static Arguments words(String... words) {
        return Arguments.of((Object) words);
    }

    @ParameterizedTest
    @MethodSource("commands")
    void everyKeyStandsOnThePage(String... words) throws IOException {
        Path film = Files.writeString(folder.resolve("film.csv"), """
                reel,time_s,round,starter,athlete_stance,partner_stance,range,line,outcome,note
                hall,1,1,athlete,orthodox,southpaw,long,1 (parry),clean,
                hall,5,1,athlete,orthodox,southpaw,long,1 (parry) 2 (lean),clean,
                hall,9,1,athlete,orthodox,southpaw,long,1 (parry) 2 (lean),hurt,
                hall,9x,1,athlete,orthodox,southpaw,long,3 (lean),hurt,
                """);
        Path wav = folder.resolve("round.wav");
        if (!Files.exists(wav)) {
            run("round", "--line", "1 2", "--seconds", "60", "--wav", wav.toString());
        }
        Map<String, Path> files = Map.of(
                "FILM",
                film,
                "WAV",
                wav,
                "MOVIE",
                Path.of("..", "media", "src", "test", "resources", "onebeat", "media", "hevc-30.mov"),
                "CAMP",
                SmallCamp.in(Files.createTempDirectory(folder, "camp")));
        String[] given = Stream.of(words)
                .map(word -> files.containsKey(word) ? files.get(word).toString() : word)
                .toArray(String[]::new);
        Ran ran = run(given);
        String page = Files.readString(Path.of("..", "docs", "json.md"));
        String section = page.substring(page.indexOf("\n## " + words[0] + "\n")).split("\n## ", 3)[1];
        Set<String> missing = new TreeSet<>(keys(MAPPER.readTree(ran.out)));
        assertThat(missing).isNotEmpty();
        missing.removeIf(key -> section.contains("`" + key + "`"));
        assertThat(missing)
                .as("keys that docs/json.md does not tell, of " + words[0])
                .isEmpty();
    }

    private static Set<String> keys(JsonNode node) {
        Set<String> all = new TreeSet<>();
        if (node.isArray()) {
            node.forEach(one -> all.addAll(keys(one)));
        }
        if (node.isObject()) {
            for (String key : node.propertyNames()) {
                all.add(key);
                if (!FREE.contains(key)) {
                    all.addAll(keys(node.get(key)));
                }
            }
        }
        return all;
    }

    @Test
    void everyErrorIsJsonWhereJsonWasAskedFor() {
        for (List<String> wrong : List.of(
                List.of("check", "--json", "--rules", "none", "1 2"),
                List.of("check", "--json"),
                List.of("habits", "--json", "no-such-film.csv"),
                List.of("find", "--json", "--for", "zap"),
                List.of("ladder", "--json", "zap"),
                List.of("round", "--json", "--line", "zap"),
                List.of("film", "--json", "no-such-film.mp4"),
                List.of("hear", "--json", "no-such.wav"),
                List.of("plan", "--json", "no-such.onebeat"),
                List.of("chek", "--json", "1 2"))) {
            Ran ran = run(wrong.toArray(String[]::new));
            assertThat(ran.code).as(wrong.toString()).isEqualTo(CommandRun.NOT_ASKED_RIGHT);
            JsonNode json = MAPPER.readTree(ran.out);
            assertThat(json.propertyNames()).as(wrong.toString()).containsExactly("error");
            assertThat(ran.out.lines()).as(wrong.toString()).hasSize(1);
        }
    }

    @Test
    void aRoundWithoutItsStepIsAnErrorInJsonToo() {
        Ran ran = run("round", "--json", "--step", "live", "--line", "1+3");
        assertThat(ran.code).isEqualTo(1);
        assertThat(MAPPER.readTree(ran.out).propertyNames()).containsExactly("error");
    }

    @Test
    void anOutputThatNobodyTakesEndsTheRun() {
        StringWriter err = new StringWriter();
        int[] taken = {0};
        var closed = new Writer() {
            @Override
            public void write(char[] text, int from, int length) throws IOException {
                taken[0] += length;
                if (taken[0] > 100) {
                    throw new IOException("Broken pipe");
                }
            }

            @Override
            public void flush() {}

            @Override
            public void close() {}
        };
        assertThat(Main.run(closed, err, "find", "--depth", "2", "(1)")).isEqualTo(CommandRun.OUTPUT_LOST);
        assertThat(taken[0]).as("it does not go on writing").isLessThan(1_000);
        assertThat(err.toString()).isEmpty();
    }

    @Test
    void linesComeFromStandardInputWhereTheyCan() {
        var before = System.in;
        try {
            System.setIn(new ByteArrayInputStream("1 2\n1 2 off\n".getBytes(StandardCharsets.UTF_8)));
            assertThat(run("ladder", "--json", "-").out.lines()).hasSize(2);
            System.setIn(new ByteArrayInputStream("1 2 off\nzap\n1+3\n".getBytes(StandardCharsets.UTF_8)));
            assertThat(run("round", "--json", "--step", "live", "--line", "-")
                            .out
                            .lines())
                    .as("one answer a line, those with errors too")
                    .hasSize(3);
            System.setIn(new ByteArrayInputStream("(1)\n".getBytes(StandardCharsets.UTF_8)));
            assertThat(run("find", "--depth", "2", "--json", "-").out.lines()).hasSize(1);
            System.setIn(new ByteArrayInputStream("nothing".getBytes(StandardCharsets.UTF_8)));
            assertThat(run("habits", "-").err).contains("standard input is no film log");
        } finally {
            System.setIn(before);
        }
    }

    @Test
    void defaultsStandInTheHelpAndTheVersionIsOne() {
        assertThat(run("check", "--help").out).contains("Default: 175").contains("Default: kickboxing");
        assertThat(run("--version").out.strip())
                .isEqualTo(run("plan", "--version").out.strip())
                .startsWith("One Beat ");
        assertThat(run("completion").out).contains("complete -F").contains("--partner-height");
    }

    @Test
    void aRoundOfWhatTheRulesForbidIsLaidOutAndWarnsOf() {
        Ran ran = run("round", "--line", "3 elbow off", "--seconds", "60");
        assertThat(ran.code).isZero();
        assertThat(ran.err).contains("stop: ").contains("not allowed under kickboxing rules");
    }
}
