package onebeat.formats.sound;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.timing.Reaction;

/// Gives out the events of a schedule at their times, on a thread of its own, so that a busy screen does
/// not delay them.
///
/// It sleeps until shortly before an event and then watches the clock. After a machine slept or was too
/// busy, what is too late is left out instead of coming all at once; bells may be later than clicks.
public final class Dispatch implements AutoCloseable {

    /// A click that comes later than this is not given out: off the beat it is worse than none. A default.
    static final long CLICK_TOO_LATE_MS = 40;

    /// A call that comes later than this leaves no time to hear it before its beat, and is not given out.
    static final long CALL_TOO_LATE_MS = Math.round(Reaction.HEARD_MS);

    /// A bell is given out even so late: a round must not begin or end unheard because the machine was
    /// busy. So are bursts and last minutes. A default.
    static final long BELL_TOO_LATE_MS = 3_000;

    /// So long before an event it stops sleeping and watches the clock: a sleeper wakes up some tenths of a
    /// millisecond
    /// late. A default.
    private static final long WATCH_NS = TimeUnit.MICROSECONDS.toNanos(300);

    /// A clock that somebody else moves is looked at so often.
    private static final long LOOK_NS = TimeUnit.MILLISECONDS.toNanos(20);

    private final List<Event> events;
    private final LongSupplier clockNs;
    private final Consumer<Event> give;
    private final long startNs;
    private final Thread thread;
    private volatile boolean closed;

    /// Begins at once.
    ///
    /// @param events by time
    /// @param fromMs where in the schedule it begins; earlier events are not given out
    /// @param clockNs a monotonic clock in nanoseconds
    /// @param give is given each event on the dispatcher's thread, and must return soon
    public Dispatch(List<Event> events, long fromMs, LongSupplier clockNs, Consumer<Event> give) {
        this.events = events.stream().filter(e -> e.ms() > fromMs).toList();
        this.clockNs = clockNs;
        this.give = give;
        this.startNs = clockNs.getAsLong() - TimeUnit.MILLISECONDS.toNanos(fromMs);
        thread = new Thread(this::run, "sounds on time");
        thread.setDaemon(true);
        thread.start();
    }

    private void run() {
        for (Event event : events) {
            long due = startNs + TimeUnit.MILLISECONDS.toNanos(event.ms());
            long left = due - clockNs.getAsLong();
            while (left > 0 && !closed) {
                if (left > WATCH_NS) {
                    LockSupport.parkNanos(Math.min(left - WATCH_NS, LOOK_NS));
                } else {
                    Thread.onSpinWait();
                }
                left = due - clockNs.getAsLong();
            }
            if (closed) {
                return;
            }
            if (-left <= TimeUnit.MILLISECONDS.toNanos(tooLateMs(event.kind()))) {
                give.accept(event);
            }
        }
    }

    private static long tooLateMs(Kind kind) {
        return switch (kind) {
            case CLICK -> CLICK_TOO_LATE_MS;
            case CALL, CUE -> CALL_TOO_LATE_MS;
            case BELL, END, BURST, LAST_MINUTE, LAST_TEN -> BELL_TOO_LATE_MS;
        };
    }

    /// Nothing is given out after this returns: what is being given out right now is waited for, so that whoever plays
    /// it
    /// is still there.
    @Override
    public void close() {
        closed = true;
        LockSupport.unpark(thread);
        if (!Thread.currentThread().equals(thread)) {
            try {
                thread.join(PATIENCE_MS);
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            }
        }
    }

    /// Giving an event out is a matter of milliseconds.
    private static final long PATIENCE_MS = 500;
}
