package onebeat.store;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Edit.Change;
import onebeat.core.camp.Edit.OfCard;
import onebeat.core.camp.Edit.Together;
import org.jspecify.annotations.Nullable;

/// The single changes of an edit in their order, cut into steps that can be written at once: a change of the card, or
/// changes in one place of which no two are of one thing, and by which all things come, or all change, or all go.
///
/// @param steps each holds one change at least
/// @param once whether no two changes of the whole edit are of one thing
record EditSteps(List<List<Edit>> steps, boolean once) {

    /// So many changes are written between two looks at whether to go on.
    private static final int AT_ONCE = 1_000;

    EditSteps {
        steps = List.copyOf(steps);
    }

    static EditSteps of(Edit edit) {
        Cutting cutting = new Cutting();
        cutting.take(edit);
        return new EditSteps(cutting.steps, cutting.once);
    }

    /// How many single changes there are.
    int size() {
        return steps.stream().mapToInt(List::size).sum();
    }

    private record Touched(String place, String key) {}

    private static final class Cutting {

        private final List<List<Edit>> steps = new ArrayList<>();
        private final Map<Touched, Integer> touched = new HashMap<>();
        private boolean once = true;

        void take(Edit edit) {
            switch (edit) {
                case Together together -> together.edits().forEach(this::take);
                case OfCard card -> begin(card);
                case Change<?> change -> takeChange(change);
            }
        }

        private void begin(Edit edit) {
            steps.add(new ArrayList<>(List.of(edit)));
        }

        private void takeChange(Change<?> change) {
            Touched thing = new Touched(change.place().name(), keyOf(change));
            @Nullable Integer before = touched.get(thing);
            once &= before == null;
            if (steps.isEmpty() || (before != null && before == steps.size()) || !fits(change, steps.getLast())) {
                begin(change);
            } else {
                steps.getLast().add(change);
            }
            touched.put(thing, steps.size());
        }

        private static boolean fits(Change<?> change, List<Edit> step) {
            return step.size() < AT_ONCE
                    && step.getFirst() instanceof Change<?> first
                    && change.place().name().equals(first.place().name())
                    && change.before().isPresent() == first.before().isPresent()
                    && change.after().isPresent() == first.after().isPresent();
        }

        private static <T> String keyOf(Change<T> change) {
            return change.place().id().apply(change.before().or(change::after).orElseThrow());
        }
    }
}
