package onebeat.desktop.rope;

import onebeat.core.exchange.Level;
import onebeat.core.play.Who;

/// Where beats and centimetres lie on the rope.
///
/// @param width of the drawing in pixels
/// @param height of the drawing in pixels
/// @param beats how many beats are drawn
/// @param widestCm the largest gap that has to fit, in centimetres
record RopeScale(double width, double height, int beats, double widestCm) {

    static final double LEFT = 84;
    static final double RIGHT = 84;
    static final double TOP = 30;
    static final double BOTTOM = 62;

    /// Between two of a strand's three threads, in pixels.
    static final double THREAD = 12;

    /// Even a line that stays near is drawn as if the gap could grow so wide, so that near looks near.
    private static final double LEAST_WIDE_CM = 130;

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
        return (height - TOP - BOTTOM - 4 * THREAD) / Math.max(LEAST_WIDE_CM, widestCm);
    }

    /// The middle of a strand at a gap: half the gap above or below the middle of the drawing.
    double strand(Who who, double gapCm) {
        double half = gapCm / 2 * pixelsPerCm() + THREAD;
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
