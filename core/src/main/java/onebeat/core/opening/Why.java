package onebeat.core.opening;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.exchange.Phrases;
import onebeat.core.notation.Act;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// Says why a strike is there, from its credits: each action that it names would be missed.
public final class Why {

    /// A gain smaller than this is not worth a word. A default.
    private static final double WORTH = 0.015;

    /// Reasons in one sentence.
    private static final int MOST = 2;

    /// A strike so many beats back does not work by its own reaction any more but by what it has taught. A default.
    private static final double TAUGHT_BEATS = 3;

    private static final Phrases TEXTS = Phrases.of(Why.class, "onebeat.core.opening.why");

    private Why() {}

    /// The credits that the sentence names, the largest first.
    public static List<Credit> reasons(Opening opening) {
        return opening.credits().stream()
                .filter(c -> c.gain() >= WORTH)
                .limit(MOST)
                .toList();
    }

    /// The sentence; empty where nothing before it opened the place.
    ///
    /// @param zone the place in words
    public static Optional<String> sentence(PlayedWay way, Opening opening, String zone) {
        List<Credit> reasons = reasons(opening);
        if (reasons.isEmpty()) {
            return Optional.empty();
        }
        Step strike = way.steps().get(opening.step());
        String because = reasons.stream()
                .map(c -> reason(way.steps().get(c.step()), strike, c.gain()))
                .reduce((a, b) -> TEXTS.say("and", a, b))
                .orElseThrow();
        String open = String.format(Locale.ROOT, "%.2f", opening.value());
        return Optional.of(capital(TEXTS.say("sentence", zone, open, because)));
    }

    private static String reason(Step step, Step strike, double gain) {
        Act act = step.placed().act();
        String beat = step.beat().words();
        return TEXTS.say(kind(step, strike), act.technique().name(), beat, String.format(Locale.ROOT, "%+.2f", gain));
    }

    private static String kind(Step step, Step strike) {
        Act act = step.placed().act();
        if (step.who() == Who.PARTNER) {
            return act.isStrike() ? "fed" : "told";
        }
        if (act.feint()) {
            return "feint";
        }
        if (!act.technique().isStrike()) {
            return "other";
        }
        if (strike.beat().since(step.beat()) > TAUGHT_BEATS) {
            return "again";
        }
        return switch (act.level()) {
            case HEAD -> "head";
            case BODY, NONE -> "body";
            case LEG, CALF -> "leg";
        };
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
