package onebeat.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Phrases;
import onebeat.core.film.SetupCause.How;
import onebeat.core.opening.Opening;
import onebeat.core.opening.Why;
import onebeat.core.play.Names;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;

/// Why a setup is proposed: the reaction wanted, what causes it, what makes the cause credible, what is found open, and
/// the way out.
///
/// @param landing the strike that shall land
/// @param opening what is open for it
/// @param before what leads into the cause; may be empty
/// @param exit the way out; may be empty
record SetupReasons(
        Step landing,
        Opening opening,
        SetupCause cause,
        Optional<WantedReaction> reaction,
        String before,
        String exit) {

    private static final Phrases WORDS = Phrases.of("setups");

    /// The sentences, in the order of the line.
    List<String> told(Setting setting) {
        List<String> reasons = new ArrayList<>();
        String name = landing.placed().technique().name();
        String place = WORDS.say("zone." + opening.zone());
        reaction.ifPresentOrElse(
                r -> {
                    reasons.add(WORDS.say("wanted", name, Why.make(r.posture()), place));
                    reasons.add(WORDS.say(
                            cause.how() == How.FEINT ? "cause.feint" : "cause",
                            r.cause().technique().name(),
                            level(r.cause().act().level()),
                            Math.round(100 * r.chance())));
                },
                () -> reasons.add(WORDS.say("how." + cause.how(), name, place, cause.text())));
        if (cause.how() == How.FEINT) {
            reasons.add(WORDS.say("earned"));
        }
        if (cause.how() == How.TWICE) {
            reasons.add(WORDS.say("twice"));
        }
        if (!before.isEmpty()) {
            reasons.add(WORDS.say("leadin", before));
        }
        reasons.add(WORDS.say(
                "found",
                name,
                String.format(Locale.ROOT, "%.2f", opening.value()),
                String.format(
                        Locale.ROOT, "%.2f", landing.impact().orElseThrow().power())));
        if (!exit.isEmpty()) {
            reasons.add(WORDS.say("exit." + exit));
        }
        return reasons.stream().map(r -> Names.in(r, setting)).toList();
    }

    private static String level(Level level) {
        return WORDS.say("level." + level);
    }
}
