package onebeat.formats.sound;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;

/// Gives out the events of a schedule at their times, on a thread of its own, so that a busy screen does
/// not delay them.
///
/// It sleeps until shortly before an event and then watches the clock. After a machine slept or was too
/// busy, what is too late is left out instead of coming all at once; bells may be later than clicks.
public final class Dispatch implements AutoCloseable {

    /// Sounds that come due later than this are not given out any more.
    static final long TOO_LATE_MS = 400;

    /// A bell is given out even so late: a round must not begin or end unheard because the machine was busy.
    static final long BELL_TOO_LATE_MS = 3_000;

    /// So long before an event it stops sleeping and watches the clock. Longer would be no better: where
    /// the machine is busy, a thread that has watched for long is the one that has to wait.
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
            boolean bell = event.kind() == Kind.BELL || event.kind() == Kind.END;
            if (-left <= TimeUnit.MILLISECONDS.toNanos(bell ? BELL_TOO_LATE_MS : TOO_LATE_MS)) {
                give.accept(event);
            }
        }
    }

    /// Nothing is given out after this returns but what is being given out right now.
    @Override
    public void close() {
        closed = true;
        LockSupport.unpark(thread);
    }
}
