package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// `habits` and `find` as they are called.
class FilmCommandsTest {

    private static final String HEADER =
            "reel,time_s,round,starter,athlete_stance,partner_stance,range,line,outcome,note\n";

    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... arguments) {
        CommandLine commandLine = Main.commandLine();
        commandLine.setOut(new PrintWriter(out));
        commandLine.setErr(new PrintWriter(err));
        return commandLine.execute(arguments);
    }

    private JsonNode json() {
        return JsonMapper.builder().build().readTree(out.toString());
    }

    private String film(String rows) throws IOException {
        Path file = folder.resolve("film.csv");
        Files.writeString(file, HEADER + rows);
        return file.toString();
    }

    @Test
    void habitsAreCounted() throws IOException {
        String file = film("""
                r,1,1,athlete,orthodox,southpaw,long,1 (parry),blocked,
                r,2,1,athlete,orthodox,southpaw,long,1 (parry),blocked,
                r,3,1,athlete,orthodox,southpaw,long,1 (none),clean,
                r,4,1,athlete,orthodox,southpaw,long,1,none,
                """);
        assertThat(run("habits", "--json", file)).isZero();
        JsonNode root = json();
        assertThat(root.get("exchanges").asInt()).isEqualTo(4);
        assertThat(root.get("habits").get(0).get("stimulus").asString()).isEqualTo("1");
        assertThat(root.get("habits").get(0).get("response").asString()).isEqualTo("parry");
        assertThat(root.get("habits").get(0).get("n").asInt()).isEqualTo(2);
        assertThat(root.get("habits").get(0).get("of").asInt())
                .as("not noted is left out")
                .isEqualTo(3);
        assertThat(root.get("habits").get(1).get("response").asString()).isEqualTo("none");
    }

    @Test
    void badRowsAreNamedAndTheOthersCount() throws IOException {
        String file = film("""
                r,1,1,athlete,orthodox,southpaw,long,1 (parry),blocked,
                r,x,1,athlete,orthodox,southpaw,long,1 (parry),blocked,
                r,3,1,athlete,orthodox,southpaw,long,zap,blocked,
                """);
        assertThat(run("habits", "--json", file)).isEqualTo(1);
        assertThat(json().get("rejected").get(0).get("line").asInt()).isEqualTo(3);
        assertThat(json().get("rejected").get(0).get("column").asString()).isEqualTo("time_s");
        assertThat(json().get("rejected").get(1).get("column").asString()).isEqualTo("line");
        assertThat(json().get("exchanges").asInt()).isEqualTo(1);
    }

    @Test
    void whatIsNoFilmIsSaid() throws IOException {
        assertThat(run("habits", folder.resolve("gone.csv").toString())).isEqualTo(2);
        assertThat(err.toString()).contains("There is no file");
        Path latin = folder.resolve("latin.csv");
        Files.write(
                latin,
                (HEADER + "r,1,1,athlete,orthodox,southpaw,long,1 (parry),blocked,müde\n")
                        .getBytes(StandardCharsets.ISO_8859_1));
        assertThat(run("habits", latin.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("not UTF-8");
    }

    @Test
    void theOthersHabitsAreAsked() throws IOException {
        String file = film("r,1,1,partner,orthodox,southpaw,long,(1) catch+2,clean,\n");
        assertThat(run("habits", "--who", "athlete", file)).isZero();
        assertThat(out.toString()).contains("1          -> catch");
    }

    @Test
    void contextRunsAndEarlyAgainstLateAreTold() throws IOException {
        StringBuilder rows = new StringBuilder();
        for (int i = 0; i < 20; i++) {
            String round = i < 10 ? "1" : "3";
            String answer = i < 10 ? "parry" : "none";
            rows.append(
                    "r,%d,%s,athlete,orthodox,southpaw,long,1 (parry) 2 (%s),none,%n".formatted(i + 1, round, answer));
        }
        String file = film(rows.toString());
        assertThat(run("habits", "--by", "round", "--runs", file)).isZero();
        assertThat(out.toString())
                .contains("round 1                 10 of  10")
                .contains("early 10 of 10, late 0 of 10")
                .contains("1 2 -> parry  10 of 20");
        out.getBuffer().setLength(0);
        assertThat(run("habits", "--json", "--by", "round", "--runs", file)).isZero();
        assertThat(json().has("runs")).isTrue();
    }

    @Test
    void whatFollowsTheirOwnStrikeIsAsked() throws IOException {
        String file = film("r,1,1,partner,orthodox,southpaw,long,(1 2),clean,\n".repeat(3));
        assertThat(run("habits", "--after", "own", file)).isZero();
        assertThat(out.toString()).contains("1          -> 2");
        assertThat(run("habits", "--after", "lunch", file)).isEqualTo(2);
        assertThat(run("habits", "--by", "moon", file)).isEqualTo(2);
        assertThat(err.toString()).contains("own or other").contains("pairing, range or round");
    }

    @Test
    void whatThePartnerMerelyDoesIsAnswered() {
        assertThat(run("find", "--json", "--depth", "3", "--top", "3", "(chase)"))
                .isZero();
        assertThat(json().get("answers").size()).isEqualTo(3);
        assertThat(json().get("answers").get(0).has("effect")).isTrue();
    }

    @Test
    void answersToAFeedAreFound() {
        assertThat(run(
                        "find",
                        "--json",
                        "--depth",
                        "3",
                        "--top",
                        "5",
                        "--repertoire",
                        "1 2 3 1b 2b overhand parry slip-out",
                        "(1)"))
                .isZero();
        JsonNode root = json();
        assertThat(root.get("answers").size()).isEqualTo(5);
        assertThat(root.get("looked").asLong()).isPositive();
        JsonNode best = root.get("answers").get(0);
        for (String key : new String[] {"line", "score", "power", "opening", "exposure", "oneBeat"}) {
            assertThat(best.has(key)).as(key).isTrue();
        }
        assertThat(best.get("taught").asBoolean())
                .as("what is taught stands first")
                .isTrue();
        assertThat(root.get("answers").get(1).get("score").asDouble())
                .as("what was searched for, the best first")
                .isGreaterThanOrEqualTo(root.get("answers").get(3).get("score").asDouble());
    }

    @Test
    void linesForAWeaponAreFoundWithTheirReasons() {
        assertThat(run("find", "--for", "rear calf kick", "--partner", "southpaw", "--top", "3"))
                .isZero();
        assertThat(out.toString()).contains("rcalf").contains("The rear calf kick");
    }

    @Test
    void badWordsAreSaid() {
        assertThat(run("find", "--for", "zap")).isEqualTo(2);
        assertThat(err.toString()).contains("\"zap\" names no strike");
        assertThat(run("find", "(zap)")).isEqualTo(2);
        assertThat(run("find", "--depth", "20", "(1)")).isEqualTo(2);
        assertThat(run("find")).isEqualTo(2);
    }

    /// An escape sequence (ISO/IEC 6429) in somebody's file must not reach the coach's terminal.
    @Test
    void controlCharactersOfAFileAreShownHarmless() throws IOException {
        String file = film("r,\u001B[31msoon\u0007,1,athlete,orthodox,southpaw,long,1,none,\n");
        CommandLine commandLine = Main.commandLine();
        commandLine.setOut(new PrintWriter(new TerminalWriter(out)));
        assertThat(commandLine.execute("habits", file)).isEqualTo(1);
        assertThat(out.toString()).contains("soon").doesNotContain("\u001B", "\u0007");
    }

    @Test
    void aLongFeedIsAnsweredInBoundsAndSaysSo() {
        assertThat(run("find", "--depth", "9", "--top", "3", "(1 2 3 2 3 2 3 rlow)"))
                .isZero();
        assertThat(out.toString()).contains("more than can be looked at").contains("rlow)");
        out.getBuffer().setLength(0);
        assertThat(run("find", "--depth", "3", "(none)")).isZero();
        assertThat(out.toString()).doesNotContain("more than can be looked at");
    }

    @Test
    void aLogThatMixesSeveralIsNotCountedAsOne() throws IOException {
        Path file = folder.resolve("mixed.csv");
        Files.writeString(file, HEADER.strip() + """
                ,subject
                hall,1,1,athlete,orthodox,southpaw,long,1b (low),blocked,,Noor
                hall,2,1,athlete,orthodox,southpaw,long,1b (low),blocked,,Noor
                shed,3,1,athlete,orthodox,southpaw,long,1b (out),missed,,Maud
                pier,4,1,athlete,orthodox,southpaw,long,1b (out),missed,,Tove
                """);
        assertThat(run("habits", "--json", file.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("Noor, Maud, Tove").contains("--subject");
        assertThat(run("habits", "--json", "--subject", "Noor", file.toString()))
                .isZero();
        assertThat(json().get("habits").get(0).get("of").asInt()).isEqualTo(2);
        assertThat(run("habits", "--subject", "Nobody", file.toString())).isEqualTo(2);
        assertThat(err.toString()).contains("Nothing in").contains("studies Nobody");
    }

    /// One of the films whose frames carry their numbers.
    static String numbered(String name) {
        return Path.of("..", "media", "src", "test", "resources", "onebeat", "media", name)
                .toString();
    }

    @Test
    void aFilmTellsWhatItHolds() {
        assertThat(run("film", "--json", numbered("hevc-30.mov"))).isZero();
        JsonNode film = json();
        assertThat(film.get("width").asInt()).isEqualTo(160);
        assertThat(film.get("height").asInt()).isEqualTo(96);
        assertThat(film.get("rotation").asInt()).isZero();
        assertThat(film.get("frames").asInt()).isEqualTo(90);
        assertThat(film.get("seconds").asDouble()).isEqualTo(3, within(0.01));
        assertThat(film.get("fps").asDouble()).isEqualTo(30, within(0.01));
        assertThat(film.get("sound").get("rate").asInt()).isEqualTo(48_000);
        assertThat(film.get("codec").asString()).isEqualTo("hevc");
    }

    @Test
    void aFrameIsWrittenUpright() throws IOException {
        Path png = folder.resolve("frame.png");
        assertThat(run("film", "--frame", "5", "--png", png.toString(), numbered("h264-30-rotated.mp4")))
                .isZero();
        BufferedImage image = ImageIO.read(png.toFile());
        assertThat(image.getWidth()).isEqualTo(96);
        assertThat(image.getHeight()).isEqualTo(160);
        // The number is 5: the first and the third square down the right side are light.
        assertThat(image.getRGB(72, 10) & 0xff).isGreaterThan(128);
        assertThat(image.getRGB(72, 30) & 0xff).isLessThan(128);
        assertThat(image.getRGB(72, 50) & 0xff).isGreaterThan(128);
        assertThat(run("film", "--frame", "60", "--png", png.toString(), numbered("h264-30-rotated.mp4")))
                .isEqualTo(2);
        assertThat(err.toString()).contains("0 to 59");
    }

    @Test
    void whatIsNoFilmIsToldInTheFormThatWasAskedFor() throws IOException {
        String words = Files.writeString(folder.resolve("no.mp4"), "no film").toString();
        assertThat(run("film", "--json", words)).isEqualTo(2);
        assertThat(json().get("error").asString()).contains("no film");
        assertThat(run("film", words)).isEqualTo(2);
        assertThat(err.toString()).contains("no film");
    }

    @Test
    void aHabitIsCutOutOfAFilmWithItsWords() throws IOException {
        String log = film("""
                r,0.5,1,athlete,orthodox,southpaw,long,3 (lean),missed,
                r,1.5,1,athlete,orthodox,southpaw,long,1 (parry),blocked,
                r,2.2,1,athlete,orthodox,southpaw,long,3 (lean) 2,clean,
                r,2.6,1,athlete,orthodox,southpaw,long,3 (block),blocked,
                """);
        Path cut = folder.resolve("cut.mp4");
        Path vtt = folder.resolve("words.vtt");
        Path srt = folder.resolve("words.srt");
        assertThat(run(
                        "cut",
                        "--film",
                        numbered("hevc-30.mov"),
                        "--log",
                        log,
                        "--habit",
                        "3 -> lean",
                        "--out",
                        cut.toString(),
                        "--vtt",
                        vtt.toString(),
                        "--srt",
                        srt.toString()))
                .as(err.toString())
                .isZero();
        assertThat(out.toString()).contains("2 exchanges are in");
        assertThat(Files.readString(vtt)).startsWith("WEBVTT").contains("00:00:00.300 --> 00:00:00.960");
        assertThat(Files.readString(srt).lines().filter(line -> line.contains("-->")))
                .hasSize(4);
        assertThat(run("film", "--json", cut.toString())).isZero();
        assertThat(run("cut", "--film", numbered("hevc-30.mov"), "--log", log, "--habit", "1 -> lean", "--out", "x"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("Nobody answers 1 with lean");
        assertThat(run("cut", "--film", numbered("gone.mp4"), "--log", log, "--out", "x.mp4"))
                .isEqualTo(2);
        assertThat(err.toString()).contains("There is no film at");
    }
}
