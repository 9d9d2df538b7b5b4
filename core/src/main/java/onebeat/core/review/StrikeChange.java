package onebeat.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Step;

/// One thing that is changed about one action of a line, as a coach does it with a finger on the rope.
public enum StrikeChange {
    /// The action is taken out; what was joined to it stays.
    OUT,
    /// A strike becomes a feint, and a feint a strike.
    FEINT,
    /// The next level that the strike can go to.
    LEVEL,
    /// The same from the other side.
    SIDE,
    /// From normal to full, from full to light, from light to normal.
    WEIGHT;

    /// The line with this change.
    ///
    /// @param read the line that the step was played from
    /// @param step an action of either side; one out of a coach's own line cannot be changed by itself
    /// @return the new line in canonical form; empty where the change makes no line, or none that differs
    public Optional<String> of(Read read, Step step, Vocabulary vocabulary) {
        if (step.placed().own().isPresent()) {
            return Optional.empty();
        }
        LineEditor editor = new LineEditor(read);
        Act act = step.placed().act();
        Optional<String> changed = switch (this) {
            case OUT -> Optional.of(editor.without(step));
            case FEINT -> strike(act).map(a -> editor.replace(step, feinted(a)));
            case LEVEL ->
                strike(act).flatMap(StrikeChange::nextLevel).map(a -> editor.replace(step, Notation.print(a)));
            case SIDE -> LineEditor.otherSide(act).map(words -> editor.replace(step, words));
            case WEIGHT -> strike(act).map(a -> editor.replace(step, Notation.print(weighed(a))));
        };
        return changed.flatMap(line -> canonical(line, vocabulary))
                .filter(line -> !canonical(read.text(), vocabulary).equals(Optional.of(line)));
    }

    private static Optional<String> canonical(String line, Vocabulary vocabulary) {
        return Notation.read(line, vocabulary) instanceof Read read ? Optional.of(read.canonical()) : Optional.empty();
    }

    private static Optional<Act> strike(Act act) {
        return Optional.of(act).filter(a -> a.technique().isStrike());
    }

    /// A full feint is none, so what is feinted loses its weight.
    private static String feinted(Act act) {
        return Notation.print(new Act(!act.feint(), act.technique(), act.level(), Intent.NORMAL, act.span()));
    }

    private static Optional<Act> nextLevel(Act act) {
        List<Level> levels = new ArrayList<>(act.technique().levels().keySet());
        for (int further = 1; further < levels.size(); further++) {
            int at = (levels.indexOf(act.level()) + further) % levels.size();
            Optional<Act> there = LineEditor.atLevel(act, levels.get(at));
            if (there.isPresent()) {
                return there;
            }
        }
        return Optional.empty();
    }

    private static Act weighed(Act act) {
        Intent next = switch (act.intent()) {
            case NORMAL -> act.feint() ? Intent.LIGHT : Intent.FULL;
            case FULL -> Intent.LIGHT;
            case LIGHT -> Intent.NORMAL;
        };
        return new Act(act.feint(), act.technique(), act.level(), next, act.span());
    }
}
