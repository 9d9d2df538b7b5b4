package onebeat.core.review;

import java.util.Locale;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Phrases;
import onebeat.core.exchange.Side;
import onebeat.core.opening.Zone;
import onebeat.core.play.Step;

/// Makes the sentences of findings from `vocabulary.properties`.
final class Reasons {

    private static final Phrases TEXTS = Phrases.of("reasons");

    private Reasons() {}

    static String of(String key, Object... values) {
        return TEXTS.say(key, values);
    }

    /// A beat as coaches count it, from 1: `2` or `2½`.
    static String beat(Step step) {
        return step.beat().words();
    }

    static String name(Step step) {
        return step.placed().technique().name();
    }

    static String target(Level level) {
        return TEXTS.say("target." + level.name());
    }

    static String zone(Zone zone) {
        return TEXTS.say("zone." + zone.name());
    }

    static String side(Side side) {
        return TEXTS.say("side." + side.name());
    }

    /// A length in whole centimetres, at least 1.
    static String cm(double cm) {
        return Math.max(1, Math.round(cm)) + " cm";
    }

    /// An opening or a power on the scale from 0 to 1.
    static String share(double share) {
        return String.format(Locale.ROOT, "%.2f", share);
    }

    static String percent(double share) {
        return Math.round(share * 100) + " %";
    }
}
