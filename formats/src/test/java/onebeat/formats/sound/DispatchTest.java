package onebeat.formats.sound;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import org.junit.jupiter.api.Test;

class DispatchTest {

    private static List<Event> clicks(int count, long everyMs) {
        List<Event> all = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            all.add(new Event(i * everyMs, Kind.CLICK, 0, 0, "", i));
        }
        return all;
    }

    private static void await(BooleanSupplier so) throws InterruptedException {
        for (int i = 0; i < 500 && !so.getAsBoolean(); i++) {
            Thread.sleep(10);
        }
        assertThat(so.getAsBoolean()).isTrue();
    }

    @Test
    void nothingComesBeforeItsTimeAndEverythingComesOnce() throws InterruptedException {
        // Bells, since a click that this machine brings too late would rightly be left out.
        List<Event> events = clicks(40, 25).stream()
                .map(e -> new Event(e.ms(), Kind.BELL, 0, 0, "", -1))
                .toList();
        List<Long> early = new CopyOnWriteArrayList<>();
        List<Event> given = new CopyOnWriteArrayList<>();
        long start = System.nanoTime();
        try (Dispatch _ = new Dispatch(events, 0, System::nanoTime, e -> {
            early.add(System.nanoTime() - start - TimeUnit.MILLISECONDS.toNanos(e.ms()));
            given.add(e);
        })) {
            await(() -> given.size() == events.size());
        }
        assertThat(given).containsExactlyElementsOf(events);
        assertThat(early).allMatch(ns -> ns >= 0);
    }

    @Test
    void afterAMachineSleptItGoesOnOnTheBeatInsteadOfBunching() throws InterruptedException {
        AtomicLong clock = new AtomicLong();
        List<Event> events = new ArrayList<>(clicks(100, 100));
        events.add(new Event(4_500, Kind.BELL, 1, -1, "", -1));
        events.sort((a, b) -> Long.compare(a.ms(), b.ms()));
        List<Event> given = new CopyOnWriteArrayList<>();
        try (Dispatch _ = new Dispatch(events, 0, clock::get, given::add)) {
            clock.set(TimeUnit.MILLISECONDS.toNanos(105));
            await(() -> given.size() == 1);
            clock.set(TimeUnit.MILLISECONDS.toNanos(205));
            await(() -> given.size() == 2);
            // It slept five seconds, and is there again shortly after a beat.
            clock.set(TimeUnit.MILLISECONDS.toNanos(5_220));
            await(() -> given.stream().anyMatch(e -> e.ms() == 5_200));
        }
        assertThat(given.stream().filter(e -> e.kind() == Kind.CLICK).map(Event::ms))
                .as("what is long past stays silent")
                .containsExactly(100L, 200L, 5_200L);
        assertThat(given.stream().filter(e -> e.kind() == Kind.BELL))
                .as("a bell is rung even late")
                .hasSize(1);
    }

    @Test
    void aCallThatLeavesNoTimeToHearItIsNotGivenOut() throws InterruptedException {
        AtomicLong clock = new AtomicLong();
        List<Event> events = List.of(
                new Event(100, Kind.CALL, 0, 0, "1 2", -1),
                new Event(400, Kind.CALL, 0, 1, "1 2", -1),
                new Event(500, Kind.CLICK, 0, 1, "", 0));
        List<Event> given = new CopyOnWriteArrayList<>();
        try (Dispatch _ = new Dispatch(events, 0, clock::get, given::add)) {
            clock.set(TimeUnit.MILLISECONDS.toNanos(510));
            await(() -> given.stream().anyMatch(e -> e.kind() == Kind.CLICK));
        }
        assertThat(given.stream().map(Event::ms)).containsExactly(400L, 500L);
    }

    @Test
    void itBeginsWhereItIsToldAndStopsWhenClosed() throws InterruptedException {
        AtomicLong clock = new AtomicLong();
        List<Event> given = new CopyOnWriteArrayList<>();
        Dispatch dispatch = new Dispatch(clicks(10, 100), 500, clock::get, given::add);
        clock.set(TimeUnit.MILLISECONDS.toNanos(120));
        await(() -> given.size() == 1);
        assertThat(given.getFirst().ms()).isEqualTo(600);
        dispatch.close();
        clock.set(TimeUnit.MILLISECONDS.toNanos(900));
        Thread.sleep(80);
        assertThat(given).hasSize(1);
    }
}
