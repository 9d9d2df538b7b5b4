package onebeat.benchmarks;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import onebeat.formats.out.TemporaryFolder;

/// The installed program as a whole process beside an empty window on the same runtime: how long until it is
/// drawn, how much memory it takes, and how long its command line takes beside an empty program that loads the
/// same library. Processes run without a display; times are medians of several runs in turn, memory is of one run.
final class WindowRun {

    private static final int TIMES = 7;
    private static final long SAMPLE_MS = 250;
    private static final List<String> HEADLESS = List.of("-Dglass.platform=Headless", "-Dprism.order=sw");

    private WindowRun() {}

    /// @param image the folder of the installed program
    static void print(Path image) throws IOException, InterruptedException {
        Path data = TemporaryFolder.make("onebeat-window");
        String java = image.resolve("lib/runtime/bin/java").toString();
        String classes =
                Path.of(System.getProperty("java.class.path").split(":", 2)[0]).toString();
        List<String> bare =
                List.of(java, "-XX:+UseSerialGC", "-Xms64m", "-Xmx2g", "-cp", classes, BareWindow.Main.class.getName());
        List<String> ours = List.of(image.resolve("bin/onebeat-window").toString(), "demo");
        // The first start makes the demo camp and unpacks libraries; it is not counted.
        opened(ours, data, "open");
        double[] oursS = new double[TIMES];
        double[] shownS = new double[TIMES];
        double[] bareS = new double[TIMES];
        for (int i = 0; i < TIMES; i++) {
            bareS[i] = opened(bare, data, "");
            shownS[i] = opened(ours, data, "show");
            oursS[i] = opened(ours, data, "open");
        }
        PerformanceTable.row("start to a window", "s", median(shownS), "bare window", median(bareS), "<= 1.5");
        PerformanceTable.row(
                "start to the drawn demo camp", "s", median(oursS), "bare window", median(bareS), "<= 1.5");
        ResidentMemory bareMb =
                memory(Stream.concat(bare.stream(), Stream.of("20")).toList(), data, "");
        ResidentMemory oursMb = memory(ours, data, "all");
        ResidentMemory.print(oursMb, bareMb);
        PerformanceTable.row(
                "memory, demo, each station seen", "MB", oursMb.total(), "bare window", bareMb.total(), "<= 1.5");
        commands(image, java, classes, data);
    }

    /// `check "1 2"` beside an empty program that loads picocli.
    private static void commands(Path image, String java, String classes, Path data)
            throws IOException, InterruptedException {
        List<String> check = List.of(image.resolve("bin/onebeat").toString(), "check", "1 2");
        List<String> empty = List.of(
                java,
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                classes + ":" + jar(image, "picocli"),
                EmptyCommand.class.getName());
        double[] checkS = new double[2 * TIMES];
        double[] emptyS = new double[2 * TIMES];
        for (int i = 0; i < 2 * TIMES; i++) {
            emptyS[i] = whole(empty, data);
            checkS[i] = whole(check, data);
        }
        PerformanceTable.row(
                "check \"1 2\"", "s", median(checkS), "empty program with picocli", median(emptyS), "<= 1.3");
    }

    private static String jar(Path image, String name) throws IOException {
        try (Stream<Path> files = Files.list(image.resolve("lib/app"))) {
            return files.map(Path::toString).filter(file -> file.contains(name)).collect(Collectors.joining(":"));
        }
    }

    /// Starts a program without a display.
    ///
    /// @param tour empty where there is none
    private static Process begin(List<String> command, Path data, String tour) throws IOException {
        String tours = tour.isEmpty() ? "" : " -Donebeat.tour=" + tour;
        return beginWith(String.join(" ", HEADLESS) + tours, command, data);
    }

    /// Starts a program.
    ///
    /// @param options of the virtual machine
    /// @param data the folder that stands for the coach's own
    static Process beginWith(String options, List<String> command, Path data) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD);
        builder.environment().put("XDG_DATA_HOME", data.toString());
        builder.environment().put("JAVA_TOOL_OPTIONS", options);
        return builder.start();
    }

    /// Seconds until a process says `open`.
    private static double opened(List<String> command, Path data, String tour)
            throws IOException, InterruptedException {
        long begun = System.nanoTime();
        Process process = begin(command, data, tour);
        double seconds = Double.NaN;
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.equals("open")) {
                    seconds = (System.nanoTime() - begun) / 1e9;
                }
            }
        }
        process.waitFor();
        return seconds;
    }

    private static double whole(List<String> command, Path data) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        Process process = begin(command, data, "");
        process.getInputStream().readAllBytes();
        process.waitFor();
        return (System.nanoTime() - begun) / 1e9;
    }

    /// The most memory that a process had at any time.
    private static ResidentMemory memory(List<String> command, Path data, String tour)
            throws IOException, InterruptedException {
        Process process = begin(command, data, tour);
        ResidentMemory most = ResidentMemory.none();
        while (process.isAlive()) {
            ResidentMemory now = ResidentMemory.of(process);
            most = now.total() > most.total() ? now : most;
            Thread.sleep(SAMPLE_MS);
        }
        process.inputReader()
                .lines()
                .filter(line -> line.startsWith("alive "))
                .forEach(line -> System.out.printf("%nof the objects %s%n", line));
        return most;
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }
}
