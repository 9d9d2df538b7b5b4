package onebeat.packaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Builds the package, unpacks it elsewhere and uses it: with the caches that were made in another place, on the
/// runtime that it brings.
class InstalledProgramTest {

    private static final Path ROOT = Path.of(System.getProperty("onebeat.root", ".."));
    private static final String VERSION = System.getProperty("onebeat.version", "");

    private static final String OPEN_AND_END = "-Dprism.order=sw -Donebeat.tour=open -XX:AOTMode=on ";
    private static final String ENDS_WITH_A_WINDOW = "-Dprism.order=sw -Donebeat.tour=show ";
    private static final String HEADLESS = "-Dglass.platform=Headless ";

    /// Other tests drive windows meanwhile, and there is one keyboard for a display.
    private static final List<String> ON_ITS_OWN_DISPLAY = Files.isExecutable(Path.of("/usr/bin/xvfb-run"))
            ? List.of("xvfb-run", "-a", "-s", "-screen 0 1280x800x24")
            : List.of();

    @TempDir
    static Path folder;

    private static Path installed = Path.of("");

    private record Ran(int code, String out) {}

    @BeforeAll
    static void install() throws Exception {
        Path made = ROOT.resolve("packaging/target/package");
        Ran packed = windowed(
                Map.of("JAVA_HOME", System.getProperty("java.home")),
                ROOT.resolve("scripts/package.sh").toString(),
                made.toString(),
                VERSION);
        assertThat(packed.code).as(packed.out).isZero();
        try (Stream<Path> files = Files.list(made)) {
            Path deb =
                    files.filter(f -> f.toString().endsWith(".deb")).findFirst().orElse(null);
            assumeTrue(deb != null, "there is no dpkg-deb here");
            assertThat(run(Map.of(), "dpkg-deb", "-x", String.valueOf(deb), folder.toString()).code)
                    .isZero();
        }
        installed = folder.resolve("opt/onebeat/bin/onebeat");
    }

