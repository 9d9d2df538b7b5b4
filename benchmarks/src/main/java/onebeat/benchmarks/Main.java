package onebeat.benchmarks;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ExecutionException;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;
import org.openjdk.jmh.util.Statistics;

/// Runs the benchmarks and prints each as a ratio to the shortest line of the same kind, and to looking at each
/// character once.
public final class Main {

    /// So many camps are planned where nobody says how many.
    private static final int CAMPS = 100;

    /// So many where everything is measured.
    private static final int FEW_CAMPS = 3;

    /// What one picture of the screen may take, in microseconds: 1/60 s.
    private static final double FRAME_US = 1e6 / 60;

    private Main() {}

    /// A part that can be measured alone.
    private interface Measured {
        void run(List<String> rest) throws RunnerException, InterruptedException, ExecutionException, IOException;
    }

    private static final Map<String, Measured> PARTS = parts();

    private static Map<String, Measured> parts() {
        Map<String, Measured> parts = new LinkedHashMap<>();
        parts.put("lines", _ -> lines());
        parts.put("reviews", _ -> reviews());
        parts.put("habits", _ -> beside(HabitsBenchmark.class, "habits, 100 000 exchanges", List.of("sql", "duckdb")));
        parts.put("evening", _ -> beside(EveningBenchmark.class, "an evening with reads", List.of("anew")));
        parts.put("finder", _ -> FinderRun.print());
        parts.put("plan", rest -> PlanRun.print(rest.isEmpty() ? CAMPS : Integer.parseInt(rest.getFirst())));
        parts.put("film", _ -> FilmRun.print());
        parts.put("hearing", rest -> {
            if (rest.contains("tune")) {
                HearingTuning.print();
                RingingTuning.print();
            } else if (rest.size() > 1 && rest.getFirst().equals("clips")) {
                PadClipMaker.write(Path.of(rest.get(1)));
            } else {
                HearingRun.print();
            }
        });
        parts.put("heard", _ -> HearingRun.speed());
        Path image = Path.of(System.getProperty("onebeat.image", "target/package/onebeat"));
        parts.put("window", _ -> WindowRun.print(image));
        parts.put("typing", _ -> TypingRun.print(image));
        parts.put("clock", _ -> ClockRun.print());
        return parts;
    }

    private static final Set<String> HELP = Set.of("--help", "-h", "help");

    /// Without a word all is measured but the tables of the ear, which take an hour and are no speeds; with the
    /// name of a part only that. At the end all ratios stand in one table.
    public static void main(String[] args)
            throws RunnerException, InterruptedException, ExecutionException, IOException {
        if (args.length > 0 && HELP.contains(args[0])) {
            System.out.println("./onebeat bench          measures all and prints one table: about twenty minutes\n"
                    + "./onebeat bench PART     measures one part: " + String.join(", ", PARTS.keySet()) + "\n"
                    + "Each row stands beside something measured in the same run. Nothing is changed.");
            return;
        }
        if (args.length > 0 && args[0].equals("stops")) {
            StopsRun.print();
            return;
        }
        if (args.length > 0) {
            Measured part = PARTS.get(args[0]);
            if (part == null) {
                System.err.println(
                        "There is no part " + args[0] + ". Parts are " + String.join(", ", PARTS.keySet()) + ".");
                System.exit(2);
            } else {
                part.run(List.of(args).subList(1, args.length));
            }
        } else {
            for (Map.Entry<String, Measured> part : PARTS.entrySet()) {
                if (!part.getKey().equals("hearing")) {
                    part.getValue().run(part.getKey().equals("plan") ? List.of("" + FEW_CAMPS) : List.of());
                }
            }
        }
        PerformanceTable.print();
    }

    /// The review of a line with two reads: median and 99 %, and how they grow with the length.
    private static void reviews() throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(ReviewBenchmark.class.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        Map<Integer, Statistics> byLength = new TreeMap<>();
        for (RunResult result : results) {
            byLength.put(
                    Integer.parseInt(result.getParams().getParam("actions")),
                    result.getPrimaryResult().getStatistics());
        }
        System.out.printf(
                Locale.ROOT,
                "%n%-24s %8s %12s %12s %18s%n",
                "review, two reads",
                "actions",
                "median µs",
                "99 %% µs".formatted(),
                "median to 6");
        double shortest =
                byLength.isEmpty() ? 1 : byLength.values().iterator().next().getPercentile(50);
        byLength.forEach((actions, statistics) -> PerformanceTable.row(
                "review, " + actions + " actions, 99 %",
                "µs",
                statistics.getPercentile(99),
                "one picture of the screen",
                FRAME_US,
                "<= 1"));
        byLength.forEach((actions, statistics) -> System.out.printf(
                Locale.ROOT,
                "%-24s %8d %12.1f %12.1f %18.2f%n",
                "",
                actions,
                statistics.getPercentile(50),
                statistics.getPercentile(99),
                statistics.getPercentile(50) / shortest));
    }

    /// The first benchmark of a class beside others of it.
    private static void beside(Class<?> benchmark, String title, List<String> others) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(benchmark.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        Map<String, Double> scores = new TreeMap<>();
        results.forEach(r ->
                scores.put(r.getPrimaryResult().getLabel(), r.getPrimaryResult().getScore()));
        System.out.printf(Locale.ROOT, "%n%-28s %12s%n", title, "ms");
        scores.forEach((name, ms) -> System.out.printf(Locale.ROOT, "%-28s %12.2f%n", name, ms));
        scores.forEach((name, ms) -> {
            if (!others.contains(name)) {
                others.forEach(other -> PerformanceTable.row(
                        title + ": " + name, "ms", ms, other, scores.getOrDefault(other, Double.NaN), "<= 1"));
            }
        });
    }

    private static void lines() throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(LineBenchmark.class.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        Map<String, Map<Integer, Double>> scores = new TreeMap<>();
        for (RunResult result : results) {
            String name = result.getPrimaryResult().getLabel();
            int actions = Integer.parseInt(result.getParams().getParam("actions"));
            scores.computeIfAbsent(name, _ -> new TreeMap<>())
                    .put(actions, result.getPrimaryResult().getScore());
        }
        Map<Integer, Double> once = scores.getOrDefault("eachCharacterOnce", Map.of());
        System.out.printf(
                Locale.ROOT, "%-24s %8s %12s %14s %18s%n", "", "actions", "µs", "to 6 actions", "to each char once");
        scores.forEach((name, byLength) -> byLength.forEach((actions, score) -> System.out.printf(
                Locale.ROOT,
                "%-24s %8d %12.2f %14.2f %18.1f%n",
                name,
                actions,
                score,
                score / byLength.getOrDefault(6, score),
                score / once.getOrDefault(actions, score))));
    }
}
