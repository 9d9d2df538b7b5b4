package onebeat.calibration.judgement;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Repertoire;
import onebeat.core.holding.Gear;
import onebeat.core.holding.Holder;
import onebeat.core.holding.JabSchool;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.RuleSet;
import onebeat.core.timing.Rung;
import tools.jackson.databind.JsonNode;

/// Who stands there, by which rules, with what at hand; what is not said is as in `onebeat check`.
final class Against {

    private static final double USUAL_HEIGHT = 175;
    private static final double USUAL_SPAN = 178;
    private static final double USUAL_BPM = 60;
    private static final int USUAL_DEPTH = 4;

    private final JsonNode given;

    Against(JsonNode given) {
        this.given = given;
    }

    Context context() {
        Setting setting = new Setting(
                new Fighter("athlete", stance("stance"), number("height", USUAL_HEIGHT), number("span", USUAL_SPAN)),
                new Fighter(
                        "partner",
                        stance("partner"),
                        number("partner-height", USUAL_HEIGHT),
                        number("partner-span", USUAL_SPAN)));
        return Context.of(setting)
                .with(RuleSet.of(word("rules", "kickboxing")).orElseThrow())
                .with(new Holder(gear(), JabSchool.STRAIGHT))
                .at(number("tempo", USUAL_BPM))
                .on(Rung.of(word("step", "whole")).orElseThrow());
    }

    /// As [#context()], with all rules open: for words, which may name anything.
    Context contextOfWords() {
        return given.has("rules")
                ? context()
                : context().with(RuleSet.of("mixed").orElseThrow());
    }

    int depth() {
        return given.path("depth").asInt(USUAL_DEPTH);
    }

    Repertoire repertoire() {
        return given.has("repertoire") ? Repertoire.of(word("repertoire", "")) : Repertoire.usual();
    }

    private Stance stance(String key) {
        return Stance.valueOf(word(key, "orthodox").toUpperCase(Locale.ROOT));
    }

    private Set<Gear> gear() {
        List<String> words = new ArrayList<>();
        given.path("gear").forEach(word -> words.add(word.asString()));
        Set<Gear> gear = EnumSet.noneOf(Gear.class);
        for (String word : words.isEmpty() ? List.of("mitts", "guards") : words) {
            gear.add(Gear.of(word).orElseThrow());
        }
        return gear;
    }

    private double number(String key, double usual) {
        return given.path(key).asDouble(usual);
    }

    private String word(String key, String usual) {
        return given.path(key).asString(usual);
    }
}
