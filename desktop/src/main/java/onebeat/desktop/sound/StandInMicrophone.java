package onebeat.desktop.sound;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import onebeat.core.rounds.Schedule;
import onebeat.formats.hearing.Background;
import onebeat.formats.hearing.PadRound;
import onebeat.formats.hearing.PadScene.Through;

/// A microphone that hears pad work that nobody did: each round of the schedule, drawn from a seed, as far as the
/// run's clock is. For the demo, for tests, and to try the hearing out on a machine without a microphone.
public final class StandInMicrophone implements Microphone {

    private static final int RATE = 44_100;
    private static final double SNR_DB = 24;
    private static final double ECHO = 0.3;
    private static final int WAIT_MS = 5;

    private final long seed;
    private final Map<String, PadRound> rounds = new HashMap<>();

    /// @param seed of what is done: the same seed is the same evening
    public StandInMicrophone(long seed) {
        this.seed = seed;
    }

    @Override
    public boolean isStandIn() {
        return true;
    }

    @Override
    public Optional<Ear> open(Schedule schedule, LongSupplier runMs) {
        return Optional.of(new StandInEar(schedule, runMs));
    }

    /// What is done in a round, with the truth of it.
    public synchronized Optional<PadRound> done(Schedule schedule, int round) {
        String id = schedule.rounds().get(round).part().plan().id();
        try {
            if (!rounds.containsKey(id)) {
                Through through = new Through(SNR_DB, Background.HISS, ECHO, 1, RATE);
                rounds.put(id, PadRound.of(schedule, round, new PadRound.Taken(through, 0, 0, 0), seed + round));
            }
            return Optional.ofNullable(rounds.get(id));
        } catch (IOException _) {
            // A sound that does not ship is a fault of the build; nothing is heard then.
            return Optional.empty();
        }
    }

    private final class StandInEar implements Ear {

        private final Schedule schedule;
        private final LongSupplier runMs;
        private long given;
        private volatile boolean closed;

        StandInEar(Schedule schedule, LongSupplier runMs) {
            this.schedule = schedule;
            this.runMs = runMs;
            this.given = samples(runMs.getAsLong());
        }

        private long samples(long ms) {
            return ms * RATE / 1000;
        }

        @Override
        public int rate() {
            return RATE;
        }

        @Override
        public int read(float[] into) {
            if (closed) {
                return -1;
            }
            int count = Math.clamp(samples(runMs.getAsLong()) - given, 0, into.length);
            if (count == 0) {
                return waited() ? 0 : -1;
            }
            for (int i = 0; i < count; i++) {
                into[i] = 0;
            }
            for (int r = 0; r < schedule.rounds().size(); r++) {
                lay(r, into, count);
            }
            given += count;
            return count;
        }

        private void lay(int round, float[] into, int count) {
            long from = samples(schedule.rounds().get(round).startMs());
            long to = samples(schedule.rounds().get(round).endMs()) + 2 * RATE;
            if (given + count <= from || given >= to) {
                return;
            }
            done(schedule, round).ifPresent(pads -> {
                for (int i = 0; i < count; i++) {
                    long at = given + i - from;
                    if (at >= 0 && at < pads.sound().length()) {
                        into[i] += pads.sound().at((int) at);
                    }
                }
            });
        }

        private boolean waited() {
            try {
                Thread.sleep(WAIT_MS);
                return true;
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
                return false;
            }
        }

        @Override
        public void close() {
            closed = true;
        }
    }
}
