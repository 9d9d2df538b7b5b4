package onebeat.core.film;

import java.util.Map;
import java.util.OptionalDouble;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.opening.Openings;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Score;
import onebeat.core.timing.Timing;

/// What an answer is worth: a bounded sum over its strikes of opening, power and mastery, less what it
/// exposes, less a little for each beat.
///
/// @param score the value
/// @param power mean power of its strikes
/// @param opening mean opening of its strikes
/// @param exposure of the whole line
/// @param oneBeat beats from the last feed to the first answer; empty where there is none
public record Value(double score, double power, double opening, double exposure, OptionalDouble oneBeat) {

    static Value of(PlayedWay way, Openings openings, Map<String, Double> mastery) {
        double gained = 0;
        double power = 0;
        double opening = 0;
        int strikes = 0;
        for (Step strike : way.strikesOf(Who.ATHLETE).toList()) {
            var found = openings.of(strike).orElseThrow();
            double his = strike.impact().orElseThrow().power();
            double mastered = mastery.getOrDefault(words(strike.placed().act()), 1.0);
            gained += Score.of(found.value(), his * mastered, found.liver());
            power += his;
            opening += found.value();
            strikes++;
        }
        return new Value(
                Score.of(gained, openings.exposure(), way.way().beats()),
                strikes == 0 ? 0 : power / strikes,
                strikes == 0 ? 0 : opening / strikes,
                openings.exposure(),
                way.strikesOf(Who.ATHLETE)
                        .map(s -> Timing.oneBeat(way, s))
                        .filter(OptionalDouble::isPresent)
                        .findFirst()
                        .orElse(OptionalDouble.empty()));
    }

    private static String words(Act act) {
        return Notation.print(act.normal());
    }
}
