package onebeat.desktop.rope;

import java.util.List;
import java.util.stream.IntStream;
import onebeat.core.play.Moment;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;

/// The part of a line that is drawn at once. More beats than the most cannot be told apart; a longer line is turned
/// over like a page as the mark goes on.
///
/// @param from the first beat that is drawn, from 0
/// @param beats how many are drawn, from 1
record Stretch(int from, int beats) {

    /// On a picture of usual width each of so many beats still has room for a short call.
    static final int MOST = 48;

    /// How many beats before the mark are drawn when the page turns.
    private static final int BEFORE = 8;

    /// A whole line.
    static Stretch whole(int all) {
        return new Stretch(0, Math.max(1, all));
    }

    /// This page while it fits the line and holds the mark, else the page that the mark is on.
    ///
    /// @param all how many beats the line has
    Stretch at(double mark, int all) {
        if (all <= MOST) {
            return whole(all);
        }
        if (beats == MOST && to() <= all && mark >= from - 1 && mark <= to()) {
            return this;
        }
        return new Stretch(Math.clamp((int) Math.floor(mark) - BEFORE, 0, all - MOST), MOST);
    }

    /// The beat behind the last one that is drawn.
    int to() {
        return from + beats;
    }

    private boolean holds(double beat) {
        return beat > from - 1 && beat < to();
    }

    /// The beats that are drawn.
    IntStream all() {
        return IntStream.range(from, to());
    }

    /// What is done on the way within it.
    List<Step> steps(PlayedWay way) {
        return way.steps().stream().filter(step -> holds(step.beat().inBeats())).toList();
    }

    /// The moments of the way within it, and the last one before it, so that there is always one to begin with.
    List<Moment> moments(PlayedWay way) {
        List<Moment> all = way.moments();
        int first = 0;
        while (first + 1 < all.size() && all.get(first + 1).beat().inBeats() <= from - 1) {
            first++;
        }
        return all.stream()
                .skip(first)
                .filter(moment -> moment.beat().inBeats() < to())
                .toList();
    }
}
