package onebeat.benchmarks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.LongSupplier;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.formats.sound.Dispatch;

/// How far the sounds of a round are from their times, with two threads that are busy all the while, beside
/// a plain
/// scheduled executor. What is measured is when a sound is given out; there need be no sound card.
final class ClockRun {

    private static final int BPM = 300;
    private static final int SECONDS = 60;
    private static final int CLICKS = SECONDS * BPM / 60;
    private static final long EVERY_MS = 60_000 / BPM;

    private ClockRun() {}

    static void print() throws InterruptedException, ExecutionException {
        AtomicBoolean busy = new AtomicBoolean(true);
        List<Thread> others = List.of(spin(busy), spin(busy));
        double[] ours = dispatch();
        double[] plain = executor();
        busy.set(false);
        for (Thread other : others) {
            other.join();
        }
        System.out.printf(
                Locale.ROOT,
                "%n%-24s %10s %10s %10s %12s%n",
                "clock, " + SECONDS + " s at " + BPM,
                "median ms",
                "p99 ms",
                "most ms",
                "drift ms");
        row("sounds on time", ours);
        row("scheduled executor", plain);
        System.out.printf(Locale.ROOT, "%-24s %10.2f%n", "p99 to the executor", p(ours, 0.99) / p(plain, 0.99));
    }

    private static Thread spin(AtomicBoolean busy) {
        Thread thread = new Thread(() -> {
            double sum = 1;
            while (busy.get()) {
                for (int i = 1; i < 10_000; i++) {
                    sum += Math.sqrt(sum + i);
                }
            }
            if (sum < 0) {
                System.out.println(sum);
            }
        });
        thread.setDaemon(true);
        thread.start();
        return thread;
    }

    private static double[] dispatch() throws InterruptedException {
        List<Event> events = new ArrayList<>();
        for (int i = 1; i <= CLICKS; i++) {
            events.add(new Event(i * EVERY_MS, Kind.CLICK, 0, 0, "", i));
        }
        double[] late = new double[CLICKS];
        CountDownLatch done = new CountDownLatch(CLICKS);
        AtomicInteger at = new AtomicInteger();
        // The first time that the clock is asked is when the schedule begins.
        AtomicLong start = new AtomicLong();
        LongSupplier clock = () -> {
            long now = System.nanoTime();
            start.compareAndSet(0, now);
            return now;
        };
        try (Dispatch _ = new Dispatch(events, 0, clock, e -> {
            late[at.getAndIncrement()] = (System.nanoTime() - start.get()) / 1e6 - e.ms();
            done.countDown();
        })) {
            done.await(SECONDS + 10L, TimeUnit.SECONDS);
        }
        return late;
    }

    private static double[] executor() throws InterruptedException, ExecutionException {
        double[] late = new double[CLICKS];
        CountDownLatch done = new CountDownLatch(CLICKS);
        AtomicInteger at = new AtomicInteger();
        try (ScheduledExecutorService plain = Executors.newSingleThreadScheduledExecutor()) {
            plain.submit(() -> {}).get();
            long start = System.nanoTime();
            plain.scheduleAtFixedRate(
                    () -> {
                        int i = at.getAndIncrement();
                        if (i < CLICKS) {
                            late[i] = (System.nanoTime() - start) / 1e6 - (i + 1.0) * EVERY_MS;
                            done.countDown();
                        }
                    },
                    EVERY_MS,
                    EVERY_MS,
                    TimeUnit.MILLISECONDS);
            done.await(SECONDS + 10L, TimeUnit.SECONDS);
            plain.shutdownNow();
        }
        return late;
    }

    private static void row(String name, double[] late) {
        System.out.printf(
                Locale.ROOT,
                "%-24s %10.3f %10.3f %10.3f %12.3f%n",
                name,
                p(late, 0.5),
                p(late, 0.99),
                p(late, 1),
                mean(late, late.length * 3 / 4, late.length) - mean(late, 0, late.length / 4));
    }

    private static double p(double[] late, double share) {
        double[] sorted = late.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.min(sorted.length - 1L, Math.round(share * (sorted.length - 1)))];
    }

    /// The last quarter's mean less the first's is the drift.
    private static double mean(double[] late, int from, int to) {
        return Arrays.stream(late, from, to).average().orElse(0);
    }
}
