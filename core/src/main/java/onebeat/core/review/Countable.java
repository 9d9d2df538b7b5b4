package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.notation.Act;
import onebeat.core.notation.Call;
import onebeat.core.notation.Choice;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Span;
import onebeat.core.notation.Unit;
import onebeat.core.play.Step;

/// COUNTABLE: a set with a fixed count of two or more before a feint or a pattern break. An athlete who is asked for a
/// fixed number of lead-ins learns to count and not to read (F23, F46; common practice).
final class Countable implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<RuleHit> found = new ArrayList<>();
        look(input, input.read().line(), found);
        flat(input).ifPresent(found::add);
        return found;
    }

    /// The same pair written out one after the other, then begun again with another end, counts like a set (F23).
    private static Optional<RuleHit> flat(RuleInput input) {
        List<Item> items = input.read().line().items();
        if (!comesAgain(items)) {
            return Optional.empty();
        }
        List<String> words =
                items.stream().map(i -> Notation.print(new Line(List.of(i)))).toList();
        for (int start = 0; start + LEAST_FLAT <= items.size(); start++) {
            List<String> pair = words.subList(start, start + 2);
            int times = 1;
            while (start + 2 * times + 2 <= items.size()
                    && words.subList(start + 2 * times, start + 2 * times + 2).equals(pair)) {
                times++;
            }
            int next = start + 2 * times;
            boolean broken = times > 1
                    && next + 1 < items.size()
                    && words.get(next).equals(words.get(start))
                    && areStrikes(items.subList(start, next + 2));
            if (broken) {
                int most = Math.min(times + 1, MOST_TIMES);
                String set = "[" + String.join(" ", pair) + "]*" + Math.max(1, times - 1) + ".." + most;
                Span span = items.get(start).span().to(items.get(next - 1).span());
                String text = Reasons.of("COUNTABLE.flat", times, Math.max(1, times - 1), most);
                return stepAt(input, first(items.get(next)).orElseThrow().span())
                        .map(step -> new RuleHit(
                                Code.COUNTABLE,
                                List.of(step),
                                text,
                                () -> List.of(input.editor().replace(span, set))));
            }
        }
        return Optional.empty();
    }

    /// Whether any item begins like the one two before it: only then it is worth comparing their words.
    private static boolean comesAgain(List<Item> items) {
        List<Optional<Act>> acts = items.stream().map(Countable::first).toList();
        for (int i = 2; i < acts.size(); i++) {
            Optional<Act> act = acts.get(i);
            Optional<Act> before = acts.get(i - 2);
            if (act.isPresent()
                    && before.isPresent()
                    && act.get().technique().equals(before.get().technique())
                    && act.get().level() == before.get().level()) {
                return true;
            }
        }
        return false;
    }

    private static final int MOST_TIMES = 99;

    /// A pair twice, and the beginning of a third.
    private static final int LEAST_FLAT = 5;

    private static boolean areStrikes(List<Item> items) {
        return items.stream().allMatch(i -> first(i).filter(Act::isStrike).isPresent());
    }

    private static void look(RuleInput input, Line line, List<RuleHit> found) {
        for (int i = 0; i < line.items().size(); i++) {
            Item item = line.items().get(i);
            if (item instanceof Repeat set) {
                look(input, set.line(), found);
                if (set.least() == set.most() && set.least() > 1) {
                    breakAfter(set, line.items().subList(i + 1, line.items().size()))
                            .flatMap(act -> stepAt(input, act.span()))
                            .ifPresent(step -> found.add(hit(input, set, step)));
                }
            } else if (item instanceof Reads reads) {
                reads.branches().forEach(b -> look(input, b.answer(), found));
            } else if (item instanceof Choice choice) {
                choice.options().forEach(option -> look(input, option, found));
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
        if (item instanceof Half half) {
            for (Unit unit : half.units()) {
                for (Call call : unit.calls()) {
                    if (call instanceof Act act) {
                        return Optional.of(act);
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Step> stepAt(RuleInput input, Span span) {
        return input.way().steps().stream()
                .filter(s -> s.placed().span().equals(span))
                .findFirst();
    }

    private static RuleHit hit(RuleInput input, Repeat set, Step step) {
        int n = set.least();
        String text = Reasons.of("COUNTABLE", n, Math.max(1, n - 1), n + 1);
        return new RuleHit(
                Code.COUNTABLE,
                List.of(step),
                text,
                () -> List.of(input.editor().recounted(set, Math.max(1, n - 1), n + 1)));
    }
}
