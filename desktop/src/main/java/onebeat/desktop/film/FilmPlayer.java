package onebeat.desktop.film;

import java.nio.file.Path;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.animation.PauseTransition;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.media.Media;
import javafx.scene.media.MediaException;
import javafx.scene.media.MediaPlayer;
import javafx.scene.media.MediaView;
import javafx.util.Duration;
import onebeat.desktop.text.Texts;

/// A film file. It is only read, where it lies.
final class FilmPlayer implements Player {

    /// So long after a jump the film tells where it got to.
    private static final Duration SETTLE = Duration.millis(150);

    private final MediaPlayer player;
    private final PauseTransition settled = new PauseTransition(SETTLE);
    private final StackPane view = new StackPane();

    /// Where to go as soon as the film can be shown.
    private OptionalDouble wanted;

    /// The rate to run at as soon as it can.
    private OptionalDouble runs = OptionalDouble.empty();

    private boolean ready;
    private boolean wrong;

    /// A film that is neither ready nor wrong after so long cannot be played.
    private final PauseTransition patience = new PauseTransition(Duration.seconds(8));

    private FilmPlayer(MediaPlayer player, double fromS, Runnable moved, DoubleConsumer lengthS) {
        this.player = player;
        this.wanted = OptionalDouble.of(fromS);
        MediaView picture = new MediaView(player);
        picture.setPreserveRatio(true);
        picture.fitWidthProperty().bind(view.widthProperty());
        picture.fitHeightProperty().bind(view.heightProperty());
        view.getChildren().setAll(picture);
        view.setMinSize(0, 0);
        player.setMute(true);
        player.setOnReady(() -> {
            ready = true;
            patience.stop();
            lengthS.accept(player.getTotalDuration().toSeconds());
            wanted.ifPresent(this::seek);
            runs.ifPresent(this::play);
        });
        player.currentTimeProperty().addListener((_, _, _) -> moved.run());
        settled.setOnFinished(_ -> {
            wanted = OptionalDouble.empty();
            moved.run();
        });
    }

    /// Opens a film.
    ///
    /// @param lengthS told how long it is, in seconds, once that is known
    /// @param cannot told, in words, why it cannot be played; now or later
    /// @param moved told when the time has changed
    /// @return the player; after `cannot` it is of no use
    static FilmPlayer open(Path file, double fromS, DoubleConsumer lengthS, Consumer<String> cannot, Runnable moved) {
        Media media = new Media(file.toUri().toString());
        MediaPlayer player = new MediaPlayer(media);
        FilmPlayer film = new FilmPlayer(player, fromS, moved, lengthS);
        Runnable told = film.once(() -> cannot.accept(reason(file, player.getError())));
        player.setOnError(told);
        media.setOnError(told);
        player.setOnHalted(told);
        film.patience.setOnFinished(_ -> told.run());
        film.patience.play();
        if (player.getError() != null || media.getError() != null) {
            told.run();
        }
        return film;
    }

    /// An error may be told in several ways, or before anybody listens, or not at all: then the film is
    /// never ready.
    private Runnable once(Runnable tell) {
        return () -> {
            if (!wrong) {
                wrong = true;
                patience.stop();
                tell.run();
            }
        };
    }

    /// Why a film cannot be played.
    static String reason(Path file, MediaException why) {
        String kind = why == null
                ? "UNKNOWN"
                : switch (why.getType()) {
                    case MEDIA_UNSUPPORTED, MEDIA_CORRUPTED, MEDIA_INACCESSIBLE, MEDIA_UNAVAILABLE ->
                        why.getType().name();
                    default -> "UNKNOWN";
                };
        return Texts.of("film.cannot." + kind, file.getFileName());
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public void play(double rate) {
        runs = OptionalDouble.of(rate);
        if (ready) {
            player.setRate(rate);
            player.play();
        }
    }

    @Override
    public void pause() {
        runs = OptionalDouble.empty();
        if (ready) {
            player.pause();
        }
    }

    @Override
    public void seek(double seconds) {
        wanted = OptionalDouble.of(seconds);
        if (ready) {
            player.seek(Duration.seconds(seconds));
            settled.playFromStart();
        }
    }

    /// The position that the player gives; until it has got there, the one that was asked for.
    @Override
    public double timeS() {
        return wanted.orElseGet(() -> player.getCurrentTime().toSeconds());
    }

    /// Whether the time is the film's own and no jump is under way.
    boolean isThere() {
        return ready && wanted.isEmpty();
    }

    @Override
    public void close() {
        settled.stop();
        patience.stop();
        player.dispose();
    }
}
