package onebeat.core.review;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;
import onebeat.core.exchange.Level;
import onebeat.core.play.Beat;
import onebeat.core.play.Step;

/// Makes the sentences of findings from `reasons.properties`.
final class Reasons {

    private static final ResourceBundle TEXTS =
            ResourceBundle.getBundle("onebeat.core.review.reasons", Locale.ROOT, Reasons.class.getClassLoader());

    private Reasons() {}

    static String of(String key, Object... values) {
        return new MessageFormat(TEXTS.getString(key), Locale.ROOT).format(values);
    }

    /// A beat as coaches count it, from 1: `2` or `2½`.
    static String beat(Step step) {
        Beat beat = step.beat();
        return (Math.floorDiv(beat.halves(), 2) + 1) + (beat.halves() % 2 == 0 ? "" : "½");
    }

    static String name(Step step) {
        return step.placed().technique().name();
    }

    static String target(Level level) {
        return TEXTS.getString("target." + level.name());
    }

    static String percent(double share) {
        return Math.round(share * 100) + " %";
    }
}
