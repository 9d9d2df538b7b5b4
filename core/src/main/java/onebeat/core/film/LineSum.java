package onebeat.core.film;

import java.util.Map;
import onebeat.core.notation.Notation;
import onebeat.core.opening.Openings;
import onebeat.core.play.PlayedWay;
import onebeat.core.review.Score;

/// What a line has gained and exposed so far.
///
/// @param exposed the sum of what it exposes, without the last action's part and the beat after it
/// @param pending what the last action exposes before it is known what follows
/// @param count how many there are of both
/// @param after beats since the last thing that the partner did
record LineSum(double gained, double exposed, double pending, int count, int beats, int after) {

    static LineSum of(Beginnings.Beginning beginning, Map<String, Double> mastery) {
        PlayedWay way = beginning.way();
        Openings openings = beginning.openings();
        double gained = 0;
        for (var strike : beginning.strikes()) {
            var found = openings.of(strike).orElseThrow();
            gained += Score.of(
                            found.value(),
                            found.effect()
                                    * mastery.getOrDefault(
                                            Notation.print(strike.placed().act()), 1.0))
                    * Value.surety(Value.beatsAfter(way, strike));
        }
        double pending = 0;
        double exposed = openings.fedExposure();
        for (Map.Entry<Integer, Double> one : openings.exposures().entrySet()) {
            boolean last = way.steps().get(one.getKey()).beat().equals(beginning.lastBeat());
            pending += last ? one.getValue() : 0;
            exposed += last ? 0 : one.getValue();
        }
        return new LineSum(
                gained,
                exposed,
                pending,
                openings.exposures().size() + beginning.feeds(),
                way.way().beats(),
                beginning.after());
    }
}
