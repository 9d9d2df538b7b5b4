package onebeat.desktop.weeks;

import java.util.List;
import onebeat.core.timing.Rung;

/// Where the days, the lines and their steps stand on the unrolled cord, in pixels.
///
/// @param left where the first day stands
/// @param step from one day to the next
/// @param days how many there are
/// @param firstLane where the strand of the first line has its room
/// @param larger how much larger than usual the letters are
record WeeksScale(double left, double step, int days, double firstLane, double larger) {

    private static final double LANE = 32;
    private static final double CLIMB = 20;

    /// Nothing is drawn yet.
    static final WeeksScale NONE = new WeeksScale(0, 1, 0, 0, 1);

    double x(int day) {
        return left + day * step;
    }

    double end() {
        return x(days);
    }

    /// The strand of a line, at a step of the ladder.
    double y(int line, Rung rung) {
        double bottom = firstLane + (line + 1) * LANE * larger - 7;
        List<Rung> rungs = List.of(Rung.values());
        return bottom - rungs.indexOf(rung) / (double) (rungs.size() - 1) * CLIMB * larger;
    }

    double bottom(int lines) {
        return firstLane + lines * LANE * larger + 8;
    }

    boolean isLeftOfDays(double x) {
        return x < left;
    }

    /// The day nearest to a place.
    int day(double x) {
        return Math.clamp(Math.round((x - left) / step), 0, Math.max(0, days - 1));
    }

    /// The line whose strand has its room here; a number out of its range where none has.
    int line(double y) {
        return (int) Math.floor((y - firstLane) / (LANE * larger));
    }
}
