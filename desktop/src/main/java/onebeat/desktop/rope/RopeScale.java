package onebeat.desktop.rope;

import onebeat.core.exchange.Level;
import onebeat.core.play.Who;

/// Where beats and centimetres lie on the rope.
///
/// @param width of the drawing in pixels
/// @param height of the drawing in pixels
/// @param beats how many beats are drawn
record RopeScale(double width, double height, int beats) {

    static final double LEFT = 96;
    static final double RIGHT = 28;
    static final double TOP = 30;
    static final double BOTTOM = 62;

    /// Between two of a strand's three threads, in pixels.
    static final double THREAD = 12;

    /// The largest gap that is drawn to scale, in centimetres.
    private static final double WIDEST_CM = 195;

    double x(double beat) {
        double step = (width - LEFT - RIGHT) / (beats + 0.5);
        return LEFT + (beat + 0.75) * step;
    }

    double beatAt(double x) {
        double step = (width - LEFT - RIGHT) / (beats + 0.5);
        return (x - LEFT) / step - 0.75;
    }

    double middle() {
        return TOP + (height - TOP - BOTTOM) / 2;
    }

    double pixelsPerCm() {
        return (height - TOP - BOTTOM - 4 * THREAD) / WIDEST_CM;
    }

    /// The middle of a strand at a gap: half the gap above or below the middle of the drawing.
    double strand(Who who, double gapCm) {
        double half = Math.min(gapCm, WIDEST_CM) / 2 * pixelsPerCm() + THREAD;
        return who == Who.PARTNER ? middle() - half : middle() + half;
    }

    /// How far a thread lies from the middle of its strand; the head's is the upper one for both.
    static double thread(Level level) {
        return switch (level) {
            case HEAD -> -THREAD;
            case BODY, NONE -> 0;
            case LEG, CALF -> THREAD;
        };
    }
}
