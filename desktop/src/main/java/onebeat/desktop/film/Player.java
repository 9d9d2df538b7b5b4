package onebeat.desktop.film;

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

    @Override
    void close();
}
