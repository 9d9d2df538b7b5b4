package onebeat.desktop.floor;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.DoubleConsumer;
import java.util.function.LongConsumer;
import javafx.application.Platform;
import onebeat.core.hearing.HeardRepetition;
import onebeat.core.hearing.HeardRound;
import onebeat.core.hearing.Onset;
import onebeat.core.hearing.OnsetDetector;
import onebeat.core.hearing.Placement;
import onebeat.core.hearing.PlannedContact;
import onebeat.core.hearing.PlannedRound;
import onebeat.core.hearing.RoundPlacing;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.sound.Microphone;
import onebeat.desktop.sound.Microphone.Ear;
import org.jspecify.annotations.Nullable;

/// Listens while a session runs, on a thread of its own, and tells after each repetition what was heard of its
/// round. Each stretch of the clock without a pause or a jump is heard by itself; while the clock stands only the
/// level and single hits are told. No sound is kept: what is left are the times of hits.
final class RoundListening implements AutoCloseable {

    /// A hit is known so long after it came, in milliseconds, and a little more.
    private static final double KNOWN_AFTER_MS = 60;

    /// Loudspeaker, air and card may be so late together, in milliseconds.
    private static final double LATE_SOUND_MS = 300;

    /// So long a hit is seen, in seconds.
    private static final double SEEN_S = 0.2;

    private static final double PART_S = 0.01;

    private final Microphone microphone;
    private final Told told;
    private @Nullable Stretch stretch;

    /// Who is told, on the interface's thread.
    ///
    /// @param level how loud it is, from 0 to 1
    /// @param hit told of each hit as soon as it is known, in milliseconds of the run
    /// @param heard what was heard of a round so far, by its number
    /// @param broken told where no more sound comes
    record Told(DoubleConsumer level, LongConsumer hit, BiConsumer<Integer, HeardRound> heard, Runnable broken) {}

    RoundListening(Microphone microphone, Told told) {
        this.microphone = microphone;
        this.told = told;
    }

    boolean isStandIn() {
        return microphone.isStandIn();
    }

    /// Listens from here on, as long as the run goes on.
    ///
    /// @return whether there is a microphone
    boolean follow(Run run) {
        pause();
        Optional<Ear> ear = microphone.open(run.schedule(), run::atMs);
        ear.ifPresent(open -> {
            Stretch begun = new Stretch(open, run);
            stretch = begun;
            Thread.ofPlatform().daemon().name("listening to pads").start(begun);
        });
        return ear.isPresent();
    }

    void pause() {
        if (stretch != null) {
            stretch.stop();
            stretch = null;
        }
    }

    @Override
    public void close() {
        pause();
    }

    /// A stretch of the clock that is heard without a break.
    private final class Stretch implements Runnable {

        private final Ear ear;
        private final Run run;
        private final long fromMs;
        private final boolean runs;
        private final OnsetDetector detector;
        private final Map<Integer, PlannedRound> planned = new HashMap<>();
        private final Map<Integer, Integer> toldUpTo = new HashMap<>();
        private volatile boolean stopped;
        private double loudest;
        private long toldLevelAt;

        /// A level was told and is not seen yet: a window that is behind is not given more of them.
        private volatile boolean levelWaits;

        private int known;
        private double seenUntilS;

        Stretch(Ear ear, Run run) {
            this.ear = ear;
            this.run = run;
            this.fromMs = run.atMs();
            this.runs = run.state() == Run.State.RUNNING;
            this.detector = new OnsetDetector(ear.rate());
        }

        void stop() {
            stopped = true;
        }

        @Override
        public void run() {
            try (ear) {
                float[] part = new float[(int) (ear.rate() * PART_S)];
                while (!stopped) {
                    int count = ear.read(part);
                    if (count < 0) {
                        tell(told.broken());
                        return;
                    }
                    if (count > 0) {
                        level(part, count);
                        detector.hear(part, 0, count);
                        hits();
                        if (runs) {
                            repetitions();
                        }
                    }
                }
            }
        }

        private void tell(Runnable what) {
            Platform.runLater(() -> {
                if (!stopped) {
                    what.run();
                }
            });
        }

        private void hits() {
            for (Onset onset : known < detector.count() ? detector.onsetsFrom(known) : List.<Onset>of()) {
                long ms = fromMs + Math.round(onset.ms());
                if (onset.kind().isHit()) {
                    seenUntilS = detector.seconds() + SEEN_S;
                    tell(() -> told.hit().accept(ms));
                }
            }
            known = detector.count();
        }

        private void level(float[] part, int count) {
            for (int i = 0; i < count; i++) {
                loudest = Math.max(loudest, Math.abs(part[i]));
            }
            long tenth = (long) (detector.seconds() * 10);
            if (tenth > toldLevelAt && !levelWaits) {
                toldLevelAt = tenth;
                levelWaits = true;
                double level = detector.seconds() < seenUntilS ? 1 : loudest;
                loudest = 0;
                tell(() -> {
                    levelWaits = false;
                    told.level().accept(level);
                });
            }
        }

        /// Tells of the round as soon as another of its repetitions is over.
        private void repetitions() {
            double nowMs = fromMs + detector.seconds() * 1000;
            Schedule schedule = run.schedule();
            for (int round = 0; round < schedule.rounds().size(); round++) {
                var on = schedule.rounds().get(round);
                if (nowMs < on.startMs() || fromMs > on.endMs() || isOver(round, nowMs, on.endMs())) {
                    continue;
                }
                PlannedRound plan = planned.computeIfAbsent(round, r -> PlannedRound.of(schedule, r));
                int before = toldUpTo.getOrDefault(round, 0);
                int over = over(plan, before, nowMs - on.startMs());
                if (over > before) {
                    toldUpTo.put(round, over);
                    int of = round;
                    HeardRound heard = heard(plan, over, (double) on.startMs() - fromMs);
                    tell(() -> told.heard().accept(of, heard));
                }
            }
        }

        private boolean isOver(int round, double nowMs, long endMs) {
            PlannedRound plan = planned.get(round);
            return nowMs > endMs + 5_000
                    && plan != null
                    && toldUpTo.getOrDefault(round, 0) >= plan.starts().size();
        }

        /// How many repetitions are over.
        ///
        /// @param before so many were already
        private int over(PlannedRound plan, int before, double inRoundMs) {
            int over = before;
            while (over < plan.starts().size() && inRoundMs >= knownAt(plan, over)) {
                over++;
            }
            return over;
        }

        /// When all that belongs to a repetition was heard, in milliseconds from the bell.
        private static double knownAt(PlannedRound plan, int repetition) {
            List<PlannedContact> contacts = plan.of(repetition);
            List<Double> starts = plan.starts();
            double last = contacts.isEmpty()
                    ? starts.get(repetition)
                    : contacts.getLast().ms();
            double next = repetition + 1 < starts.size() ? starts.get(repetition + 1) : Double.MAX_VALUE;
            return Math.min(last + HeardRound.LATEST_MS, Math.max(last, next)) + KNOWN_AFTER_MS;
        }

        /// The repetitions that are over; those that come are not missing.
        private HeardRound heard(PlannedRound plan, int over, double bellMs) {
            List<Onset> onsets = detector.onsets();
            Placement placed = RoundPlacing.near(plan, onsets, detector.seconds(), bellMs, LATE_SOUND_MS)
                    .orElse(Placement.byClock(bellMs));
            HeardRound all = HeardRound.of(plan, onsets, placed, detector.seconds());
            List<HeardRepetition> done =
                    all.repetitions().stream().filter(r -> r.number() < over).toList();
            return new HeardRound(placed, done);
        }
    }
}
