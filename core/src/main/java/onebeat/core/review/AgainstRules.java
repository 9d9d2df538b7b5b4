package onebeat.core.review;

import java.util.List;
import java.util.stream.Stream;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.play.Step;

/// AGAINST_RULES: a strike, a target or a hold that the rule set does not allow, by either of the two.
final class AgainstRules implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        return input.way().steps().stream()
                .filter(s -> !input.context()
                        .rules()
                        .allows(s.placed().technique(), s.placed().act().level()))
                .map(s -> hit(input, s))
                .toList();
    }

    private static RuleHit hit(RuleInput input, Step step) {
        Level level = step.placed().act().level();
        String rules = Reasons.of("rules." + input.context().rules().id());
        String text = level == Level.NONE
                ? Reasons.of("AGAINST_RULES.hold", Reasons.beat(step), Reasons.name(step), rules)
                : Reasons.of("AGAINST_RULES", Reasons.beat(step), Reasons.name(step), Reasons.target(level), rules);
        return new RuleHit(Code.AGAINST_RULES, List.of(step), text, () -> mends(input, step));
    }

    /// The same side with what is allowed: the same strike elsewhere, or a punch; else it is left out.
    private static List<String> mends(RuleInput input, Step step) {
        RuleSet rules = input.context().rules();
        Act act = step.placed().act();
        Stream<String> elsewhere = act.technique().levels().keySet().stream()
                .filter(level -> rules.allows(act.technique(), level))
                .flatMap(level -> Catalogue.standard().atLevel(act.technique(), level).stream()
                        .map(t -> words(act, t, level)));
        Stream<String> punches = Catalogue.standard().all().stream()
                .filter(t -> t.family() == Family.PUNCH && t.isNumbered())
                .filter(t -> t.fixedSide().equals(step.placed().side())
                        && t.path() == act.technique().path())
                .flatMap(t -> Stream.of(act.level(), Level.BODY, Level.HEAD)
                        .filter(level -> t.levels().containsKey(level) && rules.allows(t, level))
                        .findFirst()
                        .map(level -> words(act, t, level))
                        .stream());
        LineEditor editor = input.editor();
        return Stream.concat(
                        Stream.concat(elsewhere, punches).map(words -> editor.replace(step, words)),
                        Stream.of(editor.without(step), withoutAll(input)))
                .toList();
    }

    /// With nothing left that the rules forbid.
    private static String withoutAll(RuleInput input) {
        return input.editor()
                .without(input.way().steps().stream()
                        .filter(s -> !input.context()
                                .rules()
                                .allows(s.placed().technique(), s.placed().act().level()))
                        .toList());
    }

    private static String words(Act act, Technique technique, Level level) {
        return Notation.print(new Act(act.feint(), technique, level, act.intent(), act.span()));
    }
}
