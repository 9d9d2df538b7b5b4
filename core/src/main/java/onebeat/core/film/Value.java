package onebeat.core.film;

import java.util.Comparator;
import java.util.Map;
import java.util.OptionalDouble;
import onebeat.core.exchange.Constants;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.opening.Openings;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Score;
import onebeat.core.timing.Timing;

/// What an answer is worth: a bounded sum over its strikes of opening, effect and mastery, less what it
/// exposes, less a little for each beat.
///
/// @param score the value
/// @param power mean power of its strikes
/// @param effect mean effect of its strikes, a full cross to the head being 1
/// @param opening mean opening of its strikes
/// @param exposure of the whole line
/// @param oneBeat beats from the last feed to the first answer; empty where there is none
public record Value(
        double score, double power, double effect, double opening, double exposure, OptionalDouble oneBeat) {

    private static final double SURETY =
            Constants.of(Value.class, "habits.csv", "number").get("surety");

    /// How sure a strike of an answer is so many beats after what it answers: an answer on the beat or the next goes as
    /// thought, and the further in a chain a strike is, the less it does.
    static double surety(double beats) {
        return beats <= 1 ? 1 : StrictMath.pow(SURETY, beats - 1);
    }

    /// How many beats a strike comes after the last thing that the partner does before it.
    static double beatsAfter(PlayedWay way, Step strike) {
        return way.of(Who.PARTNER)
                .map(Step::beat)
                .filter(beat -> beat.compareTo(strike.beat()) <= 0)
                .max(Comparator.naturalOrder())
                .map(beat -> strike.beat().since(beat))
                .orElseGet(() -> strike.beat().inBeats());
    }

    static Value of(PlayedWay way, Openings openings, Map<String, Double> mastery) {
        double gained = 0;
        double power = 0;
        double effect = 0;
        double opening = 0;
        int strikes = 0;
        for (Step strike : way.strikesOf(Who.ATHLETE).toList()) {
            var found = openings.of(strike).orElseThrow();
            double mastered = mastery.getOrDefault(words(strike.placed().act()), 1.0);
            gained += Score.of(found.value(), found.effect() * mastered) * surety(beatsAfter(way, strike));
            power += strike.impact().orElseThrow().power();
            effect += found.effect();
            opening += found.value();
            strikes++;
        }
        return new Value(
                Score.of(gained, openings.exposure(), way.way().beats()),
                strikes == 0 ? 0 : power / strikes,
                strikes == 0 ? 0 : effect / strikes,
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
