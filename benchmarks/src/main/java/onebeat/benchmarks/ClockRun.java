package onebeat.benchmarks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import java.util.function.LongSupplier;
import onebeat.core.holding.Holder;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.rounds.Block;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.formats.sound.Dispatch;
import onebeat.formats.sound.SaidCalls;
import onebeat.formats.sound.Voice;

/// How far the sounds of a whole round are from their times, with two threads that are busy all the while,
/// beside a plain scheduled executor that is given the same times. What is measured is when a sound is
/// given out; there need be no sound card. Both run at once, so that where the machine stands still for a moment it
/// does so for both; the executor's times lie a little later, so that neither wakes beside the other.
final class ClockRun {

    private static final int SECONDS = 180;
    private static final int GAP_BEATS = 2;

    /// How much later the executor's times lie; clicks at 300 a minute are 200 ms apart.
    private static final int APART_MS = 70;

    private static final List<Integer> TEMPOS = List.of(300, 30);

    private ClockRun() {}

    /// Lateness of each event that was given out, in milliseconds; ours leaves out what is too late to be
    /// heard.
    ///
    /// @param events how many there were
    private record Measured(int bpm, int events, double[] ours, double[] plain) {}

    static void print() throws InterruptedException, ExecutionException {
        AtomicBoolean busy = new AtomicBoolean(true);
        List<Thread> others = List.of(spin(busy), spin(busy));
        List<Measured> all = new ArrayList<>();
        for (int bpm : TEMPOS) {
            List<Event> events = events(bpm);
            try (ExecutorService both = Executors.newFixedThreadPool(2)) {
                Future<double[]> ours = both.submit(() -> dispatch(events));
                Future<double[]> plain = both.submit(() -> executor(events));
                all.add(new Measured(bpm, events.size(), ours.get(), plain.get()));
            }
        }
        busy.set(false);
        for (Thread other : others) {
            other.join();
        }
        System.out.printf(
                Locale.ROOT,
                "%n%-30s %8s %8s %10s %10s %10s %10s%n",
                "clock, a round of " + SECONDS + " s",
                "sounds",
                "left out",
                "median ms",
                "p99 ms",
                "most ms",
                "drift ms");
        for (Measured one : all) {
            row("sounds on time, at " + one.bpm, one.events, one.ours);
            row("scheduled executor, at " + one.bpm, one.events, one.plain);
        }
        // A round at 30 has too few sounds to tell its hundredth: all are taken together.
        double ours = p(together(all, Measured::ours), 0.99);
        double plain = p(together(all, Measured::plain), 0.99);
        PerformanceTable.row("round clock, 99 %", "ms late", ours, "plain scheduled executor", plain, "<= 1");
        System.out.printf(Locale.ROOT, "%-30s %8s %8s %10s %10.2f%n", "p99 to the executor", "", "", "", ours / plain);
    }

    private static double[] together(List<Measured> all, Function<Measured, double[]> late) {
        return all.stream().map(late).flatMapToDouble(Arrays::stream).toArray();
    }

    /// What is heard in a round, from its bell on.
    private static List<Event> events(int bpm) {
        Read read = (Read) Notation.read("1 2 3 rlow");
        SaidCalls calls = new SaidCalls(new Voice());
        Part part = Part.of(
                new RoundPlan("round", "", 0, "", bpm, GAP_BEATS),
                "round",
                read.line(),
                new Part.With(Setting.usual(), Holder.usual(), Odds.even(), SECONDS));
        Schedule schedule = Schedule.of(List.of(new Block(Block.Kind.ROUND, SECONDS, List.of())), List.of(part), calls);
        long bell = schedule.rounds().getFirst().startMs();
        return schedule.events().stream()
                .filter(e -> e.kind() != Kind.CUE && e.ms() > bell)
                .map(e -> new Event(e.ms() - bell, e.kind(), e.round(), e.repetition(), e.text(), e.beat()))
                .toList();
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

    private static double[] dispatch(List<Event> events) throws InterruptedException {
        double[] late = new double[events.size()];
        AtomicInteger at = new AtomicInteger();
        // The first time that the clock is asked is when the schedule begins.
        AtomicLong start = new AtomicLong();
        LongSupplier clock = () -> {
            long now = System.nanoTime();
            start.compareAndSet(0, now);
            return now;
        };
        try (Dispatch _ = new Dispatch(
                events, 0, clock, e -> late[at.getAndIncrement()] = (System.nanoTime() - start.get()) / 1e6 - e.ms())) {
            TimeUnit.SECONDS.sleep(SECONDS + 1L);
        }
        return Arrays.copyOf(late, at.get());
    }

    private static double[] executor(List<Event> events) throws InterruptedException, ExecutionException {
        double[] late = new double[events.size()];
        AtomicInteger at = new AtomicInteger();
        try (ScheduledExecutorService plain = Executors.newSingleThreadScheduledExecutor()) {
            plain.submit(() -> {}).get();
            long start = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(APART_MS);
            for (Event event : events) {
                long due = start + TimeUnit.MILLISECONDS.toNanos(event.ms());
                plain.schedule(
                        () -> {
                            late[at.getAndIncrement()] = (System.nanoTime() - due) / 1e6;
                        },
                        due - System.nanoTime(),
                        TimeUnit.NANOSECONDS);
            }
            TimeUnit.SECONDS.sleep(SECONDS + 1L);
            plain.shutdownNow();
        }
        return Arrays.copyOf(late, at.get());
    }

    /// The drift is the median of the last quarter less that of the first.
    private static void row(String name, int events, double[] late) {
        System.out.printf(
                Locale.ROOT,
                "%-30s %8d %8d %10.3f %10.3f %10.3f %10.3f%n",
                name,
                late.length,
                events - late.length,
                p(late, 0.5),
                p(late, 0.99),
                p(late, 1),
                p(Arrays.copyOfRange(late, late.length * 3 / 4, late.length), 0.5)
                        - p(Arrays.copyOf(late, late.length / 4), 0.5));
    }

    private static double p(double[] late, double share) {
        double[] sorted = late.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.min(sorted.length - 1L, Math.round(share * (sorted.length - 1)))];
    }
}
