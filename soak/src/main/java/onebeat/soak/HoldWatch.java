package onebeat.soak;

import java.lang.management.GarbageCollectorMXBean;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/// Looks at a thread while it holds something up, so that a long hold can be told with what it was spent on.
final class HoldWatch {

    /// Shorter holds are not looked at, in milliseconds.
    private static final long SHORT_MS = 40;

    private static final long BETWEEN_MS = 8;

    private final Thread watched;
    private final List<StackTraceElement[]> seen = new ArrayList<>();
    private boolean holds;
    private long begunAt;
    private long collectedMs;

    /// A hold that is over.
    ///
    /// @param ms   how long it was, in milliseconds
    /// @param with what it was spent on, as far as that was seen
    record Hold(double ms, String with) {

        @Override
        public String toString() {
            return String.format(Locale.ROOT, "%.0f ms (%s)", ms, with);
        }

        static Hold longer(Hold one, Hold other) {
            return other.ms > one.ms ? other : one;
        }
    }

    HoldWatch(Thread watched) {
        this.watched = watched;
        Thread.ofPlatform().daemon().name("hold watch").start(this::look);
    }

    synchronized void begin() {
        seen.clear();
        collectedMs = collectedMs();
        begunAt = System.nanoTime();
        holds = true;
    }

    synchronized Hold end() {
        holds = false;
        double ms = (System.nanoTime() - begunAt) / 1e6;
        long collected = collectedMs() - collectedMs;
        String with = mostSeen().orElse("");
        return new Hold(ms, collected > 0 ? String.format(Locale.ROOT, "%s, %d ms collecting", with, collected) : with);
    }

    private void look() {
        while (true) {
            try {
                Thread.sleep(BETWEEN_MS);
            } catch (InterruptedException _) {
                return;
            }
            synchronized (this) {
                if (holds && System.nanoTime() - begunAt > SHORT_MS * 1_000_000) {
                    seen.add(watched.getStackTrace());
                }
            }
        }
    }

    /// The place that was seen most: the innermost of our own, where there is none that of a library, or where there
    /// is none either, of the runtime.
    private Optional<String> mostSeen() {
        Map<String, Integer> counts = new HashMap<>();
        for (StackTraceElement[] stack : seen) {
            place(stack).ifPresent(place -> counts.merge(place, 1, Integer::sum));
        }
        return counts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(most -> most.getKey() + " " + most.getValue() + " of " + seen.size());
    }

    private static Optional<String> place(StackTraceElement[] stack) {
        return innermost(stack, name -> name.startsWith("onebeat."))
                .or(() -> innermost(stack, name -> !name.startsWith("java.") && !name.startsWith("jdk.")))
                .or(() -> innermost(stack, _ -> true))
                .map(HoldWatch::words);
    }

    private static Optional<StackTraceElement> innermost(StackTraceElement[] stack, Predicate<String> of) {
        return Arrays.stream(stack).filter(at -> of.test(at.getClassName())).findFirst();
    }

    private static String words(StackTraceElement at) {
        String name = at.getClassName();
        return name.substring(name.lastIndexOf('.') + 1) + "." + at.getMethodName();
    }

    private static long collectedMs() {
        return ManagementFactory.getGarbageCollectorMXBeans().stream()
                .mapToLong(GarbageCollectorMXBean::getCollectionTime)
                .sum();
    }
}
