package onebeat.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import onebeat.formats.out.TemporaryFolder;

/// Runs the campaign: all parts, or those that are named. `--count N` tries each so often, `--seed S` begins there.
public final class Main {

    private static final int FAILURES_TOLD = 5;

    private Main() {}

    public static void main(String[] args) throws Exception {
        // Nothing of the coach's own is touched: what the program keeps for itself goes here.
        Path program = TemporaryFolder.make("onebeat-soak");
        System.setProperty("onebeat.folder", program.toString());
        List<String> words = new ArrayList<>(Arrays.asList(args));
        if (words.contains("--help") || words.contains("-h")) {
            System.out.println(
                    "./onebeat soak [PART] … [--seed N] [--count N]   tries faults on camps of its own\nParts: "
                            + parts(program).stream()
                                    .map(part -> part.get().name())
                                    .collect(Collectors.joining(", ")));
            return;
        }
        long seed = number(words, "--seed", 1);
        long count = number(words, "--count", 0);
        int failed = 0;
        List<String> names = new ArrayList<>();
        List<String> unknown = new ArrayList<>(words);
        for (Supplier<Part> made : parts(program)) {
            Part part = made.get();
            names.add(part.name());
            unknown.remove(part.name());
            if (words.isEmpty() || words.contains(part.name())) {
                failed += run(part, seed, count > 0 ? count : part.usually());
            }
        }
        if (!unknown.isEmpty()) {
            System.out.printf(
                    "No part is called %s. There are: %s.%n", String.join(" ", unknown), String.join(", ", names));
            System.exit(2);
        }
        System.out.printf("%n%d failed%n", failed);
        System.exit(failed == 0 ? 0 : 1);
    }

    private static long number(List<String> words, String name, long usual) {
        int at = words.indexOf(name);
        if (at < 0) {
            return usual;
        }
        long value = Long.parseLong(words.get(at + 1));
        words.remove(at + 1);
        words.remove(at);
        return value;
    }

    private static List<Supplier<Part>> parts(Path folder) throws IOException {
        Path work = Files.createDirectory(folder.resolve("work"));
        return List.of(
                () -> new Kills(work),
                () -> new SpoiltCamps(work),
                () -> new AbsurdRows(work),
                () -> new FullDisk(work),
                () -> new FileTaken(work),
                () -> new LongImport(work),
                () -> new Stalls(work),
                () -> new Noise(),
                () -> new SpoiltFiles(work),
                () -> new FilmSizes(work),
                () -> new StrangersCamps(work),
                () -> new HostileFiles(work),
                () -> new FloorFaults(work),
                () -> new AnyNames(work),
                () -> new FloorHours(work),
                () -> new WindowHands(work));
    }

    private static int run(Part part, long seed, long count) throws Exception {
        long begun = System.nanoTime();
        int failed = 0;
        for (long i = 0; i < count; i++) {
            try {
                part.attempt(seed + i);
            } catch (Exception | AssertionError | StackOverflowError | OutOfMemoryError e) {
                if (failed++ < FAILURES_TOLD) {
                    System.out.printf(
                            "  %s failed: ./onebeat soak %s --seed %d --count 1%n    %s%n",
                            part.name(), part.name(), seed + i, e);
                    if (failed == 1) {
                        e.printStackTrace(System.out);
                    }
                }
            }
        }
        part.end();
        System.out.printf(
                Locale.ROOT,
                "%-14s tried %8d  failed %4d  %6.1f s  %s%n",
                part.name(),
                count,
                failed,
                (System.nanoTime() - begun) / 1e9,
                part.measured());
        return failed;
    }
}
