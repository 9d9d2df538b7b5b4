package onebeat.desktop.film;

import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.scene.layout.Region;
import onebeat.core.play.Setting;
import onebeat.desktop.figures.FigureView;

/// The stand-in for a film: two figures play the exchanges that were logged.
final class DrawnPlayer implements Player {

    /// Drawn figures are stepped through in tenths of a second.
    private static final double STEP_S = 0.1;

    private static final double SAME_S = 1e-3;

    private final FigureView figures = new FigureView();
    private final DrawnReel reel;
    private final Setting atRest;
    private final Runnable moved;
    private double timeS;
    private double rate = 1;
    private final AnimationTimer timer = new AnimationTimer() {
        private long last;

        @Override
        public void start() {
            last = System.nanoTime();
            super.start();
        }

        @Override
        public void handle(long now) {
            long nanos = System.nanoTime();
            timeS = Math.min(reel.reel().seconds(), timeS + (nanos - last) / 1e9 * rate);
            last = nanos;
            draw();
            moved.run();
        }
    };

    /// @param moved told when the time has changed by itself
    DrawnPlayer(DrawnReel reel, double fromS, Runnable moved) {
        this.reel = reel;
        this.atRest = reel.atRest();
        this.moved = moved;
        figures.getStyleClass().add("on-screen");
        seek(fromS);
    }

    @Override
    public Region view() {
        return figures;
    }

    @Override
    public void play(double speed) {
        rate = speed;
        timer.start();
    }

    @Override
    public void pause() {
        timer.stop();
    }

    @Override
    public void seek(double seconds) {
        timeS = seconds;
        draw();
    }

    @Override
    public double timeS() {
        return timeS;
    }

    @Override
    public double stepped(int pictures) {
        return timeS + pictures * STEP_S;
    }

    @Override
    public boolean isAtEnd() {
        return timeS >= reel.reel().seconds() - SAME_S;
    }

    private void draw() {
        Optional<DrawnReel.Frame> frame = reel.at(timeS);
        frame.ifPresentOrElse(f -> figures.show(f.way(), f.setting(), f.beat()), () -> figures.show(null, atRest, 0));
    }

    @Override
    public void close() {
        timer.stop();
    }
}
