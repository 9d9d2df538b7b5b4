package onebeat.core.opening;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.exchange.Phrases;
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

    private static final Phrases TEXTS = Phrases.of("why");

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
                .map(c -> reason(way, way.steps().get(c.step()), strike, c))
                .reduce((a, b) -> TEXTS.say("and", a, b))
                .orElseThrow();
        String open = String.format(Locale.ROOT, "%.2f", opening.value());
        return Optional.of(capital(TEXTS.say("sentence", zone, open, because)));
    }

    /// What somebody does in a posture, as the end of a sentence: `covers high`.
    public static String does(Posture posture) {
        return TEXTS.say("does." + posture);
    }

    /// What somebody is made to do: `cover high`.
    public static String make(Posture posture) {
        return TEXTS.say("make." + posture);
    }

    private static String reason(PlayedWay way, Step step, Step strike, Credit credit) {
        String name = step.placed().act().technique().name();
        String beat = step.beat().words();
        String gain = String.format(Locale.ROOT, "%+.2f", credit.gain());
        if (step.who() == Who.PARTNER) {
            return step.placed().act().isStrike()
                    ? TEXTS.say("fed", name, beat, gain)
                    : credit.by()
                            .map(p -> TEXTS.say("told", name, beat, gain, does(p)))
                            .orElseGet(() -> TEXTS.say("told.plain", name, beat, gain));
        }
        boolean meets = step.placed().meets().isPresent()
                && way.steps().get(step.placed().meets().getAsInt()).who() == Who.PARTNER;
        if (meets) {
            return TEXTS.say("met", name, beat, gain);
        }
        boolean taught = strike.beat().since(step.beat()) > TAUGHT_BEATS;
        if (taught || credit.by().isEmpty()) {
            return TEXTS.say(taught && step.placed().technique().isStrike() ? "again" : "other", name, beat, gain);
        }
        String key = step.placed().act().feint() ? "by.feint" : "by";
        return TEXTS.say(key, name, beat, gain, make(credit.by().get()));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
