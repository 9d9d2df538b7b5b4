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
    public List<Suspicion> check(Scene scene) {
        List<Step> strikes = scene.strikes();
        if (strikes.size() < ReviewNumbers.MONOTONOUS_FROM) {
            return List.of();
        }
        List<Suspicion> found = new ArrayList<>();
        String rung = scene.context().rung().id();
        if (scene.context().rung().asksLevels()) {
            if (isOne(strikes.stream().map(s -> s.placed().act().level()).toList())) {
                String level = Reasons.target(strikes.getFirst().placed().act().level());
                found.add(suspicion(strikes, Reasons.of("ONE_NOTE.level", level, rung), () -> otherLevels(scene)));
            } else if (isOne(strikes.stream()
                    .map(s -> s.placed().technique().isLegStrike())
                    .toList())) {
                String key = strikes.getFirst().placed().technique().isLegStrike() ? "ONE_NOTE.legs" : "ONE_NOTE.hands";
                found.add(suspicion(strikes, Reasons.of(key, rung), () -> otherKind(scene)));
            }
        }
        if (scene.context().rung().asksRhythm() && isEven(strikes)) {
            found.add(suspicion(
                    strikes.subList(1, strikes.size()),
                    Reasons.of("ONE_NOTE.rhythm", rung),
                    () -> List.of(scene.surgery().before(strikes.getLast(), "_"))));
        }
        return found;
    }

    private static Suspicion suspicion(List<Step> strikes, String text, Supplier<List<String>> mends) {
        return new Suspicion(Code.ONE_NOTE, strikes, text, mends);
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

    private static List<String> otherLevels(Scene scene) {
        List<String> mends = new ArrayList<>();
        for (Step strike : scene.strikes().subList(1, scene.strikes().size())) {
            Act act = strike.placed().act();
            for (Level level : act.technique().levels().keySet()) {
                if (level != act.level()) {
                    Catalogue.standard()
                            .atLevel(act.technique(), level)
                            .map(t -> Notation.print(new Act(act.feint(), t, level, act.intent(), act.span())))
                            .ifPresent(words -> mends.add(scene.surgery().replace(strike, words)));
                }
            }
        }
        return mends;
    }

    private static List<String> otherKind(Scene scene) {
        Step last = scene.strikes().getLast();
        return last.placed().technique().isLegStrike()
                ? List.of(scene.surgery().after(last, "1 2"), scene.surgery().after(last, "2 3"))
                : List.of(
                        scene.surgery().after(last, "rlow"),
                        scene.surgery().after(last, "inlow"),
                        scene.surgery().after(last, "rteep"));
    }
}
