package onebeat.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// What of a Java process lies in memory and what it is spent on, as the kernel counts it (proc(5), smaps, Rss), in
/// megabytes.
final class ResidentMemory {

    private static final double KB_PER_MB = 1024;

    /// Where a heap of 2 GB lies: the virtual machine puts it as low as it may (HeapBaseMinAddress), so that
    /// references fit into 32 bits.
    private static final long HEAP_FROM = 0x8000_0000L;

    private static final long HEAP_TO = 0x1_0000_0000L;

    private static final Pattern MAPPING = Pattern.compile("([0-9a-f]+)-[0-9a-f]+ (\\S{4}) \\S+ \\S+ \\S+\\s*(.*)");
    private static final Pattern RESIDENT = Pattern.compile("Rss:\\s+(\\d+) kB");

    /// What memory is spent on.
    enum Kind {
        HEAP("objects and what was garbage since"),
        CACHE("classes from the start-up cache"),
        COMPILED("compiled code"),
        LIBRARIES("libraries, fonts and the runtime's files"),
        NATIVE("the toolkit's and the runtime's own memory");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        private static Kind of(long from, String rights, String file) {
            if (from >= HEAP_FROM && from < HEAP_TO) {
                return HEAP;
            }
            if (file.endsWith(".aot") || file.endsWith(".jsa")) {
                return CACHE;
            }
            if (file.startsWith("/")) {
                return LIBRARIES;
            }
            return rights.contains("x") ? COMPILED : NATIVE;
        }
    }

    private final Map<Kind, Double> mb;

    private ResidentMemory(Map<Kind, Double> mb) {
        this.mb = mb;
    }

    /// Nothing yet.
    static ResidentMemory none() {
        return new ResidentMemory(Map.of());
    }

    /// What a process has now; nothing where it has ended.
    static ResidentMemory of(Process process) {
        Map<Kind, Double> mb = new EnumMap<>(Kind.class);
        try {
            Kind kind = Kind.NATIVE;
            for (String line : Files.readAllLines(Path.of("/proc", Long.toString(process.pid()), "smaps"))) {
                Matcher mapping = MAPPING.matcher(line);
                Matcher resident = RESIDENT.matcher(line);
                if (mapping.matches()) {
                    kind = Kind.of(Long.parseUnsignedLong(mapping.group(1), 16), mapping.group(2), mapping.group(3));
                } else if (resident.matches()) {
                    mb.merge(kind, Long.parseLong(resident.group(1)) / KB_PER_MB, Double::sum);
                }
            }
        } catch (IOException _) {
            return none();
        }
        return new ResidentMemory(mb);
    }

    double total() {
        return mb.values().stream().mapToDouble(Double::doubleValue).sum();
    }

    /// Where ours goes, beside another's.
    static void print(ResidentMemory ours, ResidentMemory other) {
        System.out.printf(Locale.ROOT, "%n%-46s %8s %8s %8s%n", "memory, MB", "ours", "bare", "more");
        System.out.print(Arrays.stream(Kind.values())
                .map(kind -> row(kind.words, ours.mb.getOrDefault(kind, 0.0), other.mb.getOrDefault(kind, 0.0)))
                .collect(Collectors.joining()));
        System.out.print(row("together", ours.total(), other.total()));
    }

    private static String row(String words, double ours, double other) {
        return String.format(Locale.ROOT, "%-46s %8.1f %8.1f %8.1f%n", words, ours, other, ours - other);
    }
}
