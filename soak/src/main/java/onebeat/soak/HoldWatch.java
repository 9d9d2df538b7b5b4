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
import org.jspecify.annotations.Nullable;

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

    /// The innermost place of our own that was seen most, or where there is none the innermost of all.
    private Optional<String> mostSeen() {
        Map<String, Integer> counts = new HashMap<>();
        for (StackTraceElement[] stack : seen) {
            ours(stack).ifPresent(place -> counts.merge(place, 1, Integer::sum));
        }
        return counts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(most -> most.getKey() + " " + most.getValue() + " of " + seen.size());
    }

    private static Optional<String> ours(StackTraceElement[] stack) {
        Optional<StackTraceElement> own = Arrays.stream(stack)
                .filter(at -> at.getClassName().startsWith("onebeat."))
                .findFirst();
        @Nullable StackTraceElement inner = stack.length > 0 ? stack[0] : null;
        return own.or(() -> Optional.ofNullable(inner)).map(HoldWatch::words);
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
