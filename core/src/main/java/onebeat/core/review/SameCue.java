package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.notation.Act;
import onebeat.core.notation.Choice;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Partner;
import onebeat.core.notation.Pause;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.play.Step;

/// SAME_CUE: two branches of a read whose cues cannot be told apart when the answer has to begin: the same, or one the
/// beginning of the other.
final class SameCue implements Rule {

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<RuleHit> found = new ArrayList<>();
        look(input, input.read().line(), found);
        return found;
    }

    private static void look(RuleInput input, Line line, List<RuleHit> found) {
        for (Item item : line.items()) {
            switch (item) {
                case Reads reads -> {
                    compare(input, reads, found);
                    reads.branches().forEach(b -> look(input, b.answer(), found));
                }
                case Repeat set -> look(input, set.line(), found);
                case Choice choice -> choice.options().forEach(option -> look(input, option, found));
                default -> {}
            }
        }
    }

    private static void compare(RuleInput input, Reads reads, List<RuleHit> found) {
        for (int j = 1; j < reads.branches().size(); j++) {
            for (int i = 0; i < j; i++) {
                Partner one = reads.branches().get(i).cue();
                Partner two = reads.branches().get(j).cue();
                if (beginAlike(words(one), words(two))) {
                    stepOf(input, two).ifPresent(step -> found.add(hit(input, step, one, two)));
                }
            }
        }
    }

    private static boolean beginAlike(List<String> one, List<String> two) {
        int shorter = Math.min(one.size(), two.size());
        return one.subList(0, shorter).equals(two.subList(0, shorter));
    }

    /// How hard it comes cannot be told in time.
    private static List<String> words(Partner cue) {
        return cue.items().stream()
                .map(item -> switch (item) {
                    case Act act -> Notation.print(act.normal());
                    case Pause _ -> "_";
                })
                .toList();
    }

    private static Optional<Step> stepOf(RuleInput input, Partner cue) {
        return input.way().steps().stream()
                .filter(s -> s.placed().span().start() >= cue.span().start()
                        && s.placed().span().end() <= cue.span().end())
                .findFirst();
    }

    private static RuleHit hit(RuleInput input, Step step, Partner one, Partner two) {
        String text = Reasons.of("SAME_CUE", said(one), said(two));
        return new RuleHit(Code.SAME_CUE, List.of(step), text, () -> mends(input, step));
    }

    private static String said(Partner cue) {
        return "(" + String.join(" ", words(cue)) + ")";
    }

    private static List<String> mends(RuleInput input, Step step) {
        return List.of("1", "2", "3", "1b", "none").stream()
                .map(cue -> input.editor().replace(step, cue))
                .toList();
    }
}
