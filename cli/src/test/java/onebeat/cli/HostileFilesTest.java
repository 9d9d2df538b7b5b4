package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Files and folders that are not what a command asks for: one sentence, exit code 2, and never a wait.
class HostileFilesTest {

    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final String FROM = SmallCamp.FIRST.toString();

    @TempDir
    private Path folder;

    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    private int run(String... arguments) {
        out = new StringWriter();
        err = new StringWriter();
        return assertTimeoutPreemptively(PATIENCE, () -> Main.run(out, err, arguments));
    }

    private static int system(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor();
    }

    private void toldInOneSentence(String words) {
        assertThat(err.toString()).contains(words).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @Test
    void devicesAndPipesAreNotReadForEver() throws IOException, InterruptedException {
        Path camp = SmallCamp.in(folder);
        Path fifo = folder.resolve("pipe");
        assumeTrue(system("mkfifo", fifo.toString()) == 0);
        for (String device : List.of("/dev/zero", fifo.toString())) {
            assertThat(run("plan", "--from", FROM, "--beside", device, camp.toString()))
                    .isEqualTo(2);
            toldInOneSentence("Choose a file");
            assertThat(run("plan", "--from", FROM, "--calendar", device, camp.toString()))
                    .isEqualTo(2);
            toldInOneSentence("Choose a file");
            assertThat(run("hear", device)).isEqualTo(2);
            toldInOneSentence("a folder or a device");
            assertThat(run("film", device)).isEqualTo(2);
            toldInOneSentence("is no file that holds a film");
        }
    }

    @Test
    void textThatIsNotUtf8IsTold() throws IOException {
        Path camp = SmallCamp.in(folder);
        Path latin = Files.write(
                folder.resolve("latin.json"), "{\"camp\": \"Übung\"}".getBytes(StandardCharsets.ISO_8859_1));
        for (String option : List.of("--beside", "--calendar")) {
            assertThat(run("plan", "--from", FROM, option, latin.toString(), camp.toString()))
                    .isEqualTo(2);
            toldInOneSentence("not text in UTF-8");
        }
    }

    @Test
    void aFolderThatIsNotThereIsNamed() throws IOException {
        Path camp = SmallCamp.in(folder);
        Path nowhere = folder.resolve("nowhere").resolve("plan.ics");
        assertThat(run(
                        "plan",
                        "--from",
                        SmallCamp.FIRST.toString(),
                        "--seconds",
                        "1",
                        "--ics",
                        nowhere.toString(),
                        camp.toString()))
                .isEqualTo(2);
        toldInOneSentence("the folder " + nowhere.getParent() + " is not there");
    }

    /// A full disk of its own; left out where nothing may be mounted.
    @Test
    void aFullDiskIsToldOfAPicture() throws IOException, InterruptedException {
        Path small = Files.createDirectory(folder.resolve("small"));
        assumeTrue(system("mount", "-t", "tmpfs", "-o", "size=8k", "tmpfs", small.toString()) == 0);
        try {
            Files.write(small.resolve("ballast"), new byte[8192]);
            String film = FilmCommandsTest.numbered("h264-24.mp4");
            Path png = small.resolve("frame.png");
            assertThat(run("film", film, "--frame", "1", "--png", png.toString()))
                    .isEqualTo(2);
            toldInOneSentence("Nothing was written");
            try (Stream<Path> left = Files.list(small)) {
                assertThat(left).containsExactly(small.resolve("ballast"));
            }
        } finally {
            system("umount", small.toString());
        }
    }

    /// A folder that cannot be written: what only reads works, and leaves nothing behind.
    @Test
    void campsAreReadWhereNothingCanBeWritten() throws IOException, InterruptedException {
        Path inner = Files.createDirectory(folder.resolve("camp"));
        Path camp = SmallCamp.in(inner);
        byte[] before = Files.readAllBytes(camp);
        Path mounted = Files.createDirectory(folder.resolve("mounted"));
        assumeTrue(system("mount", "--bind", inner.toString(), mounted.toString()) == 0);
        try {
            assumeTrue(system("mount", "-o", "remount,ro,bind", mounted.toString()) == 0);
            Path there = mounted.resolve("camp.onebeat");
            Path exported = folder.resolve("exported");
            assertThat(run("export", there.toString(), "--out", exported.toString()))
                    .as(err.toString())
                    .isZero();
            assertThat(exported.resolve("book.csv")).isRegularFile();
            String[] plan = {"plan", "--from", SmallCamp.FIRST.toString(), "--seconds", "1", there.toString()};
            assertThat(run(plan)).as(err.toString()).isZero();
        } finally {
            system("umount", mounted.toString());
        }
        assertThat(Files.readAllBytes(camp)).isEqualTo(before);
        try (Stream<Path> files = Files.list(inner)) {
            assertThat(files).containsExactly(camp);
        }
    }

    /// While the program has a camp open, commands of another process still read it.
    @Test
    void aCampThatIsOpenIsReadByAnotherProcess() throws IOException, InterruptedException {
        Path camp = SmallCamp.in(folder);
        try (CampFile held = ((Opening.Opened) CampFile.open(camp)).file()) {
            assertThat(held.isForReading()).isFalse();
            assertThat(system(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "--enable-native-access=ALL-UNNAMED",
                            "-cp",
                            System.getProperty("java.class.path"),
                            "onebeat.cli.Main",
                            "export",
                            camp.toString(),
                            "--out",
                            folder.resolve("out").toString()))
                    .isZero();
        }
    }

    @Test
    void theGymsCalendarGivesTheDays() throws IOException {
        Path camp = SmallCamp.in(folder);
        Path calendar = Files.writeString(folder.resolve("gym.ics"), """
                BEGIN:VCALENDAR
                VERSION:2.0
                PRODID:-//invented//gym//EN
                BEGIN:VEVENT
                UID:1@invented
                DTSTAMP:20261001T000000Z
                DTSTART:20261014T190000
                DTEND:20261014T203000
                RRULE:FREQ=WEEKLY
                END:VEVENT
                END:VCALENDAR
                """.replace("\n", "\r\n"));
        assertThat(run(
                        "plan",
                        "--from",
                        SmallCamp.FIRST.toString(),
                        "--seconds",
                        "1",
                        "--calendar",
                        calendar.toString(),
                        camp.toString()))
                .as(err.toString())
                .isZero();
        assertThat(out.toString().lines().filter(line -> line.startsWith("2026-")))
                .isNotEmpty()
                .allMatch(line -> line.startsWith("2026-10-14")
                        || line.startsWith("2026-10-21")
                        || line.startsWith("2026-10-28"));
    }

    @Test
    void aFeedThatIsTooLongForItsDepthIsAnErrorWithTheLeastDepth() {
        assertThat(run("find", "--depth", "3", "(1 2 3 2 3 2 3 rlow)")).isEqualTo(2);
        toldInOneSentence("--depth is 8 at least, not 3");
        assertThat(run("find", "(1 2 3 2 3 2 3 2 3 rlow)")).isEqualTo(2);
        toldInOneSentence("feeds 10 strikes");
    }

    @ParameterizedTest
    @ValueSource(strings = {"gone.mp4", "films/gone", "./completin", "/tmp/x.onebeat"})
    void aPathThatIsNotThereIsNoWord(String path) {
        assertThat(run(path)).isEqualTo(2);
        toldInOneSentence("There is no file " + path);
        assertThat(err.toString()).doesNotContain("completion");
    }

    @ParameterizedTest
    @CsvSource({"chek,check", "habit,habits"})
    void aWordIsStillToldByTheNearestOne(String word, String near) {
        assertThat(run(word)).isEqualTo(2);
        assertThat(err.toString()).contains(near);
    }
}
