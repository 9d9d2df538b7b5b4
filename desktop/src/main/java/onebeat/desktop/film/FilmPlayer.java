package onebeat.desktop.film;

import java.nio.IntBuffer;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import onebeat.desktop.sound.StreamedSound;
import onebeat.desktop.text.Texts;
import onebeat.media.FilmFile;
import onebeat.media.FilmPicture;
import org.jspecify.annotations.Nullable;

/// A film file. It is only read, where it lies. Its time is that of the frame that is shown.
final class FilmPlayer implements Player {

    /// Only at this speed the film is heard.
    private static final double OWN_SPEED = 1;

    private static final double PERCENT = 100;

    /// No larger pictures are decoded than this, in pixels: a film that is magnified is stretched beyond.
    private static final int LARGEST = 1920;

    /// Who is told what became of the film, on the interface's thread.
    interface Told {

        /// It can be played.
        void opened(FilmFile film);

        /// It cannot, and why.
        void cannot(String sentence);

        /// The time has changed.
        void moved();
    }

    private final Told told;
    private final FrameFeed feed;
    private final FilmSound sound;
    private final ImageView picture = new ImageView();
    private final StackPane view = new StackPane(picture);
    private final AtomicReference<@Nullable FilmPicture> newest = new AtomicReference<>();
    private final AtomicBoolean reads = new AtomicBoolean();
    private @Nullable PixelBuffer<IntBuffer> pixels;
    private Optional<FilmFile> film = Optional.empty();
    private Optional<GlanceWorker> worker = Optional.empty();
    private FilmGlance glance = FilmGlance.NONE;
    private List<Double> moments = List.of();
    private volatile double read;
    private double wantedS;
    private double shownS = -1;
    private double rate;
    private boolean closed;

    /// Opens a film; what comes of it is told later.
    FilmPlayer(Path file, double fromS, StreamedSound out, Told told) {
        this.told = told;
        this.wantedS = fromS;
        this.sound = new FilmSound(out);
        picture.setPreserveRatio(true);
        picture.setSmooth(true);
        picture.fitWidthProperty().bind(view.widthProperty());
        picture.fitHeightProperty().bind(view.heightProperty());
        view.setMinSize(0, 0);
        this.feed = new FrameFeed(file, new FrameFeed.Told() {
            @Override
            public void opened(FilmFile opened) {
                later(() -> FilmPlayer.this.opened(opened));
            }

            @Override
            public void reading(double share) {
                read = share;
                if (reads.compareAndSet(false, true)) {
                    later(() -> {
                        reads.set(false);
                        told.moved();
                    });
                }
            }

            @Override
            public void refused(String sentence) {
                later(() -> told.cannot(sentence + " " + Texts.of("film.figures")));
            }

            @Override
            public void picture(FilmPicture now) {
                if (newest.getAndSet(now) == null) {
                    later(FilmPlayer.this::show);
                }
            }
        });
        feed.still(fromS);
        view.widthProperty().addListener((_, _, _) -> room());
        view.heightProperty().addListener((_, _, _) -> room());
    }

    private void later(Runnable what) {
        Platform.runLater(() -> {
            if (!closed) {
                what.run();
            }
        });
    }

    private void room() {
        double scale = view.getScene() == null || view.getScene().getWindow() == null
                ? 1
                : view.getScene().getWindow().getOutputScaleX();
        feed.room((int) Math.min(LARGEST, view.getWidth() * scale), (int) Math.min(LARGEST, view.getHeight() * scale));
    }

    private void opened(FilmFile opened) {
        film = Optional.of(opened);
        GlanceWorker looks = new GlanceWorker(opened, now -> {
            glance = now;
            told.moved();
        });
        looks.moments(moments);
        worker = Optional.of(looks);
        told.opened(opened);
        if (rate > 0) {
            run();
        } else {
            seek(wantedS);
        }
    }

    /// Shows the newest picture; those that came meanwhile are left out.
    private void show() {
        FilmPicture now = newest.getAndSet(null);
        if (now == null) {
            return;
        }
        PixelBuffer<IntBuffer> known = pixels;
        if (known == null || known.getWidth() != now.width() || known.getHeight() != now.height()) {
            known = new PixelBuffer<>(
                    now.width(),
                    now.height(),
                    IntBuffer.allocate(now.width() * now.height()),
                    PixelFormat.getIntArgbPreInstance());
            pixels = known;
            picture.setImage(new WritableImage(known));
        }
        IntBuffer to = known.getBuffer();
        to.clear();
        to.put(now.argb().duplicate());
        to.clear();
        known.updateBuffer(_ -> null);
        shownS = now.timeS();
        if (rate > 0) {
            wantedS = now.timeS();
        }
        told.moved();
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public void play(double speed) {
        rate = speed;
        film.ifPresent(_ -> run());
    }

    private void run() {
        double fromS = wantedS;
        double speed = rate;
        long begun = System.nanoTime();
        if (speed == OWN_SPEED) {
            film.ifPresent(opened -> sound.begin(opened, fromS));
        } else {
            sound.end();
        }
        // What is heard leads, so that picture and sound stay together.
        feed.run(() -> sound.heardS().orElseGet(() -> fromS + (System.nanoTime() - begun) / 1e9 * speed));
    }

    @Override
    public void pause() {
        rate = 0;
        sound.end();
        feed.still(wantedS);
    }

    @Override
    public void seek(double seconds) {
        wantedS = film.map(opened -> opened.times().timeS(opened.times().frameAt(seconds)))
                .orElse(seconds);
        if (rate > 0 && film.isPresent()) {
            run();
        } else {
            feed.still(wantedS);
        }
    }

    @Override
    public double timeS() {
        return wantedS;
    }

    @Override
    public double stepped(int frames) {
        return film.map(opened -> {
                    int frame = opened.times().frameAt(wantedS);
                    return opened.times().timeS(frame + frames);
                })
                .orElse(wantedS);
    }

    @Override
    public double nearest(double seconds) {
        return film.map(opened -> opened.times().timeS(opened.times().nearest(seconds)))
                .orElse(seconds);
    }

    @Override
    public void moments(List<Double> times) {
        moments = times;
        worker.ifPresent(w -> w.moments(times));
    }

    @Override
    public FilmGlance glance() {
        return glance;
    }

    @Override
    public Optional<String> busy() {
        return film.isPresent() ? Optional.empty() : Optional.of(Texts.of("film.reading", Math.round(read * PERCENT)));
    }

    @Override
    public boolean isAtEnd() {
        return film.isPresent() && stepped(1) <= wantedS;
    }

    /// The film, once it is open.
    Optional<FilmFile> film() {
        return film;
    }

    /// Whether the picture that is shown is the one that is wanted.
    boolean isThere() {
        return film.isPresent() && shownS == wantedS;
    }

    @Override
    public void close() {
        closed = true;
        sound.end();
        feed.close();
        worker.ifPresent(GlanceWorker::close);
    }
}
