package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Notation;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// TELEGRAPH: a pattern that is shown three times or more and that nothing breaks at the end, or always the same end
/// from the same start: the partner waits for it (F19, F23, common practice).
///
/// What the partner feeds breaks a pattern: then it is an answer.
final class Telegraph implements Rule {

    /// Longer patterns nobody waits for.
    private static final int LONGEST = 4;

    @Override
    public List<RuleHit> check(RuleInput input) {
        List<Step> run = lastRun(input);
        for (int period = 1; period <= LONGEST; period++) {
            int times = times(run, period);
            if (times >= ReviewNumbers.BURST_FROM && isOfOneKind(run.subList(run.size() - period, run.size()))) {
                return List.of();
            }
            if (times >= ReviewNumbers.TELEGRAPH_FROM + (period == 1 ? 1 : 0)) {
                return List.of(hit(input, run.subList(run.size() - period, run.size()), times));
            }
        }
        return List.of();
    }

    /// Non-stop work on one thing: a burst and no pattern (F42, J24).
    private static boolean isOfOneKind(List<Step> pattern) {
        Technique first = pattern.getFirst().placed().technique();
        return pattern.stream()
                .map(s -> s.placed().technique())
                .allMatch(t -> t.isStrike() && t.path() == first.path() && t.part() == first.part());
    }

    /// What the athlete does after the partner's last doing, up to the last strike.
    private static List<Step> lastRun(RuleInput input) {
        int lastStrike =
                input.strikes().isEmpty() ? -1 : input.strikes().getLast().index();
        int lastHis = input.way()
                .of(Who.PARTNER)
                .mapToInt(Step::index)
                .filter(i -> i < lastStrike)
                .max()
                .orElse(-1);
        List<Step> run = new ArrayList<>();
        for (Step step : input.own()) {
            if (step.index() > lastHis && step.index() <= lastStrike) {
                run.add(step);
            }
        }
        return run;
    }

    /// How often the last so many actions came one after the other without a break.
    private static int times(List<Step> run, int period) {
        int times = 1;
        for (int end = run.size() - period; end >= period; end -= period) {
            for (int i = 1; i <= period; i++) {
                if (!same(run.get(run.size() - i), run.get(end - i))) {
                    return hasStrike(run, period) ? times : 0;
                }
            }
            times++;
        }
        return run.size() >= period && hasStrike(run, period) ? times : 0;
    }

    private static boolean hasStrike(List<Step> run, int period) {
        return run.subList(run.size() - period, run.size()).stream()
                .anyMatch(s -> s.placed().act().isStrike());
    }

    private static boolean same(Step one, Step other) {
        return one.placed().technique().equals(other.placed().technique())
                && one.placed().act().level() == other.placed().act().level()
                && one.placed().act().feint() == other.placed().act().feint()
                && one.before().stance() == other.before().stance();
    }

    private static RuleHit hit(RuleInput input, List<Step> pattern, int times) {
        String words = String.join(" ", pattern.stream().map(LineEditor::words).toList());
        Step last = pattern.getLast();
        return new RuleHit(
                Code.TELEGRAPH, List.of(last), Reasons.of("TELEGRAPH", words, times), () -> mends(input, last));
    }

    /// Another end: another level, the other side.
    private static List<String> mends(RuleInput input, Step last) {
        List<String> mends = new ArrayList<>();
        for (Level level : last.placed().technique().levels().keySet()) {
            if (level != last.placed().act().level()) {
                LineEditor.atLevel(last.placed().act(), level)
                        .ifPresent(act -> mends.add(input.editor().replace(last, Notation.print(act))));
            }
        }
        LineEditor.otherSide(last.placed().act())
                .ifPresent(words -> mends.add(input.editor().replace(last, words)));
        mends.add(input.editor().append("3"));
        mends.add(input.editor().append("2b"));
        return mends;
    }
}