    private static Ran run(Map<String, String> environment, String... command) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().put("XDG_DATA_HOME", folder.resolve("data").toString());
        // Whoever needs a display brings one.
        if (!ON_ITS_OWN_DISPLAY.isEmpty()) {
            builder.environment().remove("DISPLAY");
        }
        builder.environment().putAll(environment);
        Process process = builder.start();
        process.getOutputStream().close();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(5, TimeUnit.MINUTES)).isTrue();
        return new Ran(process.exitValue(), out);
    }

    /// The same with a window on a display that nobody else uses.
    private static Ran windowed(Map<String, String> environment, String... command) throws Exception {
        return run(
                environment,
                Stream.concat(ON_ITS_OWN_DISPLAY.stream(), Stream.of(command)).toArray(String[]::new));
    }

    private static Ran onebeat(String... words) throws Exception {
        return run(
                Map.of(),
                Stream.concat(Stream.of(installed.toString()), Stream.of(words)).toArray(String[]::new));
    }

    /// A camp of its own for a test: a copy of the demo that the program makes once.
    private static Path camp(String name) throws Exception {
        Path demo = folder.resolve("demo.onebeat");
        if (!Files.exists(demo)) {
            Ran made = onebeat("demo", "--camp", demo.toString());
            assertThat(made.code).as(made.out).isZero();
        }
        return Files.copy(demo, folder.resolve(name));
    }

    private static void opens(Path camp, String options) throws Exception {
        Map<String, String> environment = Map.of("JAVA_TOOL_OPTIONS", options);
        Ran opened = options.contains(HEADLESS)
                ? run(environment, installed.toString(), camp.toString())
                : windowed(environment, installed.toString(), camp.toString());
        assertThat(opened.code).as(opened.out).isZero();
        assertThat(opened.out.lines()).contains("open");
        assertThat(remembered()).contains(camp.toString());
    }

    /// What the program keeps of the camp that it opened last.
    private static String remembered() throws IOException {
        Path last = folder.resolve("data/onebeat/last-camp");
        return Files.exists(last) ? Files.readString(last, StandardCharsets.UTF_8) : "";
    }

    /// Where the program ends as soon as its window is drawn, no camp was shown yet, and so none is remembered.
    @Test
    void theWindowIsOnScreenBeforeTheCampIsShown() throws Exception {
        Path camp = camp("three.onebeat");
        Ran shown =
                run(Map.of("JAVA_TOOL_OPTIONS", ENDS_WITH_A_WINDOW + HEADLESS), installed.toString(), camp.toString());
        assertThat(shown.code).as(shown.out).isZero();
        assertThat(shown.out.lines()).contains("open");
        assertThat(remembered()).doesNotContain(camp.toString());
        opens(camp, OPEN_AND_END + HEADLESS);
    }

    /// Somebody starts it for the first time, or the last camp is no camp any more: the page with the first steps
    /// comes.
    @Test
    void withoutACampItWelcomes() throws Exception {
        Path data = Files.createDirectory(folder.resolve("fresh"));
        Map<String, String> environment =
                Map.of("JAVA_TOOL_OPTIONS", OPEN_AND_END + HEADLESS, "XDG_DATA_HOME", data.toString());
        Path none = Files.writeString(folder.resolve("none.onebeat"), "no camp");
        for (List<String> camp : List.of(List.<String>of(), List.of(none.toString()))) {
            Ran opened = run(
                    environment,
                    Stream.concat(Stream.of(installed.toString()), camp.stream())
                            .toArray(String[]::new));
            assertThat(opened.code).as(opened.out).isZero();
            assertThat(opened.out.lines()).contains("open");
            assertThat(opened.out).doesNotContain("Exception");
        }
    }

    @Test
    void theCommandLineWorks() throws Exception {
        Ran checked = onebeat("check", "1 2 off");
        assertThat(checked.code).isZero();
        assertThat(checked.out).startsWith("1 2 off").contains("107 cm");
        assertThat(onebeat("--version").out.strip()).isEqualTo("One Beat " + VERSION);
        assertThat(onebeat("chek", "1 2").code).isEqualTo(2);
    }

    @Test
    void theCommandLineStartsFromItsCache() throws Exception {
        Ran checked = run(Map.of("JAVA_TOOL_OPTIONS", "-XX:AOTMode=on"), installed.toString(), "check", "1 2 off");
        assertThat(checked.code).as(checked.out).isZero();
    }

    /// What is only found at run time would not be missed by a program that starts: the solver's library, the decoder
    /// of films.
    @Test
    void whatBringsALibraryOfItsOwnWorks() throws Exception {
        Ran planned =
                onebeat("plan", "--json", "--seconds", "1", camp("plan.onebeat").toString());
        assertThat(planned.code).as(planned.out).isZero();
        assertThat(planned.out).as("looked for by the solver").containsPattern("\"bound\":[0-9]");
        Path film = ROOT.resolve("desktop/src/main/resources/onebeat/desktop/demo/ring-apron.mp4");
        Ran told = onebeat("film", "--json", film.toString());
        assertThat(told.code).as(told.out).isZero();
        assertThat(told.out).contains("\"codec\"");
    }

    @Test
    void aCampOpensByItsPathWithoutADisplay() throws Exception {
        opens(camp("one.onebeat"), OPEN_AND_END + HEADLESS);
    }

    @Test
    void aCampOpensInARealWindow() throws Exception {
        assumeTrue(System.getenv("DISPLAY") != null || !ON_ITS_OWN_DISPLAY.isEmpty(), "there is no display here");
        opens(camp("two.onebeat"), OPEN_AND_END);
    }

    @Test
    void whatADesktopNeedsLiesWhereItLooks() {
        for (String file : List.of(
                "usr/bin/onebeat",
                "usr/share/applications/onebeat.desktop",
                "usr/share/mime/packages/onebeat.xml",
                "usr/share/icons/hicolor/48x48/apps/onebeat.png",
                "usr/share/icons/hicolor/scalable/apps/onebeat.svg",
                "usr/share/bash-completion/completions/onebeat",
                "usr/share/man/man1/onebeat.1.gz")) {
            assertThat(Files.exists(folder.resolve(file), java.nio.file.LinkOption.NOFOLLOW_LINKS))
                    .as(file)
                    .isTrue();
        }
    }
}
