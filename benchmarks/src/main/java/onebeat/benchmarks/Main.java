package onebeat.benchmarks;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
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

    private Main() {}

    /// With the word `clock`, `film` or `hearing` only that is measured; with `stops` nothing is, and what stops
    /// lines is printed.
    public static void main(String[] args)
            throws RunnerException, InterruptedException, ExecutionException, IOException {
        if (args.length > 0 && args[0].equals("stops")) {
            StopsRun.print();
            return;
        }
        if (args.length > 0 && args[0].equals("clock")) {
            ClockRun.print();
            return;
        }
        if (args.length > 0 && args[0].equals("film")) {
            FilmRun.print();
            return;
        }
        if (args.length > 0 && args[0].equals("plan")) {
            PlanRun.print(args.length > 1 ? Integer.parseInt(args[1]) : CAMPS);
            return;
        }
        if (args.length > 0 && args[0].equals("hearing")) {
            if (args.length > 1 && args[1].equals("tune")) {
                HearingTuning.print();
            } else if (args.length > 2 && args[1].equals("clips")) {
                PadClipMaker.write(Path.of(args[2]));
            } else {
                HearingRun.print();
            }
            return;
        }
        lines();
        reviews();
        beside(HabitsBenchmark.class, "habits, 100 000 exchanges", "sql");
        beside(EveningBenchmark.class, "an evening with reads", "anew");
        FinderRun.print();
        ClockRun.print();
        FilmRun.print();
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
        byLength.forEach((actions, statistics) -> System.out.printf(
                Locale.ROOT,
                "%-24s %8d %12.1f %12.1f %18.2f%n",
                "",
                actions,
                statistics.getPercentile(50),
                statistics.getPercentile(99),
                statistics.getPercentile(50) / shortest));
    }

    /// Each benchmark of a class beside one of them.
    private static void beside(Class<?> benchmark, String title, String one) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(benchmark.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        Map<String, Double> scores = new TreeMap<>();
        results.forEach(r ->
                scores.put(r.getPrimaryResult().getLabel(), r.getPrimaryResult().getScore()));
        double other = scores.getOrDefault(one, 1.0);
        System.out.printf(Locale.ROOT, "%n%-28s %12s %12s%n", title, "ms", "to " + one);
        scores.forEach((name, ms) -> System.out.printf(Locale.ROOT, "%-28s %12.2f %12.2f%n", name, ms, ms / other));
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
