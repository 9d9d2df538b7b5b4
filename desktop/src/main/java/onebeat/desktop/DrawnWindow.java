package onebeat.desktop;

import javafx.animation.AnimationTimer;

/// Waits until the window is on screen: what a pulse lays out is drawn at the second one after it.
final class DrawnWindow extends AnimationTimer {

    private static final int PULSES = 3;

    private final Runnable then;
    private int pulses;

    private DrawnWindow(Runnable then) {
        this.then = then;
    }

    /// Does something once the window is on screen. To be called on the interface thread.
    static void then(Runnable then) {
        new DrawnWindow(then).start();
    }

    @Override
    public void handle(long now) {
        pulses++;
        if (pulses == PULSES) {
            stop();
            then.run();
        }
    }
}
