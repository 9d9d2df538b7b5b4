package onebeat.desktop.film;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Region;

/// Plays a reel: its picture and its clock. One is drawn, the other shows a film file.
interface Player extends AutoCloseable {

    Region view();

    /// Runs at so many times its own speed.
    void play(double rate);

    void pause();

    /// Goes to a time in seconds; the picture nearest to it is shown.
    void seek(double seconds);

    /// The time of the picture that is shown, in seconds.
    double timeS();

    /// The time of the picture that is so many pictures on; back where that is below 0.
    double stepped(int pictures);

    /// The time of the picture that is nearest to a time.
    default double nearest(double seconds) {
        return seconds;
    }

    /// Small pictures of these moments are wanted, in seconds.
    default void moments(List<Double> times) {}

    /// What is known of it at a glance so far.
    default FilmGlance glance() {
        return FilmGlance.NONE;
    }

    /// What it is busy with before anything can be seen, in words; empty where it plays.
    default Optional<String> busy() {
        return Optional.empty();
    }

    /// Whether no picture comes after the one that is shown.
    boolean isAtEnd();

    @Override
    void close();
}
