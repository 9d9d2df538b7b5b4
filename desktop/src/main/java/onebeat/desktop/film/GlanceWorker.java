package onebeat.desktop.film;

import java.io.IOException;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import onebeat.core.hearing.BellRounds;
import onebeat.formats.hearing.HeardSound;
import onebeat.formats.hearing.SoundSource;
import onebeat.media.FilmFile;
import onebeat.media.FilmPicture;
import onebeat.media.FilmSoundSource;
import onebeat.media.FrameReader;
import onebeat.media.SoundPicture;

/// Listens to a film and takes small pictures of its moments, beside all else.
final class GlanceWorker implements AutoCloseable {

    /// How wide and tall small pictures may be, in pixels.
    private static final int WIDE = 112;

    private static final int TALL = 72;

    /// More moments are not pictured; they would not be told apart on the axis either.
    private static final int MOST = 400;

    /// So many come at once.
    private static final int AT_ONCE = 8;

    private final FilmFile film;
    private final Consumer<FilmGlance> told;
    private final Set<Double> known = new HashSet<>();
    private List<Double> wanted = List.of();
    private boolean closed;
    private FilmGlance glance = FilmGlance.NONE;

    /// @param told given what is known so far, on the interface's thread, each time it grows
    GlanceWorker(FilmFile film, Consumer<FilmGlance> told) {
        this.film = film;
        this.told = told;
        Thread.ofPlatform().daemon().name("glance at the film").start(this::work);
    }

    /// These moments are wanted, in seconds.
    synchronized void moments(List<Double> times) {
        wanted = times.stream().distinct().limit(MOST).toList();
        notifyAll();
    }

    private void work() {
        try {
            Optional<FrameReader> made = film.frames(0);
            if (made.isEmpty()) {
                return;
            }
            try (FrameReader reader = made.get()) {
                SoundPicture.of(film, _ -> !isClosed()).ifPresent(heard -> tell(old -> old.with(heard)));
                boolean listened = false;
                for (List<Double> next = next(listened); !isClosed(); next = next(listened)) {
                    if (next.isEmpty()) {
                        listened = true;
                        bells();
                    } else {
                        take(reader, next);
                    }
                }
            }
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }

    private synchronized boolean isClosed() {
        return closed;
    }

    /// When rounds begin, from the bells; listened for once all pictures are there, since it takes longer.
    private void bells() {
        try (SoundSource sound = FilmSoundSource.of(film).orElse(null)) {
            if (sound != null) {
                HeardSound heard = HeardSound.in(sound, _ -> !isClosed());
                List<Double> starts = BellRounds.starts(BellRounds.bells(heard.onsets()));
                tell(old -> old.withRounds(starts));
            }
        } catch (IOException _) {
            // What cannot be heard proposes nothing.
        }
    }

    /// The next few moments that have no picture yet; waits for them where nothing else is to be done. None once
    /// the film is closed, or where there is something else to do.
    private synchronized List<Double> next(boolean listened) throws InterruptedException {
        while (!closed) {
            List<Double> missing = wanted.stream()
                    .filter(at -> !known.contains(at))
                    .limit(AT_ONCE)
                    .toList();
            if (!missing.isEmpty()) {
                known.addAll(missing);
                return missing;
            }
            if (!listened) {
                return List.of();
            }
            wait();
        }
        return List.of();
    }

    private void take(FrameReader reader, List<Double> times) {
        Map<Double, FilmPicture> seen = new HashMap<>();
        for (double at : new ArrayList<>(times)) {
            if (!isClosed()) {
                reader.picture(film.times().frameAt(at), WIDE, TALL).ifPresent(picture -> seen.put(at, picture));
            }
        }
        tell(old -> {
            Map<Double, Image> images = new HashMap<>();
            seen.forEach((at, picture) -> images.put(at, image(picture)));
            return old.with(images);
        });
    }

    static Image image(FilmPicture picture) {
        PixelBuffer<IntBuffer> pixels = new PixelBuffer<>(
                picture.width(), picture.height(), picture.argb(), PixelFormat.getIntArgbPreInstance());
        return new WritableImage(pixels);
    }

    private void tell(UnaryOperator<FilmGlance> grown) {
        Platform.runLater(() -> {
            if (!isClosed()) {
                glance = grown.apply(glance);
                told.accept(glance);
            }
        });
    }

    @Override
    public synchronized void close() {
        closed = true;
        notifyAll();
    }
}
