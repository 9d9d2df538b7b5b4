package onebeat.desktop.rope;

import onebeat.core.exchange.Level;
import onebeat.core.play.Who;

/// Where beats and centimetres lie on the rope.
///
/// @param width of the drawing in pixels
/// @param height of the drawing in pixels
/// @param stretch the beats that are drawn
/// @param widestCm the largest gap that has to fit, in centimetres
/// @param lanes how many ways lie under one another behind a fork; 1 without reads
/// @param letters how large the letters are, as a share of the usual size; the room for words grows with them
record RopeScale(double width, double height, Stretch stretch, double widestCm, int lanes, double letters) {

    private static final double LEFT = 84;

    /// From this height on there is room for the names of the bands at the right, and for openings under the grades.
    private static final double TALL_FROM = 235;

    private static final double WITH_NAMES = 114;
    private static final double WITHOUT_NAMES = 34;

    private static final double TOP = 30;
    private static final double BOTTOM = 62;
    private static final double TALL_BOTTOM = 78;

    /// Room for the words between two lanes.
    private static final double BETWEEN = 54;

    /// A lane less tall than this shows no distance.
    private static final double LEAST_LANE = 46;

    /// Between two of a strand's three threads, in pixels.
    private static final double THREAD = 12;

    private static final double NARROW_THREAD = 6;

    /// Even a line that stays near is drawn as if the gap could grow so wide, so that near looks near.
    private static final double LEAST_WIDE_CM = 130;

    RopeScale(double width, double height, int beats, double widestCm) {
        this(width, height, Stretch.whole(beats), widestCm, 1, 1);
    }

    boolean isTall() {
        return height >= TALL_FROM * letters;
    }

    /// What is kept free at the left, for the names, in pixels.
    double left() {
        return LEFT * letters;
    }

    /// What is kept free at the right, in pixels.
    double right() {
        return (isTall() && lanes == 1 ? WITH_NAMES : WITHOUT_NAMES) * letters;
    }

    /// What is kept free above the strands, in pixels.
    double top() {
        return TOP * letters;
    }

    /// Down to here the strands lie, in pixels from above.
    double bottom() {
        return height - (isTall() ? TALL_BOTTOM : BOTTOM) * letters;
    }

    double x(double beat) {
        return left() + (beat - stretch.from() + 0.75) * step();
    }

    double beatAt(double x) {
        return (x - left()) / step() - 0.75 + stretch.from();
    }

    /// The width of a beat, in pixels.
    double step() {
        return (width - left() - right()) / (stretch.beats() + 0.5);
    }

    /// How many lanes there is room for, from 1.
    static int mostLanes(double height, double letters) {
        double room = height - (TOP + BOTTOM) * letters + BETWEEN * letters;
        return Math.max(1, (int) (room / (LEAST_LANE + BETWEEN * letters)));
    }

    double threadGap() {
        return lanes == 1 ? THREAD : NARROW_THREAD;
    }

    private double between() {
        return BETWEEN * letters;
    }

    /// How tall one lane is, in pixels.
    double laneHeight() {
        return (bottom() - top() - between() * (lanes - 1)) / lanes;
    }

    /// The middle of a lane, counted from 0 at the top.
    double middle(double lane) {
        return top() + laneHeight() / 2 + lane * (laneHeight() + between());
    }

    double pixelsPerCm() {
        return (laneHeight() - 4 * threadGap()) / Math.max(LEAST_WIDE_CM, widestCm);
    }

    /// Half a gap as it is drawn, from the middle of its lane.
    double half(double gapCm) {
        return gapCm / 2 * pixelsPerCm() + threadGap();
    }

    /// The middle of a strand at a gap: half the gap above or below the middle of its lane.
    double strand(Who who, double gapCm, double lane) {
        double half = half(gapCm);
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
