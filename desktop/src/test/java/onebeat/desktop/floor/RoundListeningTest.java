package onebeat.desktop.floor;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongSupplier;
import javafx.application.Platform;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Tonight;
import onebeat.core.hearing.PlannedContact;
import onebeat.core.hearing.PlannedRound;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.Driver;
import onebeat.desktop.sound.Microphone;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/// A microphone that gives sound as a real one does: in time, and with room for a second.
class RoundListeningTest {

    private static final int RATE = 44_100;

    @BeforeAll
    static void toolkit() throws InterruptedException {
        Driver.startToolkit();
    }

    /// A microphone that is its own ear.
    private abstract static class OneEar implements Microphone, Microphone.Ear {

        @Override
        public boolean isStandIn() {
            return true;
        }

        @Override
        public Optional<Ear> open(Schedule schedule, LongSupplier runMs) {
            return Optional.of(this);
        }

        @Override
        public int rate() {
            return RATE;
        }

        @Override
        public void close() {
            // It is over.
        }
    }

    /// Hits a third of a second apart for three seconds, as fast as the clock goes.
    private static final class InTime extends OneEar {

        private final float[] sound = new float[3 * RATE];
        private final long startNs = System.nanoTime();
        private final AtomicInteger lost = new AtomicInteger();
        private int given;

        InTime() {
            Random random = new Random(5);
            for (int hit = 1; hit < 9; hit++) {
                for (int i = 0; i < RATE / 10; i++) {
                    sound[hit * RATE / 3 + i] += (float) (0.3 * random.nextGaussian() * Math.exp(-i / 500.0));
                }
            }
        }

        @Override
        public int read(float[] into) {
            int there = (int) Math.min(sound.length, (System.nanoTime() - startNs) / 1e9 * RATE);
            if (there - given > RATE) {
                lost.addAndGet(there - given - RATE);
                given = there - RATE;
            }
            int count = Math.min(into.length, there - given);
            if (count == 0) {
                if (given == sound.length) {
                    return -1;
                }
                LockSupport.parkNanos(500_000);
                return 0;
            }
            System.arraycopy(sound, given, into, 0, count);
            given += count;
            return count;
        }
    }

    @Test
    void nothingIsLostBesideTwoBusyThreads() throws InterruptedException {
        AtomicBoolean busy = new AtomicBoolean(true);
        for (int i = 0; i < 2; i++) {
            Thread.ofPlatform().daemon().start(() -> {
                double work = 1;
                while (busy.get()) {
                    work = Math.sin(work) + 1;
                }
                assertThat(work).isFinite();
            });
        }
        InTime microphone = new InTime();
        List<Long> hits = new CopyOnWriteArrayList<>();
        List<Double> levels = new CopyOnWriteArrayList<>();
        AtomicInteger rounds = new AtomicInteger();
        AtomicBoolean over = new AtomicBoolean();
        try (RoundListening listening = new RoundListening(
                microphone,
                new RoundListening.Told(
                        levels::add, hits::add, (_, _) -> rounds.incrementAndGet(), () -> over.set(true)))) {
            Run run = new Run(new Schedule(List.of(), List.of(), List.of()), () -> 0);
            assertThat(listening.follow(run)).isTrue();
            for (int i = 0; i < 200 && !over.get(); i++) {
                Thread.sleep(50);
            }
        } finally {
            busy.set(false);
        }
        assertThat(over).as("told that it ended").isTrue();
        assertThat(microphone.lost).hasValue(0);
        assertThat(hits).hasSize(8);
        assertThat(levels).hasSizeGreaterThan(20).contains(1.0);
        assertThat(levels.getFirst()).as("before the first hit").isLessThan(0.5);
        for (int i = 0; i < hits.size(); i++) {
            assertThat(hits.get(i)).isBetween((i + 1) * 333L - 5, (i + 1) * 334L + 5);
        }
    }

    @Test
    void whileTheClockStandsNoRepetitionPasses() throws InterruptedException {
        Camp camp = DemoSituation.camp();
        Schedule schedule =
                Tonight.schedule(camp, camp.sessionOn(DemoSituation.DAY).orElseThrow());
        long start = schedule.rounds().getFirst().startMs();
        List<PlannedContact> first = PlannedRound.of(schedule, 0).of(0);
        long before = start + (long) first.getLast().ms() - 500;
        for (boolean runs : List.of(false, true)) {
            AtomicInteger rounds = new AtomicInteger();
            AtomicBoolean over = new AtomicBoolean();
            Run run = new Run(schedule, () -> 0);
            run.jumpTo(before);
            if (runs) {
                run.startOrPause();
            }
            RoundListening.Told told =
                    new RoundListening.Told(_ -> {}, _ -> {}, (_, _) -> rounds.incrementAndGet(), () -> over.set(true));
            try (RoundListening listening = new RoundListening(new InTime(), told)) {
                assertThat(listening.follow(run)).isTrue();
                for (int i = 0; i < 200 && !over.get(); i++) {
                    Thread.sleep(50);
                }
            }
            assertThat(over).isTrue();
            assertThat(rounds.get() > 0).as(runs ? "it runs" : "it stands").isEqualTo(runs);
        }
    }

    /// Two seconds of silence, as fast as they are asked for.
    private static final class AtOnce extends OneEar {

        private final CountDownLatch given = new CountDownLatch(1);
        private int left = 2 * RATE;

        @Override
        public int read(float[] into) {
            int count = Math.min(into.length, left);
            left -= count;
            if (count > 0) {
                return count;
            }
            given.countDown();
            return -1;
        }
    }

    @Test
    void aWindowThatIsBehindIsToldOneLevelNotAllItMissed() throws InterruptedException {
        AtOnce microphone = new AtOnce();
        List<Double> levels = new CopyOnWriteArrayList<>();
        CountDownLatch over = new CountDownLatch(1);
        RoundListening.Told told = new RoundListening.Told(levels::add, _ -> {}, (_, _) -> {}, over::countDown);
        try (RoundListening listening = new RoundListening(microphone, told)) {
            Platform.runLater(() -> {
                try {
                    assertThat(microphone.given.await(20, TimeUnit.SECONDS)).isTrue();
                } catch (InterruptedException e) {
                    throw new IllegalStateException(e);
                }
            });
            assertThat(listening.follow(new Run(new Schedule(List.of(), List.of(), List.of()), () -> 0)))
                    .isTrue();
            assertThat(over.await(20, TimeUnit.SECONDS)).isTrue();
        }
        assertThat(levels).hasSize(1);
    }
}
