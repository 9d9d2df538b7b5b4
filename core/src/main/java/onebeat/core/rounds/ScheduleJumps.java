package onebeat.core.rounds;

import java.util.stream.LongStream;
import onebeat.core.rounds.Schedule.Between;
import onebeat.core.rounds.Schedule.Stretch;

/// Where a coach goes in a session that runs: to what comes next, to what runs now from its start, or back for a
/// longer rest. Times are milliseconds from the start of the session.
public final class ScheduleJumps {

    private ScheduleJumps() {}

    private static LongStream starts(Schedule schedule) {
        return LongStream.concat(
                schedule.rounds().stream().mapToLong(Stretch::startMs),
                schedule.between().stream().mapToLong(Between::startMs));
    }

    /// Where the next stretch begins; the end where none comes, so that an evening can be ended early.
    public static long next(Schedule schedule, long nowMs) {
        return starts(schedule).filter(s -> s > nowMs).min().orElse(schedule.lengthMs());
    }

    private static long sameStart(Schedule schedule, long nowMs) {
        return starts(schedule).filter(s -> s <= nowMs).max().orElse(0);
    }

    /// Where what runs now began; in a rest the round before it.
    public static long again(Schedule schedule, long nowMs) {
        boolean rests = schedule.betweenAt(nowMs)
                .map(b -> b.block().kind() == Block.Kind.REST)
                .orElse(false);
        LongStream rounds = schedule.rounds().stream().mapToLong(Stretch::startMs);
        return rests ? rounds.filter(s -> s <= nowMs).max().orElse(0) : sameStart(schedule, nowMs);
    }

    /// So much earlier in the rest that runs now; the time itself in a round.
    public static long longerRest(Schedule schedule, long nowMs, long moreMs) {
        boolean rests =
                schedule.betweenAt(nowMs).isPresent() && schedule.roundAt(nowMs).isEmpty();
        return rests ? Math.max(sameStart(schedule, nowMs), nowMs - moreMs) : nowMs;
    }
}
