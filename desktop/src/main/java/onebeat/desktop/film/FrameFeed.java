package onebeat.desktop.film;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import onebeat.media.FilmFile;
import onebeat.media.FilmOpening;
import onebeat.media.FilmPicture;
import onebeat.media.FrameReader;
import org.jspecify.annotations.Nullable;

/// Decodes the frames of a film on a thread of its own: the one that is asked for, or those that a clock comes to.
/// While
/// the film stands still, what lies before is decoded ahead, so that going back does not wait.
final class FrameFeed implements AutoCloseable {

    /// How much decoded film is kept, in bytes.
    private static final long KEPT = 96L << 20;

    /// So many frames before the one that is seen are decoded ahead: about a second.
    private static final int AHEAD = 30;

    private static final long NANOS = 1_000_000;
    private static final long SHORTEST_WAIT_MS = 2;
    private static final long LONGEST_WAIT_MS = 15;

    /// Who is told what came of it, on the feed's thread.
    interface Told {

        void opened(FilmFile film);

        /// How far the reading through has come, from 0 to 1.
        void reading(double share);

        void refused(String sentence);

        void picture(FilmPicture picture);
    }

    private final Told told;
    private double stillS;
    private @Nullable DoubleSupplier clock;
    private int width = 640;
    private int height = 360;
    private boolean closed;
    private long asked;

    /// Begins to open a film.
    FrameFeed(Path path, Told told) {
        this.told = told;
        Thread.ofPlatform().daemon().name("frames of the film").start(() -> work(path));
    }

    /// The picture at this time is wanted, and stays.
    synchronized void still(double timeS) {
        stillS = timeS;
        clock = null;
        ask();
    }

    /// The pictures that this clock comes to are wanted. It tells the time in seconds.
    synchronized void run(DoubleSupplier by) {
        clock = by;
        ask();
    }

    /// Pictures are wanted as large as this, in pixels.
    synchronized void room(int wide, int tall) {
        if (wide != width || tall != height) {
            width = Math.max(1, wide);
            height = Math.max(1, tall);
            ask();
        }
    }

    private void ask() {
        asked++;
        notifyAll();
    }

    private synchronized boolean isOld(long number) {
        return closed || asked != number;
    }

    private void work(Path path) {
        FilmOpening opening = FilmFile.open(path, share -> {
            told.reading(share);
            return !isClosed();
        });
        switch (opening) {
            case FilmOpening.Refused(String sentence) -> told.refused(sentence);
            case FilmOpening.Opened(FilmFile film) -> show(film);
        }
    }

    private synchronized boolean isClosed() {
        return closed;
    }

    private void show(FilmFile film) {
        Optional<FrameReader> made = film.frames(KEPT);
        if (made.isEmpty()) {
            told.refused(film.path() + " went away while it was being opened. Find it, or open another one.");
            return;
        }
        try (FrameReader reader = made.get()) {
            told.opened(film);
            feed(film, reader);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }

    /// What is wanted at one moment.
    private record Wanted(long number, double timeS, boolean runs, int width, int height) {}

    private synchronized Wanted wanted() {
        DoubleSupplier by = clock;
        return new Wanted(asked, by == null ? stillS : by.getAsDouble(), by != null, width, height);
    }

    private void feed(FilmFile film, FrameReader reader) throws InterruptedException {
        int shown = -1;
        long answered = -1;
        while (!isClosed()) {
            Wanted now = wanted();
            int frame = film.times().frameAt(now.timeS);
            if (frame != shown || answered != now.number) {
                reader.picture(frame, now.width, now.height).ifPresent(told::picture);
                shown = frame;
                answered = now.number;
            }
            if (now.runs) {
                double nextS = film.times().timeS(frame + 1) - now.timeS;
                waitFor(Math.clamp((long) (nextS * 1000), SHORTEST_WAIT_MS, LONGEST_WAIT_MS), now.number);
            } else {
                reader.prepare(frame, AHEAD, _ -> !isOld(now.number));
                waitFor(0, now.number);
            }
        }
    }

    /// Waits until something else is wanted.
    ///
    /// @param ms at most so long; 0 for as long as it takes
    private synchronized void waitFor(long ms, long number) throws InterruptedException {
        long until = System.nanoTime() + ms * NANOS;
        while (!closed && asked == number) {
            long left = ms == 0 ? 0 : (until - System.nanoTime()) / NANOS;
            if (ms > 0 && left <= 0) {
                return;
            }
            wait(left);
        }
    }

    @Override
    public synchronized void close() {
        closed = true;
        notifyAll();
    }
}
