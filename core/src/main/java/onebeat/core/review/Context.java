package onebeat.core.review;

import onebeat.core.holding.Holder;
import onebeat.core.notation.Vocabulary;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.Setting;
import onebeat.core.timing.Rung;

/// What a line is reviewed against: who stands there, the names in use, the coach's severities and rules,
/// the tempo and the ladder step at which it is drilled, and what is known of the partner.
///
/// @param bpm beats a minute
/// @param seenBefore how often the line was run already in the round
/// @param holder what the partner has at hand
/// @param limits how many touches the coach allows in one repetition
public record Context(
        Setting setting,
        Vocabulary vocabulary,
        Severities severities,
        RuleSet rules,
        double bpm,
        Rung rung,
        PartnerModel partner,
        int seenBefore,
        Holder holder,
        Limits limits) {

    public Context {
        setting = setting.at(bpm);
    }

    /// Beats a minute where nothing is said.
    public static final double USUAL_BPM = 60;

    /// Two of usual build in orthodox stance, the catalogue and the default severities.
    public static Context usual() {
        return of(Setting.usual());
    }

    /// The catalogue, the default severities, kickboxing rules and the whole line at 60 beats a minute for
    /// these two.
    public static Context of(Setting setting) {
        return new Context(
                setting,
                Vocabulary.standard()
                        .spokenBy(setting.athlete().stance(), setting.partner().stance()),
                Severities.usual(),
                RuleSet.usual(),
                USUAL_BPM,
                Rung.WHOLE,
                PartnerModel.usual(),
                0,
                Holder.usual(),
                Limits.none());
    }

    public Context with(Setting changed) {
        return new Context(changed, vocabulary, severities, rules, bpm, rung, partner, seenBefore, holder, limits);
    }

    public Context with(Vocabulary changed) {
        return new Context(setting, changed, severities, rules, bpm, rung, partner, seenBefore, holder, limits);
    }

    public Context with(Severities changed) {
        return new Context(setting, vocabulary, changed, rules, bpm, rung, partner, seenBefore, holder, limits);
    }

    public Context with(RuleSet changed) {
        return new Context(setting, vocabulary, severities, changed, bpm, rung, partner, seenBefore, holder, limits);
    }

    public Context at(double changedBpm) {
        return new Context(
                setting, vocabulary, severities, rules, changedBpm, rung, partner, seenBefore, holder, limits);
    }

    public Context on(Rung changed) {
        return new Context(setting, vocabulary, severities, rules, bpm, changed, partner, seenBefore, holder, limits);
    }

    public Context with(PartnerModel changed) {
        return new Context(setting, vocabulary, severities, rules, bpm, rung, changed, seenBefore, holder, limits);
    }

    public Context seenBefore(int times) {
        return new Context(setting, vocabulary, severities, rules, bpm, rung, partner, times, holder, limits);
    }

    public Context with(Holder changed) {
        return new Context(setting, vocabulary, severities, rules, bpm, rung, partner, seenBefore, changed, limits);
    }

    public Context with(Limits changed) {
        return new Context(setting, vocabulary, severities, rules, bpm, rung, partner, seenBefore, holder, changed);
    }
}
