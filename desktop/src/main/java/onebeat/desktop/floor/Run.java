package onebeat.desktop.floor;

import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.Predicate;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;

/// A session on the clock: where it is, and what is due. It reads a monotonic clock and knows nothing of
/// the screen.
public final class Run {

    /// What the session is doing.
    public enum State {
        READY,
        RUNNING,
        PAUSED,
        DONE
    }

    private final Schedule schedule;
    private final LongSupplier clockMs;
    private State state = State.READY;
    private long doneMs;
    private long startedAt;
    private long handledMs = -1;

    /// @param clockMs a monotonic clock in milliseconds
    public Run(Schedule schedule, LongSupplier clockMs) {
        this.schedule = schedule;
        this.clockMs = clockMs;
    }

    public Schedule schedule() {
        return schedule;
    }

    public State state() {
        return state;
    }

    /// Starts, pauses or goes on.
    public void startOrPause() {
        switch (state) {
            case READY, PAUSED -> {
                startedAt = clockMs.getAsLong();
                state = State.RUNNING;
            }
            case RUNNING -> {
                doneMs = atMs();
                state = State.PAUSED;
            }
            case DONE -> {
                // It stays done; another run is another Run.
            }
        }
    }

    /// The machine stood still since the events were last asked for: the session pauses where it was then. What would
    /// have been given out meanwhile was not heard, and is not counted as run.
    ///
    /// @return how long it stood, in milliseconds
    public long stoodStill() {
        long lost = atMs() - Math.max(0, handledMs);
        doneMs = Math.max(0, handledMs);
        state = State.PAUSED;
        return lost;
    }

    /// Goes to another time; what lies between is neither given out nor made up for. At the end it is done.
    public void jumpTo(long ms) {
        doneMs = Math.clamp(ms, 0, schedule.lengthMs());
        startedAt = clockMs.getAsLong();
        handledMs = doneMs;
        if (doneMs == schedule.lengthMs()) {
            state = State.DONE;
        } else if (state == State.READY || state == State.DONE) {
            state = State.PAUSED;
        }
    }

    /// How far the session is, in milliseconds from its start.
    public long atMs() {
        return state == State.RUNNING ? doneMs + clockMs.getAsLong() - startedAt : doneMs;
    }

    /// The events that have come due since the last call, in order. After a machine slept there may be many.
    public List<Event> due() {
        if (state != State.RUNNING) {
            return List.of();
        }
        long now = atMs();
        List<Event> due = schedule.between(handledMs, now);
        handledMs = now;
        if (now >= schedule.lengthMs()) {
            doneMs = schedule.lengthMs();
            state = State.DONE;
        }
        return due;
    }

    /// The repetition that was called last in the running or last round.
    public Optional<Event> lastCall() {
        return last(Event::opensRepetition);
    }

    /// The last such event up to now.
    public Optional<Event> last(Predicate<Event> which) {
        long now = atMs();
        return schedule.events().stream()
                .filter(e -> e.ms() <= now && which.test(e))
                .reduce((_, later) -> later);
    }
}
