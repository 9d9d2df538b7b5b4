package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.notation.Act;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Span;
import onebeat.core.play.Step;

/// COUNTABLE: a set with a fixed count of two or more before a feint or a pattern break. An athlete who is asked for a
/// fixed number of lead-ins learns to count and not to read (F23, F46; common practice).
final class Countable implements Rule {

    @Override
    public List<Suspicion> check(Scene scene) {
        List<Suspicion> found = new ArrayList<>();
        look(scene, scene.read().line(), found);
        return found;
    }

    private static void look(Scene scene, Line line, List<Suspicion> found) {
        for (int i = 0; i < line.items().size(); i++) {
            Item item = line.items().get(i);
            if (item instanceof Repeat set) {
                look(scene, set.line(), found);
                if (set.least() == set.most() && set.least() > 1) {
                    breakAfter(set, line.items().subList(i + 1, line.items().size()))
                            .flatMap(act -> stepAt(scene, act.span()))
                            .ifPresent(step -> found.add(suspicion(scene, set, step)));
                }
            } else if (item instanceof Reads reads) {
                reads.branches().forEach(b -> look(scene, b.answer(), found));
            }
        }
    }

    /// What follows the set, if it feints or begins like the set and ends otherwise.
    private static Optional<Act> breakAfter(Repeat set, List<Item> rest) {
        Optional<Act> next = rest.stream().flatMap(i -> first(i).stream()).findFirst();
        Optional<Act> shown =
                set.line().items().stream().flatMap(i -> first(i).stream()).findFirst();
        return next.filter(act -> act.feint()
                || shown.filter(s -> s.technique().equals(act.technique()) && s.level() == act.level())
                        .isPresent()
                || shown.filter(s ->
                                s.technique().counts() > 1 && act.technique().counts() > 1)
                        .isPresent());
    }

    private static Optional<Act> first(Item item) {
        return item instanceof Half half
                ? half.units().stream()
                        .flatMap(u -> u.calls().stream())
                        .filter(Act.class::isInstance)
                        .map(Act.class::cast)
                        .findFirst()
                : Optional.empty();
    }

    private static Optional<Step> stepAt(Scene scene, Span span) {
        return scene.way().steps().stream()
                .filter(s -> s.placed().span().equals(span))
                .findFirst();
    }

    private static Suspicion suspicion(Scene scene, Repeat set, Step step) {
        int n = set.least();
        String text = Reasons.of("COUNTABLE", n, Math.max(1, n - 1), n + 1);
        return new Suspicion(
                Code.COUNTABLE,
                List.of(step),
                text,
                () -> List.of(scene.surgery().recounted(set, Math.max(1, n - 1), n + 1)));
    }
}
