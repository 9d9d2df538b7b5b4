package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.play.Step;

/// ONE_NOTE: one level, one kind or a dead-even rhythm at a stage that asks for more. Good hands start or
/// finish with a kick, good kicks with hands; an even rhythm is good for learning and bad for landing (F32,
/// common practice).
final class OneNote implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<Step> strikes = input.strikes();
        if (strikes.size() < ReviewNumbers.MONOTONOUS_FROM) {
            return List.of();
        }
        List<RuleHit> found = new ArrayList<>();
        String rung = input.context().rung().id();
        if (input.context().rung().asksLevels()) {
            if (isOne(strikes.stream().map(s -> s.placed().act().level()).toList())) {
                String level = Reasons.target(strikes.getFirst().placed().act().level());
                found.add(hit(strikes, Reasons.of("ONE_NOTE.level", level, rung), () -> otherLevels(input)));
            } else if (isOne(strikes.stream()
                    .map(s -> s.placed().technique().isLegStrike())
                    .toList())) {
                String key = strikes.getFirst().placed().technique().isLegStrike() ? "ONE_NOTE.legs" : "ONE_NOTE.hands";
                found.add(hit(strikes, Reasons.of(key, rung), () -> otherKind(input)));
            }
        }
        if (input.context().rung().asksRhythm() && isEven(strikes)) {
            found.add(hit(
                    strikes.subList(1, strikes.size()),
                    Reasons.of("ONE_NOTE.rhythm", rung),
                    () -> List.of(input.editor().before(strikes.getLast(), "_"))));
        }
        return found;
    }

    private static RuleHit hit(List<Step> strikes, String text, Supplier<List<String>> mends) {
        return new RuleHit(Code.ONE_NOTE, strikes, text, mends);
    }

    private static boolean isOne(List<?> things) {
        return things.stream().distinct().count() == 1;
    }

    private static boolean isEven(List<Step> strikes) {
        List<Double> gaps = new ArrayList<>();
        for (int i = 1; i < strikes.size(); i++) {
            gaps.add(strikes.get(i).beat().since(strikes.get(i - 1).beat()));
        }
        return isOne(gaps);
    }

    private static List<String> otherLevels(RuleInput input) {
        List<String> mends = new ArrayList<>();
        for (Step strike : input.strikes().subList(1, input.strikes().size())) {
            Act act = strike.placed().act();
            for (Level level : act.technique().levels().keySet()) {
                if (level != act.level()) {
                    Catalogue.standard()
                            .atLevel(act.technique(), level)
                            .map(t -> Notation.print(new Act(act.feint(), t, level, act.intent(), act.span())))
                            .ifPresent(words -> mends.add(input.editor().replace(strike, words)));
                }
            }
        }
        return mends;
    }

    private static List<String> otherKind(RuleInput input) {
        Step last = input.strikes().getLast();
        return last.placed().technique().isLegStrike()
                ? List.of(input.editor().after(last, "1 2"), input.editor().after(last, "2 3"))
                : List.of(
                        input.editor().after(last, "rlow"),
                        input.editor().after(last, "inlow"),
                        input.editor().after(last, "rteep"));
    }
}
