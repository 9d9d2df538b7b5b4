package onebeat.desktop.rope;

import onebeat.core.exchange.Level;
import onebeat.core.play.Who;

/// Where beats and centimetres lie on the rope.
///
/// @param width of the drawing in pixels
/// @param height of the drawing in pixels
/// @param beats how many beats are drawn
/// @param widestCm the largest gap that has to fit, in centimetres
/// @param lanes how many ways lie under one another behind a fork; 1 without reads
record RopeScale(double width, double height, int beats, double widestCm, int lanes) {

    static final double LEFT = 84;

    /// From this height on there is room for the names of the bands at the right.
    static final double NAMES_FROM = 235;

    private static final double WITH_NAMES = 114;
    private static final double WITHOUT_NAMES = 34;

    static final double TOP = 30;
    static final double BOTTOM = 62;

    /// Room for the words between two lanes.
    private static final double BETWEEN = 54;

    /// Between two of a strand's three threads, in pixels.
    private static final double THREAD = 12;

    private static final double NARROW_THREAD = 6;

    /// Even a line that stays near is drawn as if the gap could grow so wide, so that near looks near.
    private static final double LEAST_WIDE_CM = 130;

    RopeScale(double width, double height, int beats, double widestCm) {
        this(width, height, beats, widestCm, 1);
    }

    /// What is kept free at the right, in pixels.
    double right() {
        return height < NAMES_FROM ? WITHOUT_NAMES : WITH_NAMES;
    }

    double x(double beat) {
        double step = (width - LEFT - right()) / (beats + 0.5);
        return LEFT + (beat + 0.75) * step;
    }

    double beatAt(double x) {
        double step = (width - LEFT - right()) / (beats + 0.5);
        return (x - LEFT) / step - 0.75;
    }

    double threadGap() {
        return lanes == 1 ? THREAD : NARROW_THREAD;
    }

    private double laneHeight() {
        return (height - TOP - BOTTOM - BETWEEN * (lanes - 1)) / lanes;
    }

    /// The middle of a lane, counted from 0 at the top.
    double middle(double lane) {
        return TOP + laneHeight() / 2 + lane * (laneHeight() + BETWEEN);
    }

    double pixelsPerCm() {
        return (laneHeight() - 4 * threadGap()) / Math.max(LEAST_WIDE_CM, widestCm);
    }

    /// The middle of a strand at a gap: half the gap above or below the middle of its lane.
    double strand(Who who, double gapCm, double lane) {
        double half = gapCm / 2 * pixelsPerCm() + threadGap();
        return who == Who.PARTNER ? middle(lane) - half : middle(lane) + half;
    }

    /// How far a thread lies from the middle of its strand; the head's is the upper one for both.
    double thread(Level level) {
        return switch (level) {
            case HEAD -> -threadGap();
            case BODY, NONE -> 0;
            case LEG, CALF -> threadGap();
        };
    }
}
